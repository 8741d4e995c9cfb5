import { coverage } from './coverage';
import { effort } from './effort';
import { kit } from './kit';
import type { RulePage } from './model';
import { numbers } from './numbers';
import { order } from './order';
import { safety } from './safety';
import { setting } from './setting';

/** Rules by what they are about, as the shelf of rules lists them. */
export const ruleShelf: readonly { title: string; pages: Record<string, RulePage> }[] = [
  { title: 'Safety', pages: safety },
  { title: 'Order', pages: order },
  { title: 'Effort', pages: effort },
  { title: 'Coverage and dose', pages: coverage },
  { title: 'Sets, reps and loads', pages: numbers },
  { title: 'Settings', pages: setting },
  { title: 'Kit and time', pages: kit },
];

export const rulePages: Record<string, RulePage> = Object.assign({}, ...ruleShelf.map((s) => s.pages));

import type { Context } from './context';
import { knowledgeOf } from './knowing';

/** How sure something that was learnt of a client is, in words. */
export type Surety = 'not known yet' | 'a first hint' | 'fairly sure';

/** One thing a client is like, as their log shows it. A model's estimate. */
export interface Trait {
  is: 'tires' | 'judges' | 'bends';
  says: string;
  surety: Surety;
}

/** A trait this near the usual is the usual; known less than this it is not told. Own estimates. */
const USUAL = { tires: 0.2, judges: 0.25, bends: 0.08 };

/** How much of what was unsure before is gone, as words. */
function suretyOf(variance: number, before: number): Surety {
  const left = Math.sqrt(variance) / before;
  return left > 0.95 ? 'not known yet' : left > 0.7 ? 'a first hint' : 'fairly sure';
}

/**
 * What the log shows a client to be like beside the usual: how quickly they tire from set to set, how they judge what is
 * left, how many repetitions they have at light loads. In plain words, with how sure that is.
 */
export function clientNature(context: Context): Trait[] {
  const { belief } = knowledgeOf(context).training;
  const { tiring, bias, ownCurve } = belief;
  const beside = (off: number, usual: number, less: string, same: string, more: string): string =>
    off < -usual ? less : off > usual ? more : same;
  const percent = (log: number): number => Math.round(Math.abs(Math.exp(log) - 1) * 100);
  const judged = Math.round(Math.abs(bias.mean) * 10) / 10;
  return [
    {
      is: 'tires',
      surety: suretyOf(tiring.variance, 0.25),
      says: beside(
        tiring.mean,
        USUAL.tires,
        'Loses fewer reps from set to set than the published tables say.',
        'Loses reps from set to set as the published tables say.',
        'Loses more reps from set to set than the published tables say.',
      ),
    },
    {
      is: 'judges',
      surety: context.client.judging === undefined ? suretyOf(bias.variance, 0.45) : 'fairly sure',
      says: beside(
        bias.mean,
        USUAL.judges,
        `Says more is left than there is, by about ${judged} of a rep with three left.`,
        'Says about what is left.',
        `Leaves about ${judged} of a rep more than they say, with three left; less near failure.`,
      ),
    },
    {
      is: 'bends',
      surety: suretyOf(ownCurve.variance, 0.23),
      says: beside(
        ownCurve.mean,
        USUAL.bends,
        `Has about ${percent(ownCurve.mean)} % fewer reps at light loads than most of the same max.`,
        'Has about as many reps at light loads as most of the same max.',
        `Has about ${percent(ownCurve.mean)} % more reps at light loads than most of the same max.`,
      ),
    },
  ];
}

import type { Measured, MeasuredLine } from '../../measure';
import { becoming, owes } from '../../session';
import { findEntry } from '../../movements';
import { missingFor } from '../../kit';
import type { FixDraft, Rule } from '../model';
import { changeLine } from '../questions';

/** Names to turn an extension into, by where the arm is held now. */
const others = {
  'elbow down': ['cable-overhead-extension', 'overhead-extension', 'lying-triceps-extension'],
  'elbow overhead': ['pushdown', 'kickback'],
  'elbow lying': ['pushdown', 'cable-overhead-extension', 'overhead-extension'],
} as const;
type Held = keyof typeof others;
const words: Record<Held, string> = {
  'elbow down': 'at the side',
  'elbow overhead': 'overhead',
  'elbow lying': 'in front of the chest',
};

const fixesFor = (s: Measured, m: MeasuredLine, held: Held): FixDraft[] =>
  others[held]
    .map((id) => findEntry(id)!)
    .filter((e) => missingFor(s.context.kit, e.movement, e.rig) === null)
    .map((e) => ({ label: `Turn it into ${e.name.toLowerCase()}`, edit: changeLine(m.id, becoming(e)) }))
    .slice(0, 2);

export const oneTricepsAngle: Rule = {
  id: 'one-triceps-angle',
  title: 'Triceps at one shoulder angle',
  severity: 'note',
  ground: 'published',
  look: (s) => {
    if (!owes(s.session, 'triceps angles')) return [];
    const extensions = s.lines.filter((m) => m.movement.pattern in others);
    const held = extensions[0]?.movement.pattern as Held | undefined;
    if (extensions.length < 2 || extensions.some((m) => m.movement.pattern !== held)) return [];
    const last = extensions[extensions.length - 1]!;
    return [
      {
        on: extensions.map((m) => m.id),
        what: `Every extension holds the arm ${words[held!]}.`,
        why: 'The long head crosses the shoulder; overhead it grew more than with the arm down (Maeo et al. 2023, untrained adults). That two angles beat one is suggested by it, not shown.',
        fixes: () => fixesFor(s, last, held!),
      },
    ];
  },
};

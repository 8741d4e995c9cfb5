import { turnedInto } from '../../session';
import type { MeasuredLine } from '../../measure';
import { changeLine } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Drops that this kit has a lighter load for, after the set that has the most of them. */
const makeableDrops = (m: MeasuredLine): number =>
  Math.max(0, ...m.sets.filter((s) => s.target.stage > 0 && !s.noLighter).map((s) => s.target.stage));

function fixesFor(m: MeasuredLine): FixDraft[] {
  const { scheme } = m.line;
  const drops = makeableDrops(m);
  if (scheme.kind === 'drop' && drops > 0)
    return [
      {
        label: drops === 1 ? 'Drop once' : `Drop ${drops} times`,
        edit: changeLine(m.id, { scheme: { ...scheme, drops } }),
      },
    ];
  return [
    {
      label: 'Rest–pause instead: the same load again',
      edit: changeLine(m.id, { scheme: turnedInto(scheme, 'rest-pause') }),
    },
  ];
}

export const shortRack: Rule = {
  id: 'short-rack',
  title: 'Nothing lighter to drop to',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => m.sets.some((set) => set.noLighter))
      .map((m) => ({
        on: [m.id],
        what: `${m.name} runs out of lighter loads at ${s.context.kit.name}.`,
        why: 'A drop is a lighter load at once; without one it is the same set again.',
        fixes: () => fixesFor(m),
      })),
};

import type { LoadedSet } from '../../loads';
import type { Measured, MeasuredLine } from '../../measure';
import { repsText, withSetCount } from '../../session';
import { clockText, massText } from '../../units';
import { overMaxIn } from './over-max';
import { changeLine, insteadOf, setsOf } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Repetitions short of the range from which it is more than a note. */
const FAR_SHORT = 2;
/** Rests are not stretched past this, seconds. */
const LONGEST_REST = 180;

const shortBy = ({ target, expectedReps }: LoadedSet): number =>
  target.open || target.stage > 0 || expectedReps === null ? 0 : target.reps.lo - expectedReps;

/** The set that falls furthest short; null when all keep their range. */
const worstOf = (m: MeasuredLine): LoadedSet | null =>
  m.sets.reduce<LoadedSet | null>((a, set) => (shortBy(set) > (a ? shortBy(a) : 0) ? set : a), null);

/** Chances so far apart contradict each other within one line. Own estimate. */
const UNLIKELY = 0.3;
const SAFE = 0.9;
const isGamble = (worst: LoadedSet, m: MeasuredLine): boolean =>
  (worst.chance ?? 1) <= UNLIKELY && m.sets.some((set) => (set.chance ?? 0) >= SAFE);

function fixesFor(s: Measured, m: MeasuredLine): FixDraft[] {
  if (m.sets.every((set) => set.expectedReps === 0) && m.line.loadKg === null)
    return insteadOf(m, s, { other: null, kindTo: null });
  if (m.line.loadKg !== null)
    return [{ label: 'Use the computed load', edit: changeLine(m.id, { loadKg: null }) }];
  const { scheme, restS } = m.line;
  const reps = m.sets.flatMap((s) => (s.expectedReps === null ? [] : [Math.max(1, s.expectedReps)]));
  const fixes: FixDraft[] = [];
  if (scheme.kind === 'straight') {
    const range = { lo: Math.min(...reps), hi: Math.max(...reps) };
    fixes.push({
      label: `Write ${repsText(range)} ${range.hi === 1 ? 'rep' : 'reps'}`,
      edit: changeLine(m.id, { scheme: { ...scheme, reps: range } }),
    });
  }
  const rests = [30, 60, 90].map((more) => Math.min(LONGEST_REST, restS + more)).filter((to) => to > restS);
  const [first, ...instead] = [...new Set(rests)].map((to): FixDraft => ({
    label: `Rest ${clockText(to)}`,
    edit: changeLine(m.id, { restS: to }),
  }));
  if (first) fixes.push({ ...first, instead });
  if (m.line.loads !== 'down')
    fixes.push({ label: 'Let the load come down set by set', edit: changeLine(m.id, { loads: 'down' }) });
  const sets = setsOf(m);
  if (sets > 1)
    fixes.push({ label: 'One set less', edit: changeLine(m.id, { scheme: withSetCount(scheme, sets - 1) }) });
  return fixes;
}

export const shortOfRange: Rule = {
  id: 'short-of-range',
  title: 'Reps that will not come',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) =>
    s.lines.flatMap((m) => {
      const worst = worstOf(m);
      // Heavier than the max is a matter of its own.
      if (!worst || overMaxIn(s, m)) return [];
      const { unit } = s.context.client;
      return [
        {
          on: [m.id],
          severity:
            shortBy(worst) >= FAR_SHORT || isGamble(worst, m) ? ('watch' as const) : ('note' as const),
          what: `Set ${worst.target.set + 1} of ${m.name.toLowerCase()} is expected to reach ${worst.expectedReps} of ${repsText(worst.target.reps)} at ${massText(worst.kg!, unit)}.`,
          why: worst.byHand
            ? 'The load is one set by hand; a computed one looks after the last set.'
            : 'No load of this kit keeps every set in its range with this rest. A model’s estimate.',
          fixes: () => fixesFor(s, m),
        },
      ];
    }),
};

import { choicesOf, type LoadedSet } from '../../loads';
import type { Measured, MeasuredLine } from '../../measure';
import { repsText, withSetCount } from '../../session';
import { clockText, massText } from '../../units';
import { overMaxIn } from './over-max';
import { changeLine, insteadOf, setsOf } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Repetitions short of the range from which a single set is told, and from which it is more than a note. Own estimate. */
const SHORT = 2;
const FAR_SHORT = 4;
/** Rests are not stretched past this, seconds. */
const LONGEST_REST = 180;
const LONGEST_SMALL_REST = 120;
/** A range that is written in place of another: its fewest repetitions, and how far it goes. Common practice. */
const FEWEST = 5;
const WIDEST = 4;

/** One set that ends a repetition early is what a last set does. */
const isTold = (m: MeasuredLine, worst: LoadedSet): boolean =>
  shortBy(worst) >= SHORT || m.sets.filter((set) => shortBy(set) > 0).length * 2 > m.sets.length;

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

/** Not one repetition at the lightest load there is, or the body alone far too heavy. */
function isFar(m: MeasuredLine): boolean {
  const isBodyAlone = m.movement.load.kind === 'bodyweight' && (m.sets[0]?.kg ?? 0) === 0;
  return m.sets.every((set) => set.expectedReps === 0) || (isBodyAlone && shortBy(m.sets[0]!) >= FAR_SHORT);
}

function fixesFor(s: Measured, m: MeasuredLine): FixDraft[] {
  if (isFar(m) && m.line.loadKg === null) return insteadOf(m, s, { other: null, kindTo: null });
  if (m.line.loadKg !== null)
    return [{ label: 'Use the computed load', edit: changeLine(m.id, { loadKg: null }) }];
  const { scheme, restS } = m.line;
  const fixes: FixDraft[] = [];
  const now = m.sets[0]?.kg;
  const lighter =
    now == null ? undefined : choicesOf(s.context.kit, m.movement)?.findLast((c) => c.kg < now - 1e-9);
  if (lighter && lighter.kg > 0 && shortBy(m.sets[0]!) > 0)
    fixes.push({
      label: `Use ${massText(lighter.kg, s.context.client.unit)}`,
      edit: changeLine(m.id, { loadKg: lighter.kg }),
    });
  const longest = m.movement.compound ? LONGEST_REST : LONGEST_SMALL_REST;
  const rests = [30, 60, 90].map((more) => Math.min(longest, restS + more)).filter((to) => to > restS);
  const [first, ...instead] = [...new Set(rests)].map((to): FixDraft => ({
    label: `Rest ${clockText(to)}`,
    edit: changeLine(m.id, { restS: to }),
  }));
  if (first) fixes.push({ ...first, instead });
  if (m.line.loads !== 'down')
    fixes.push({ label: 'Let the load come down set by set', edit: changeLine(m.id, { loads: 'down' }) });
  const sets = setsOf(m);
  if (sets > 2)
    fixes.push({ label: 'One set less', edit: changeLine(m.id, { scheme: withSetCount(scheme, sets - 1) }) });
  const reps = m.sets.flatMap((s) => (s.expectedReps === null ? [] : [Math.max(1, s.expectedReps)]));
  const range = { lo: Math.min(...reps), hi: Math.max(...reps) };
  // A range is written down where it stays one, and near what was wanted.
  if (
    scheme.kind === 'straight' &&
    range.lo >= FEWEST &&
    range.hi - range.lo <= WIDEST &&
    (!lighter || scheme.reps.lo - range.lo <= SHORT)
  )
    fixes.push({
      label: `Write ${repsText(range)} reps`,
      edit: changeLine(m.id, { scheme: { ...scheme, reps: range } }),
    });
  return fixes;
}

export const shortOfRange: Rule = {
  id: 'short-of-range',
  title: 'Reps that will not come',
  severity: 'watch',
  ground: 'mechanics',
  at: 'load',
  look: (s) =>
    s.lines.flatMap((m) => {
      const worst = worstOf(m);
      // Heavier than the max is a matter of its own.
      if (!worst || overMaxIn(s, m) || !isTold(m, worst)) return [];
      const { unit } = s.context.client;
      return [
        {
          ...(isFar(m) ? { mustGo: true as const } : {}),
          on: [m.id],
          sets: m.sets.filter((set) => shortBy(set) > 0).map((set) => set.target.set),
          severity:
            shortBy(worst) >= FAR_SHORT || shortBy(m.sets[0]!) >= SHORT || isGamble(worst, m)
              ? ('watch' as const)
              : ('note' as const),
          what: `${m.name}: set ${worst.target.set + 1} reaches about ${worst.expectedReps} of ${repsText(worst.target.reps)}.`,
          why: worst.byHand
            ? `${massText(worst.kg!, unit)} is set by hand; a computed load looks after the last set.`
            : `At ${massText(worst.kg!, unit)}: no load of this kit keeps every set in its range with this rest. A model’s estimate.`,
          fixes: () => fixesFor(s, m),
        },
      ];
    }),
};

import { choicesOf } from '../loads';
import type { Context, Measured, MeasuredLine } from '../measure';
import { estimatedMax, MOST_REPS, movedShare, repsAtLoad } from '../strength';
import { massText } from '../units';
import { formOf, tells, type DoneSet, type Today } from './today';

/** What the next set of a line should be, from what was just done. */
export interface NextSet {
  setIndex: number;
  /** Planned, and as the day goes; null where nothing is known yet. */
  plannedKg: number | null;
  kg: number | null;
  /** Repetitions that load is expected to bring with its reserve kept; null where nothing is known. */
  reps: number | null;
  /** What is expected to be left after them, to half a repetition; null where nothing is known. */
  left: number | null;
  /** Why it is another load; null where the plan stays. */
  why: string | null;
}

export interface FromHere {
  today: Today;
  /** The sets not done yet, by line. */
  next: ReadonlyMap<string, NextSet[]>;
  /** "Today you are about 3 % up."; null where nothing can be said. */
  says: string | null;
}

/** A day less off than this is an ordinary one. */
const NOTICED = 0.015;
/** Nobody is given a load this much heavier in one step. Common practice: 2–10 %. */
const MOST_UP = 1.1;

/** The max a line is taken to have now, everything that moves; from the sets of today where nothing was known. */
function maxNow(m: MeasuredLine, done: readonly DoneSet[], today: Today, { client }: Context): number | null {
  if (m.max.basis !== 'calibrate') return m.max.kg * (today.lines.get(m.id) ?? today.form).times;
  const last = done.findLast((d) => d.reps > 0 && tells(d, m));
  if (!last) return null;
  const moved = last.loadKg + movedShare(m.movement, m.rig) * client.massKg;
  if (moved <= 0) return null;
  const [reps, left] = [last.reps * m.pace, (last.reserve ?? 0) * m.pace];
  // From so many, or so slow, nobody estimates a max.
  if (reps + left > MOST_REPS) return null;
  const now = estimatedMax(moved, reps, left, client.formula);
  return now / (1 - (m.sets[last.setIndex]?.loss ?? 0));
}

/** Left is told in halves. */
const toHalf = (left: number): number => Math.max(0, Math.min(10, Math.round(left * 2) / 2));

/**
 * Loads of the sets a line has left: the planned one where it stays in range, else the nearest that does. Before anything
 * was done that tells of strength the plan stands, and a load the coach gave until a set of its own line does.
 */
function nextOf(
  m: MeasuredLine,
  done: readonly DoneSet[],
  today: Today,
  context: Context,
  hasBegun: boolean,
): NextSet[] {
  const { client, kit } = context;
  const mine = done.filter((d) => d.lineId === m.id);
  const isDone = new Set(mine.map((d) => d.setIndex));
  const same = mine.filter((d) => (d.movement ?? m.movement.id) === m.movement.id);
  const max = maxNow(m, mine, today, context);
  const bodyKg = movedShare(m.movement, m.rig) * client.massKg;
  const choices = (choicesOf(kit, m.movement) ?? []).map((c) => c.kg).sort((a, b) => a - b);
  const lastKg = same.at(-1)?.loadKg ?? null;
  return m.sets.flatMap((set, setIndex): NextSet[] => {
    if (isDone.has(setIndex)) return [];
    const { reps, reserve, loadOf, volumeOnly, toFailure } = set.target;
    const plannedKg = set.kg;
    const keep = (known: Pick<NextSet, 'reps' | 'left'>): NextSet => ({
      setIndex,
      plannedKg,
      kg: plannedKg ?? lastKg,
      why: null,
      ...known,
    });
    const from = plannedKg ?? lastKg;
    if (max === null || volumeOnly || from === null || choices.length === 0)
      return [keep({ reps: null, left: null })];
    /** Repetitions until nothing more comes. */
    const able = (kg: number): number =>
      kg + bodyKg > 0
        ? repsAtLoad(max * (1 - set.loss), kg + bodyKg, client.formula) / m.pace
        : reps.hi + reserve;
    const bring = (kg: number): number => able(kg) - reserve;
    const expected = (kg: number): Pick<NextSet, 'reps' | 'left'> => {
      if (toFailure) return { reps: Math.max(0, Math.round(able(kg))), left: 0 };
      const n = Math.max(0, Math.min(reps.hi, Math.floor(bring(kg) + 0.25)));
      return { reps: n, left: toHalf(able(kg) - n) };
    };
    const stands =
      !hasBegun || loadOf !== null || toFailure || (set.byHand && !same.some((d) => tells(d, m)));
    if (stands) return [keep(expected(from))];
    let kg = from;
    if (bring(from) < reps.lo - 0.5)
      kg = choices.filter((c) => c < from - 1e-6 && bring(c) >= reps.lo - 0.25).at(-1) ?? choices[0]!;
    else if (bring(from) > reps.hi + 1) {
      const most = Math.max(
        from,
        ...choices
          .filter((c) => c > from && (c + bodyKg) / (from + bodyKg) <= MOST_UP)
          .concat(choices.find((c) => c > from + 1e-6) ?? from),
      );
      kg = choices.filter((c) => c > from && c <= most + 1e-6 && bring(c) >= reps.lo).at(-1) ?? from;
    }
    if (kg === from) return [keep(expected(from))];
    const way = kg < from ? 'would end short of' : 'would go past';
    const why = `${massText(from, client.unit)} ${way} ${reps.lo === reps.hi ? reps.lo : `${reps.lo}–${reps.hi}`} today`;
    return [{ setIndex, plannedKg, kg, ...expected(kg), why }];
  });
}

/**
 * From what was done so far to the sets that are left: the form of the day, and for each set the planned load where
 * it stays in its range, else the nearest of this kit that does. A worse set never raises a load. A model's estimate.
 */
export function fromHere(
  { lines, context }: Pick<Measured, 'lines' | 'context'>,
  done: readonly DoneSet[],
): FromHere {
  const today = formOf(lines, done, context.client);
  const { times, spread } = today.form;
  const off = Math.log(times);
  const hasBegun = lines.some((m) => done.some((d) => tells(d, m)));
  const isSure = done.length > 0 && Math.abs(off) > Math.max(NOTICED, spread / 2);
  return {
    today,
    next: new Map(lines.map((m) => [m.id, nextOf(m, done, today, context, hasBegun)])),
    says: isSure
      ? `Today you are about ${Math.round(Math.abs(times - 1) * 100)} % ${off > 0 ? 'up' : 'down'}.`
      : null,
  };
}

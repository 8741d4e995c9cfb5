import type { MeasuredLine } from '../measure';
import { A_LOT, estimatedMax, estimateError, MOST_REPS, movedShare } from '../strength';
import { PAINFUL, type PerformedSet } from './performed-set';

/** A set as it was just done. Load in kg as the coach says it; what is left out is as the line has it. */
export type DoneSet = Pick<PerformedSet, 'lineId' | 'setIndex' | 'loadKg' | 'reps' | 'reserve'> &
  Partial<Pick<PerformedSet, 'movement' | 'kind' | 'ended' | 'comfort' | 'technique'>>;

/** How the day is beside what the plan expects: times so much, with one standard deviation (relative). */
export interface DayForm {
  times: number;
  spread: number;
}

export interface Today {
  /** Of everything. */
  form: DayForm;
  /** Of each line that was done, by id; the others are as the day is. */
  lines: ReadonlyMap<string, DayForm>;
}

/** How much a day differs from what is expected, for all lifts together and for one by itself. Own estimates: 3 % and 4 %. */
const FORM = 0.03;
const OWN = 0.04;
/** What nothing more than chance takes or adds in one set. */
const CHANCE = 0.012;
/** A bar that did not go up at all says this many repetitions. */
const NONE = 0.5;

interface Reading {
  line: number;
  off: number;
  variance: number;
}

/** What was left of a set, as far as it tells of strength; null where it tells nothing. */
function leftIn(set: DoneSet, m: MeasuredLine): number | null {
  const isCut = (set.ended ?? null) !== null && set.ended !== 'too heavy';
  const hurt = set.comfort != null && set.comfort <= PAINFUL;
  if ((set.kind ?? 'set') !== 'set' || isCut || hurt) return null;
  if (set.movement !== undefined && set.movement !== m.movement.id) return null;
  return set.reps === 0 || (set.reserve === null && set.ended === 'too heavy') ? 0 : set.reserve;
}

/** Whether a set of a line tells of strength at all. */
export const tells = (set: DoneSet, m: MeasuredLine): boolean =>
  set.lineId === m.id && leftIn(set, m) !== null;

/** What a set says of the day: how far its max is from what was expected of it then, on the logarithm. */
function readingOf(
  set: DoneSet,
  m: MeasuredLine,
  line: number,
  massKg: number,
  formula: Parameters<typeof estimatedMax>[3],
): Reading | null {
  const target = m.sets[set.setIndex];
  const said = leftIn(set, m);
  if (!target || said === null || m.max.basis === 'calibrate' || target.target.volumeOnly) return null;
  const moved = set.loadKg + movedShare(m.movement, m.rig) * massKg;
  const reps = Math.min(MOST_REPS, Math.max(NONE, set.reps) * m.pace);
  const left = Math.min(MOST_REPS - reps, said * m.pace);
  if (moved <= 0) return null;
  const shown = Math.log(estimatedMax(moved, reps, left, formula));
  const expected = Math.log(m.max.kg * (1 - target.loss));
  const isOff = (shown < expected && said >= A_LOT) || (shown > expected && set.technique === 'broke');
  if (isOff) return null;
  // How sure a reading is goes by what was asked for, not by what came: a better set must never count for less.
  const { reps: asked, reserve } = target.target;
  const error = estimateError(Math.min(MOST_REPS, (asked.lo + reserve) * m.pace));
  return { line, off: shown - expected, variance: error ** 2 + (0.012 * reserve) ** 2 + CHANCE ** 2 };
}

/**
 * The form of the day after some sets: a normal prior on what all lifts share and on what each has for itself, updated
 * by every set that was done (Kalman's update, one reading at a time). A model's estimate.
 */
export function formOf(
  lines: readonly MeasuredLine[],
  done: readonly DoneSet[],
  client: { massKg: number; formula: Parameters<typeof estimatedMax>[3] },
): Today {
  const n = lines.length + 1;
  const at = new Map(lines.map((m, i) => [m.id, i]));
  const mean = new Float64Array(n);
  const cov = Array.from({ length: n }, (_, i) => {
    const row = new Float64Array(n);
    const m = lines[i - 1];
    row[i] = i === 0 ? FORM ** 2 : Math.max(OWN, m && m.max.basis !== 'calibrate' ? m.max.spread : OWN) ** 2;
    return row;
  });
  const seen = new Set<string>();
  for (const set of done) {
    const i = at.get(set.lineId);
    const reading = i === undefined ? null : readingOf(set, lines[i]!, i + 1, client.massKg, client.formula);
    if (!reading) continue;
    seen.add(set.lineId);
    const { line, off, variance } = reading;
    const shared = cov.map((row) => row[0]! + row[line]!);
    const total = shared[0]! + shared[line]! + variance;
    const gap = off - mean[0]! - mean[line]!;
    for (let a = 0; a < n; a += 1) mean[a]! += (shared[a]! / total) * gap;
    for (let a = 0; a < n; a += 1)
      for (let b = 0; b < n; b += 1) cov[a]![b]! -= (shared[a]! * shared[b]!) / total;
  }
  const told = (line: number | null): DayForm => {
    const m = line === null ? mean[0]! : mean[0]! + mean[line]!;
    const v = line === null ? cov[0]![0]! : cov[0]![0]! + 2 * cov[0]![line]! + cov[line]![line]!;
    return { times: Math.exp(m), spread: Math.sqrt(Math.max(0, v)) };
  };
  return {
    form: told(null),
    lines: new Map([...seen].map((id) => [id, told(at.get(id)! + 1)])),
  };
}

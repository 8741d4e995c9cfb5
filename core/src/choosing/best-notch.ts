import type { Body, Credits, PressingRegion } from '../anatomy';
import { creditsOf, effortValues, sayingEachHand } from '../mechanics';
import { type Entry, fullRig, type Movement, type Rig, variantOf } from '../movements';

/** A movement at one setting of the bench; null where there is no bench to turn. */
export interface AtNotch {
  benchDeg: number | null;
  /** Against the hardest-working region, 0 to 1; a region the model cannot tell is missing. A model's estimate. */
  effort: ReadonlyMap<PressingRegion, number>;
  /** What one hard set counts, by the coach's table. */
  credits: Credits;
}

/** In each hand, where no load is given. */
const USUAL_KG = 20;

function at(movement: Movement, rig: Rig, benchDeg: number | null, body: Body, loadKg: number): AtNotch {
  const turned = benchDeg === null ? rig : fullRig(movement, { ...rig, benchDeg });
  return {
    benchDeg,
    effort: effortValues(movement, turned, body, loadKg),
    credits: creditsOf(movement, turned),
  };
}

/** A rig at every notch of a bench that it can use; once, as it is, where it has no bench. `loadKg` as the coach says it. */
export function atNotches(
  movement: Movement,
  rig: Rig,
  notches: readonly number[],
  body: Body,
  loadKg: number = sayingEachHand(movement, USUAL_KG),
): AtNotch[] {
  const spec = movement.knobs.benchDeg;
  const usable =
    spec && rig.stance !== 'floor' ? notches.filter((n) => n >= spec.min && n <= spec.max) : [null];
  return usable.map((n) => at(movement, fullRig(movement, rig), n, body, loadKg));
}

/** Efforts nearer than this are the same: the model is no surer. */
const SAME_EFFORT = 0.05;

/** Below zero where `a` serves a region better: it counts for more, works it harder, or stands flatter. */
function better(a: AtNotch, b: AtNotch, region: PressingRegion): number {
  const counts = (b.credits[region] ?? 0) - (a.credits[region] ?? 0);
  if (Math.abs(counts) > 1e-9) return counts;
  const effort = (b.effort.get(region) ?? 0) - (a.effort.get(region) ?? 0);
  if (Math.abs(effort) > SAME_EFFORT) return effort;
  return Math.abs(a.benchDeg ?? 0) - Math.abs(b.benchDeg ?? 0);
}

/** The setting at which a set counts most for a region; of equals the one that works it harder, then the flattest. */
export const bestNotch = (rows: readonly AtNotch[], region: PressingRegion): AtNotch | null =>
  rows.reduce<AtNotch | null>((best, r) => (best === null || better(r, best, region) < 0 ? r : best), null);

/** What the whole catalogue does at every notch at which a name is still its own, an entry at a time so that a worker can tell how far it is. */
export function* sweepCatalogue(
  pool: readonly Entry[],
  notches: readonly number[],
  body: Body,
): Generator<{ entry: Entry; rows: AtNotch[] }> {
  for (const entry of pool) {
    const { movement, rig } = entry;
    const own = notches.filter((benchDeg) => variantOf(movement, { ...rig, benchDeg }).id === entry.id);
    yield { entry, rows: atNotches(movement, rig, own, body) };
  }
}

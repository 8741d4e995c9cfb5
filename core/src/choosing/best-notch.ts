import type { Body } from '../anatomy/body';
import { pressingRegions, type PressingRegion } from '../anatomy/regions';
import { shoulderShares, workOf } from '../mechanics/work';
import type { Entry, Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { fullRig, variantOf } from '../movements/settings';

/** Shares of the regions at one setting of the bench; null where there is no bench to turn. */
export interface AtNotch {
  benchDeg: number | null;
  /** Among the nine pressing regions. */
  shares: Record<PressingRegion, number>;
  /** Among the six of the shoulder: where bench-angle trends live. */
  ofShoulder: Record<PressingRegion, number>;
}

const LOAD_KG = 20;

function at(movement: Movement, rig: Rig, benchDeg: number | null, body: Body): AtNotch | null {
  const work = workOf(movement, benchDeg === null ? rig : { ...rig, benchDeg }, body, LOAD_KG);
  return work && { benchDeg, shares: work.shares, ofShoulder: shoulderShares(work) };
}

/** A rig at every notch of a bench that it can use; once, as it is, where it has no bench. */
export function atNotches(movement: Movement, rig: Rig, notches: readonly number[], body: Body): AtNotch[] {
  const spec = movement.knobs.benchDeg;
  const usable =
    spec && rig.stance !== 'floor' ? notches.filter((n) => n >= spec.min && n <= spec.max) : [null];
  return usable.flatMap((n) => at(movement, fullRig(movement, rig), n, body) ?? []);
}

/** The setting with the largest share of a region among the shoulder's; of equals (within half a point) the flattest. */
export function bestNotch(rows: readonly AtNotch[], region: PressingRegion): AtNotch | null {
  const share = (r: AtNotch): number =>
    pressingRegions.indexOf(region) < 6 ? r.ofShoulder[region] : r.shares[region];
  return rows.reduce<AtNotch | null>(
    (best, r) => (best === null || share(r) > share(best) + 0.005 ? r : best),
    null,
  );
}

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

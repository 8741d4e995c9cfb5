import type { Body } from '../anatomy/body';
import { pressingRegions, type PressingRegion } from '../anatomy/regions';
import { pullFit } from '../mechanics/split';
import { posturesOf, sharesBy } from '../mechanics/work';
import { entries } from '../movements/catalogue';
import { quadraticSplit } from './quadratic-split';

/** A region about which the two splits differ by more than this is flagged. */
const UNSURE = 0.08;
const body: Body = { statureM: 1.75, massKg: 80 };
const LOAD_KG = 20;

/** Movements that the split is asked about: those of the pressing regions that carry a load. */
const askedAbout = entries.filter(
  (e) =>
    e.movement.load.kind !== 'none' &&
    !['rotation', 'curl'].includes(e.movement.pattern) &&
    e.movement.family !== 'preparation',
);

/** How the pull-fit compares with the quadratic programme over every such entry of the catalogue. */
export function compareSplits() {
  const pairs: [number, number][] = [];
  const unsure: Record<string, PressingRegion[]> = {};
  for (const e of askedAbout) {
    const postures = posturesOf(e.movement, e.rig, body, LOAD_KG, 20);
    const fit = sharesBy(postures, (p) => pullFit(p.pulls, p.frame, p.asked));
    const programme = sharesBy(postures, quadraticSplit);
    for (const id of pressingRegions) pairs.push([fit[id], programme[id]]);
    const differ = pressingRegions.filter((id) => Math.abs(fit[id] - programme[id]) > UNSURE);
    if (differ.length > 0) unsure[e.id] = differ;
  }
  return { ...summary(pairs), entries: askedAbout.length, unsure };
}

/** Mean and largest difference, and how two columns go together. */
export function summary(pairs: readonly (readonly [number, number])[]) {
  const mean = (of: (p: readonly [number, number]) => number): number =>
    pairs.reduce((t, p) => t + of(p), 0) / pairs.length;
  const ma = mean((p) => p[0]);
  const mb = mean((p) => p[1]);
  const covariance = mean((p) => (p[0] - ma) * (p[1] - mb));
  const correlation = covariance / Math.sqrt(mean((p) => (p[0] - ma) ** 2) * mean((p) => (p[1] - mb) ** 2));
  const round = (v: number): number => Number(v.toFixed(3));
  return {
    meanDifference: round(mean((p) => Math.abs(p[0] - p[1]))),
    largestDifference: round(Math.max(...pairs.map((p) => Math.abs(p[0] - p[1])))),
    correlation: round(correlation),
  };
}

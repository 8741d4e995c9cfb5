import type { Body } from '../anatomy/body';
import type { Kit } from '../kit/kit';
import { armPath } from '../mechanics/arm-path';
import { bandPull, chainKg, usualBand, usualChains, type Chains } from '../mechanics/changing-loads';
import { handAt } from '../mechanics/hand-force';
import { GRAVITY } from '../mechanics/statics';
import { shoulderHeight, standOf, upOf } from '../mechanics/stands';
import { dot } from '../mechanics/vector';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';

/** Something at the bottom, half-way and the top of a lift. */
export interface AtThree {
  bottom: number;
  middle: number;
  top: number;
}

/** Height of the hands above the floor, metres, for this body on this bench. */
export function handHeights(movement: Movement, rig: Rig, body: Body): AtThree | null {
  const path = armPath(movement, { ...rig, range: 'full' }, body, 21);
  if (path.length === 0) return null;
  const stand = standOf(movement, rig);
  const up = upOf(stand);
  const joint = shoulderHeight(stand, body);
  const at = (i: number): number => joint + dot(handAt(path[i]!, body), up);
  const bottom = at(0);
  const top = at(path.length - 1);
  return { bottom, middle: (bottom + top) / 2, top };
}

/** The chains of a gym that a bar is hung with; those of a common gauge where it has none written down. */
export const chainsOf = (kit: Pick<Kit, 'chains'>): Chains => kit.chains?.[0] ?? usualChains;

/** What a bar of `barKg` weighs with chains at three heights, kilograms. */
export const withChains = (barKg: number, chains: Chains, heights: AtThree): AtThree => ({
  bottom: barKg + chainKg(chains, heights.bottom),
  middle: barKg + chainKg(chains, heights.middle),
  top: barKg + chainKg(chains, heights.top),
});

/** What a line's load comes to over the range where chains or bands change it, kilograms; null otherwise. */
export function loadAlong(
  movement: Movement,
  rig: Rig,
  barKg: number,
  body: Body,
  kit: Pick<Kit, 'chains' | 'bands'>,
): AtThree | null {
  if (rig.added !== 'chains' && rig.added !== 'bands') return null;
  const heights = handHeights(movement, rig, body);
  if (!heights) return null;
  if (rig.added === 'chains') return withChains(barKg, chainsOf(kit), heights);
  const band = kit.bands?.[0]?.points ?? usualBand;
  const pulled = (h: number): number => barKg + (2 * bandPull(band, h)) / GRAVITY;
  return { bottom: pulled(heights.bottom), middle: pulled(heights.middle), top: pulled(heights.top) };
}

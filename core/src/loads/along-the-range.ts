import type { Body } from '../anatomy';
import type { Kit } from '../kit';
import {
  addedKg,
  armPath,
  dot,
  type Gear,
  shoulderHeight,
  standOf,
  strengthAlong,
  type StrengthPoint,
  upOf,
  usualGear,
} from '../mechanics';
import type { Movement, Rig } from '../movements';
import type { Line } from '../session';

/** Something at the bottom, half-way and the top of a lift. */
export interface AtThree {
  bottom: number;
  middle: number;
  top: number;
}

/** A posture with what is held there and what could be, kilograms. */
export interface LoadPoint extends StrengthPoint {
  loadKg: number;
}

/** Whether the load of a rig changes over the range. */
export const changesAlong = (rig: Rig): boolean => rig.added === 'chains' || rig.added === 'bands';

/** Height of the hands above the floor, metres, for this body on this bench. */
export function handHeights(movement: Movement, rig: Rig, body: Body): AtThree | null {
  const path = armPath(movement, { ...rig, range: 'full' }, body, 21).poses;
  if (path.length === 0) return null;
  const stand = standOf(movement, rig);
  const up = upOf(stand);
  const joint = shoulderHeight(stand, body);
  const at = (i: number): number => joint + dot(path[i]!.hand, up);
  const bottom = at(0);
  const top = at(path.length - 1);
  return { bottom, middle: (bottom + top) / 2, top };
}

/** What a bar is hung with: the line's choice, else the first the gym has, else a common gauge. */
export function gearOf(kit: Pick<Kit, 'chains' | 'bands'>, hung?: Line['hung']): Gear {
  const chains = kit.chains?.find((c) => c.id === hung?.of) ?? kit.chains?.[0];
  const band = kit.bands?.find((b) => b.id === hung?.of) ?? kit.bands?.[0];
  return {
    chains: chains
      ? { ...chains, aSide: Math.min(chains.aSide, hung?.aSide ?? chains.aSide) }
      : usualGear.chains,
    band: band?.points ?? usualGear.band,
    bandsASide: hung?.aSide ?? 1,
  };
}

/** What a line's load comes to over the range where chains or bands change it, kilograms; null otherwise. */
export function loadAlong(
  movement: Movement,
  rig: Rig,
  barKg: number,
  body: Body,
  gear: Gear,
): AtThree | null {
  const heights = changesAlong(rig) ? handHeights(movement, rig, body) : null;
  if (!heights) return null;
  const at = (heightM: number): number => barKg + addedKg(rig.added, gear, heightM);
  return { bottom: at(heights.bottom), middle: at(heights.middle), top: at(heights.top) };
}

/** A load of `barKg` against what the client could hold, from the stretch to the short end. */
export const loadCurve = (
  movement: Movement,
  rig: Rig,
  barKg: number,
  body: Body,
  gear: Gear,
  plainMaxKg: number,
): LoadPoint[] =>
  strengthAlong(movement, rig, body, plainMaxKg).map((p) => ({
    ...p,
    loadKg: barKg + addedKg(rig.added, gear, p.heightM),
  }));

/** The posture of a curve that is nearest to its limit. */
export const tightestOf = (curve: readonly LoadPoint[]): LoadPoint =>
  curve.reduce((a, p) => (p.loadKg / p.canKg > a.loadKg / a.canKg ? p : a));

/** The heaviest bar that chains or bands leave possible, as a share of the plain max: nowhere past the strength curve. */
export function shareLeft(movement: Movement, rig: Rig, body: Body, gear: Gear, plainMaxKg: number): number {
  const curve = loadCurve(movement, rig, 0, body, gear, plainMaxKg);
  return Math.max(0.1, Math.min(1, ...curve.map((p) => (p.canKg - p.loadKg) / plainMaxKg)));
}

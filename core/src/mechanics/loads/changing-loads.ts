import { interpolate } from '../../units';
import { GRAVITY } from '../gravity';
import { radians } from '../vector';

/** Chains hung from both ends of a bar. A folded strand counts its length twice in `metres`. */
export interface Chains {
  kgPerMetre: number;
  /** Hanging length a side when the bar is high enough, metres. */
  metres: number;
  /** Chains a side. */
  aSide: number;
}

/** One chain a side of a common gauge: what is drawn until a kit says otherwise. Common practice. */
const usualChains: Chains = { kgPerMetre: 6, metres: 1.6, aSide: 1 };

/** What the chains of both sides add to a bar at a height above the floor (m), kilograms: the links that have left it. */
export const chainKg = (chains: Chains, heightM: number): number =>
  2 * chains.aSide * chains.kgPerMetre * Math.max(0, Math.min(chains.metres, heightM));

/** A band by its pull at some lengths; straight between them, slack below the first. */
export type Band = readonly { lengthM: number; newtons: number }[];

/** An ordinary band anchored at the floor, a side. Own estimate. */
const usualBand: Band = [
  { lengthM: 0.45, newtons: 0 },
  { lengthM: 0.7, newtons: 70 },
  { lengthM: 1.0, newtons: 130 },
  { lengthM: 1.4, newtons: 190 },
];

/** Pull of a band at a length, newtons. */
export const bandPull = (band: Band, lengthM: number): number =>
  interpolate(
    band.map((p) => ({ at: p.lengthM, value: p.newtons })),
    lengthM,
  );

/** What can be hung from a bar or fixed to it: chains, and a band by the number of them a side. */
export interface Gear {
  chains: Chains;
  band: Band;
  bandsASide: number;
}

/** What is drawn until a kit says otherwise. */
export const usualGear: Gear = { chains: usualChains, band: usualBand, bandsASide: 1 };

/** What chains or bands add to a bar at a height above the floor (m), kilograms; 0 where nothing changes. */
export function addedKg(added: string | undefined, gear: Gear, heightM: number): number {
  if (added === 'chains') return chainKg(gear.chains, heightM);
  return added === 'bands' ? (2 * gear.bandsASide * bandPull(gear.band, heightM)) / GRAVITY : 0;
}

/** A bar that turns about one end on the floor. Lengths from the pivot, metres. */
export interface Lever {
  barKg: number;
  barM: number;
  plateKg: number;
  sleeveM: number;
  handM: number;
}

/**
 * Force a hand at `handM` needs square to the bar to hold it at `deg` above the level, newtons:
 * moments about the pivot, g·cos α·(m_bar·L/2 + m_plate·d_sleeve) / d_hand.
 */
export const leverForce = (lever: Lever, deg: number): number =>
  (GRAVITY * Math.cos(radians(deg)) * ((lever.barKg * lever.barM) / 2 + lever.plateKg * lever.sleeveM)) /
  lever.handM;

/** The bar of a landmine: 20 kg, 2.2 m, plates and palms on the far sleeve. */
export const landmineBar = { barKg: 20, barM: 2.2, sleeveM: 2.0, handM: 2.1 } as const;
export const landmineLever = (totalKg: number): Lever => ({
  ...landmineBar,
  plateKg: Math.max(0, totalKg - landmineBar.barKg),
});

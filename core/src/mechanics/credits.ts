import type { Body } from '../anatomy/body';
import { pressingRegions, regionIds, type Credits, type PressingRegion } from '../anatomy/regions';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { anchoredCredits, fullRig, meantRig } from '../movements/settings';
import { clamp, roundTo } from '../units/numbers';
import { workOf } from './work';

/** Credits are the same for every client: they are scaled on one middling body and load. */
const standard: Body = { statureM: 1.75, massKg: 80 };
const STANDARD_KG = 40;
/** Enough for a ratio of shares. */
const POSTURES = 12;
/** Keeps a share near nothing from doubling a credit. */
const HUSH = 0.05;
/** A knob moves a credit by half as much again at most, or halves it. */
const LEAST = 0.5;
const MOST = 1.5;

/** What became of one region's credit at a rig. */
export interface CreditSum {
  /** By the coach's table at this angle, before the mechanics. */
  anchored: number;
  /** Share at this rig ÷ share at the rig the table is meant for; 1 where nothing differs. */
  scale: number;
  /** Those two shares; null where the mechanics have no say. A model's estimate. */
  shares: { here: number; meant: number } | null;
  /** Set by hand. */
  pinned: boolean;
  credit: number;
}

const scaleOf = (here: number, meant: number): number => clamp((here + HUSH) / (meant + HUSH), LEAST, MOST);

function computeSums(
  movement: Movement,
  full: Rig,
): Partial<Record<PressingRegion | keyof Credits, CreditSum>> {
  const anchored = anchoredCredits(movement.credits, full);
  const meant = meantRig(movement, full);
  const here = meant && workOf(movement, full, standard, STANDARD_KG, POSTURES);
  const there = meant && workOf(movement, meant, standard, STANDARD_KG, POSTURES);
  const sums: Partial<Record<keyof Credits, CreditSum>> = {};
  for (const region of regionIds) {
    const pin = movement.credits.pins?.[region];
    const base = anchored[region] ?? 0;
    if (base === 0 && pin === undefined) continue;
    const pressing = region as PressingRegion;
    const shares =
      here && there && pressingRegions.includes(pressing)
        ? { here: here.shares[pressing], meant: there.shares[pressing] }
        : null;
    const scale = shares ? scaleOf(shares.here, shares.meant) : 1;
    const credit = pin ?? roundTo(clamp(base * scale, 0, 1), 0.05);
    if (credit > 0 || pin !== undefined)
      sums[region] = { anchored: base, scale, shares, pinned: pin !== undefined, credit };
  }
  return sums;
}

const remembered = new WeakMap<Movement, Map<string, ReturnType<typeof computeSums>>>();

/**
 * How each credit of a movement at a rig comes about: the coach's table at the anchor angles with
 * straight lines between, times what the other knobs do to the region's share, 0 to 1 in steps of .05.
 */
export function creditSums(movement: Movement, rig: Rig): ReturnType<typeof computeSums> {
  const full = fullRig(movement, rig);
  let known = remembered.get(movement);
  if (!known) remembered.set(movement, (known = new Map()));
  const key = JSON.stringify(full);
  let sums = known.get(key);
  if (!sums) {
    sums = computeSums(movement, full);
    if (known.size > 500) known.clear();
    known.set(key, sums);
  }
  return sums;
}

const credited = new WeakMap<object, Credits>();

/** Sets each region is owed for one hard set of `movement` at `rig`, 0 to 1. */
export function creditsOf(movement: Movement, rig: Rig): Credits {
  const sums = creditSums(movement, rig);
  let credits = credited.get(sums);
  if (!credits) {
    credits = Object.fromEntries(
      Object.entries(sums)
        .filter(([, s]) => s.credit > 0)
        .map(([id, s]) => [id, s.credit]),
    ) as Credits;
    credited.set(sums, credits);
  }
  return credits;
}

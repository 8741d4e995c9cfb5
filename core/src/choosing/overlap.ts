import { type Body, type Credits, regionIds } from '../anatomy';
import { standOf } from '../mechanics';
import type { Movement, Rig } from '../movements';
import { hardnessOf } from './hard';

/** What two movements are compared by. */
export interface Job {
  movement: Movement;
  rig: Rig;
  credits: Credits;
  reps: readonly [number, number];
}

/** Cosine of two credit lists, 0 to 1. */
export function sameRegions(a: Credits, b: Credits): number {
  let dot = 0;
  let aa = 0;
  let bb = 0;
  for (const id of regionIds) {
    const x = a[id] ?? 0;
    const y = b[id] ?? 0;
    dot += x * y;
    aa += x * x;
    bb += y * y;
  }
  return aa && bb ? dot / Math.sqrt(aa * bb) : 0;
}

export function sameReps(
  [alo, ahi]: readonly [number, number],
  [blo, bhi]: readonly [number, number],
): number {
  const shared = Math.min(ahi, bhi) - Math.max(alo, blo) + 1;
  return shared <= 0 ? 0 : shared / Math.min(ahi - alo + 1, bhi - blo + 1);
}

/** The angle that picks the fibres: where a press leaves the trunk, or how high a pulley stands. */
function lineOfWork({ movement, rig }: Job): number {
  if (rig.pulleyStature !== undefined) return (0.82 - rig.pulleyStature) * 90;
  return movement.pattern === 'press' || rig.benchDeg !== undefined ? standOf(movement, rig).pressDeg : 0;
}

/** How near two movements are in the angle that picks the fibres, 0 to 1. */
export const sameLineOfWork = (a: Job, b: Job): number =>
  Math.exp(-(((lineOfWork(a) - lineOfWork(b)) / 25) ** 2));

/** An average build: where a movement is hard hardly depends on whose it is. */
const someone: Body = { statureM: 1.75, massKg: 80 };

/** How near two movements are in where they are hard, 0 to 1; 1 where the model cannot tell. */
export function sameHardness(a: Job, b: Job): number {
  const ha = hardnessOf(a.movement, a.rig, a.credits, someone);
  const hb = hardnessOf(b.movement, b.rig, b.credits, someone);
  return ha && hb ? Math.exp(-(((ha.centre - hb.centre) / 0.35) ** 2)) : 1;
}

/**
 * How far two movements are the same job, 0 to 1: regions × angle × where it is hard × reps. Reps that
 * do not meet take three tenths off.
 */
export function overlap(a: Job, b: Job): number {
  return (
    sameRegions(a.credits, b.credits) *
    sameLineOfWork(a, b) *
    sameHardness(a, b) *
    (0.7 + 0.3 * sameReps(a.reps, b.reps))
  );
}

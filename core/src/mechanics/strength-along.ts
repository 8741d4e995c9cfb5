import type { Body } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { smoothstep } from './rounding';
import { shoulderHeight, standOf, upOf } from './stands';
import { armsIn } from './activity';
import { muscles } from './muscles/muscles';
import { posturesOf, type Posture } from './postures';
import { dot, length, minus } from './vector';

/** One posture of a lift and what could just be held in it. */
export interface StrengthPoint {
  /** Share of the hand's way, 0 where the movement is stretched. */
  at: number;
  /** Height of the hand above the floor, metres. */
  heightM: number;
  canKg: number;
}

/**
 * What the muscles have more at the turn for having been stretched: a plain press against one from pins at the
 * chest, .90 of it (common practice); it is gone a quarter of the way up. Own estimate of the way it goes.
 */
const FROM_THE_STRETCH = 1 / 0.9 - 1;
const GONE_BY = 0.25;
const dead: readonly Rig['range'][] = ['pins', 'mid pins', 'hover', 'box'];

/** Near lockout next to nothing is asked of the muscles; beyond this many times the max nothing is told. */
const MOST_TIMES = 2;

/** How many times its torques the muscles that pull the right way could answer, at the joint nearer its limit. */
function timesOver(posture: Posture): number {
  const { asked, frame } = posture;
  const arms = armsIn(posture);
  const swing = asked.swing || 1e-9;
  const nx = dot(asked.shoulder, frame.x) / swing;
  const nz = dot(asked.shoulder, frame.z) / swing;
  const sign = Math.sign(asked.elbow) || 1;
  let shoulder = 0;
  let elbow = 0;
  muscles.forEach((muscle, i) => {
    const moment = [arms.moment[3 * i]!, arms.moment[3 * i + 1]!, arms.moment[3 * i + 2]!] as const;
    shoulder += muscle.force * Math.max(0, dot(moment, frame.x) * nx + dot(moment, frame.z) * nz);
    elbow += muscle.force * Math.max(0, arms.elbow[i]! * sign);
  });
  return Math.min(shoulder / swing, elbow / Math.max(1e-9, Math.abs(asked.elbow)));
}

/**
 * The client's strength curve over a lift: what could just be held in each posture, kilograms as the
 * coach says them, for a plain load of `maxKg` at which the weakest posture just gives. A posture's
 * worth is the joint nearer its limit, every muscle that pulls the right way at its largest force, helped out
 * of the stretch at the bottom. A model's estimate: the bench press is weakest a third to two fifths of the way up, as in van den
 * Tillaar & Ettema 2010 (from memory). Empty for things without an arm path.
 */
export function strengthAlong(
  movement: Movement,
  rig: Rig,
  body: Body,
  maxKg: number,
  count = 25,
): StrengthPoint[] {
  const plain: Rig = { ...rig, added: 'nothing' };
  const postures = posturesOf(movement, plain, body, maxKg, count);
  if (postures.length === 0) return [];
  const stand = standOf(movement, plain);
  const joint = shoulderHeight(stand, body);
  const up = upOf(stand);
  const way = postures.map((p, i) => (i === 0 ? 0 : length(minus(p.pose.hand, postures[i - 1]!.pose.hand))));
  const total = way.reduce((a, b) => a + b, 0) || 1;
  let gone = 0;
  const at = way.map((w) => (gone += w) / total);
  const rebound = movement.pattern === 'press' && !dead.includes(rig.range) ? FROM_THE_STRETCH : 0;
  const times = postures.map((p, i) => timesOver(p) * (1 + rebound * (1 - smoothstep(at[i]!, 0, GONE_BY))));
  const least = Math.min(...times);
  return postures.map((p, i) => ({
    at: at[i]!,
    heightM: joint + dot(p.pose.hand, up),
    canKg: maxKg * Math.min(MOST_TIMES, times[i]! / least),
  }));
}

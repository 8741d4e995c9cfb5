import { smoothstep, softMax } from '../rounding';
import type { Vec } from '../vector';
import { add, dot, length, minus, mix, scale, unit } from '../vector';
import type { ArmFrame } from './arm-frame';
import { carried, type Girdle } from './girdle';
import { EDGE } from './arms';
import type { MuscleLine } from './model';

/** Where a line of pull runs in a posture: from its origin over the point it is pushed out to, to its insertion. */
export type Course = readonly [from: Vec, over: Vec, to: Vec];

export const onArm = ({ x, y, z }: ArmFrame, [a, b, c]: Vec): Vec =>
  add(add(scale(x, a), scale(y, b)), scale(z, c));

/**
 * The course of a line in a posture, metres from the shoulder joint in the trunk's frame. The same geometry as the
 * arms are computed from (`arms.ts`, written out in numbers there), for drawing; a test holds the two together.
 */
export function courseOf(line: MuscleLine, frame: ArmFrame, girdle: Girdle): Course {
  const bone = line.bone === 'trunk' ? null : girdle[line.bone];
  const from = bone
    ? carried(bone, line.origin)
    : minus(line.origin, scale(girdle.shift, line.shiftShare ?? 1));
  const side = bone ? carried(bone, line.side) : line.side;
  const to = onArm(frame, line.insertion);
  const way = unit(minus(from, to));
  const foot = -dot(to, way);
  const whole = length(minus(from, to));
  const inside = smoothstep(foot, -0.01, 0.01) * smoothstep(whole - foot, -0.01, 0.01);
  const out = minus(side, scale(way, dot(side, way)));
  if (inside === 0 || length(out) < 1e-6) return [from, mix(from, to, 0.5), to];
  const near = add(to, scale(way, foot));
  const pushed = unit(out);
  const by = dot(near, pushed);
  const push = (softMax(by, line.clearM, EDGE) - by) * inside * Math.min(1, length(out) / 0.3);
  return push > 0 ? [from, add(near, scale(pushed, push)), to] : [from, mix(from, to, 0.5), to];
}

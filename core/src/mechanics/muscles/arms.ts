import { smoothstep, softMax } from '../rounding';
import type { Vec } from '../vector';
import { armFrame, type ArmFrame } from './arm-frame';
import { carried, girdleAt, type Girdle } from './girdle';
import type { ElbowArm, Muscle, MuscleLine } from './model';
import { muscles } from './muscles';

/** What every muscle can do in one posture; entry i is muscle i, vectors are three entries each. */
export interface MuscleArms {
  /** Torque about the shoulder for one newton, trunk frame, metres. */
  moment: Float64Array;
  /** Arm at the elbow, metres; bending positive. */
  elbow: Float64Array;
  lengthM: Float64Array;
  /** The way it pulls the upper arm. */
  along: Float64Array;
}

/** Over how much a line's turn round the joint is rounded, metres. */
export const EDGE = 0.003;
/** Metres a muscle across the back of the elbow grows for each radian of bend. */
const TRICEPS_PER_RADIAN = 0.022;

/** Arms about the elbow by its bend (radians), metres; near Murray et al. 1995 (from memory). */
const elbowArms: Record<ElbowArm, (bend: number) => number> = {
  triceps: (t) => -(0.0185 + 0.006 * Math.sin(t)),
  biceps: (t) => 0.014 + 0.03 * Math.sin(t),
  brachialis: (t) => 0.01 + 0.022 * Math.sin(t),
};

const originOf = (line: MuscleLine, g: Girdle): Vec => {
  if (line.bone !== 'trunk') return carried(g[line.bone], line.origin);
  const felt = line.shiftShare ?? 1;
  const [x, y, z] = line.origin;
  return [x - g.shift[0] * felt, y - g.shift[1] * felt, z - g.shift[2] * felt];
};

/**
 * One line in a posture: straight from insertion to origin; where its nearest point to the joint lies
 * less than `clearM` out on its own side, it is pushed out along that side. Written out in numbers: this
 * runs for every muscle in every posture.
 */
function pullAlong(line: MuscleLine, { x, y, z }: ArmFrame, g: Girdle, into: MuscleArms, i: number): void {
  const [ox, oy, oz] = originOf(line, g);
  const [sx, sy, sz] = line.bone === 'trunk' ? line.side : carried(g[line.bone], line.side);
  const [a, b, c] = line.insertion;
  const ix = x[0] * a + y[0] * b + z[0] * c;
  const iy = x[1] * a + y[1] * b + z[1] * c;
  const iz = x[2] * a + y[2] * b + z[2] * c;
  let dx = ox - ix;
  let dy = oy - iy;
  let dz = oz - iz;
  const whole = Math.sqrt(dx * dx + dy * dy + dz * dz);
  dx /= whole;
  dy /= whole;
  dz /= whole;
  const foot = -(ix * dx + iy * dy + iz * dz);
  let qx = ix + dx * foot;
  let qy = iy + dy * foot;
  let qz = iz + dz * foot;
  let lengthM = whole;
  let px = dx;
  let py = dy;
  let pz = dz;
  const inside = smoothstep(foot, -0.01, 0.01) * smoothstep(whole - foot, -0.01, 0.01);
  if (inside > 0) {
    const along = sx * dx + sy * dy + sz * dz;
    let ax = sx - dx * along;
    let ay = sy - dy * along;
    let az = sz - dz * along;
    const n = Math.sqrt(ax * ax + ay * ay + az * az);
    if (n > 1e-6) {
      ax /= n;
      ay /= n;
      az /= n;
      const out = qx * ax + qy * ay + qz * az;
      const push = (softMax(out, line.clearM, EDGE) - out) * inside * Math.min(1, n / 0.3);
      qx += ax * push;
      qy += ay * push;
      qz += az * push;
      if (push > 0) {
        const tx = qx - ix;
        const ty = qy - iy;
        const tz = qz - iz;
        const near = Math.sqrt(tx * tx + ty * ty + tz * tz);
        lengthM = near + Math.sqrt((ox - qx) ** 2 + (oy - qy) ** 2 + (oz - qz) ** 2);
        if (push > 0.001) {
          px = tx / near;
          py = ty / near;
          pz = tz / near;
        }
      }
    }
  }
  const k = 3 * i;
  into.moment[k] = qy * dz - qz * dy;
  into.moment[k + 1] = qz * dx - qx * dz;
  into.moment[k + 2] = qx * dy - qy * dx;
  into.along[k] = px;
  into.along[k + 1] = py;
  into.along[k + 2] = pz;
  into.lengthM[i] = lengthM;
}

/**
 * Every muscle's arms in a posture. `bend` in radians; `pin` as in `girdleAt`; `set`: other lines for the
 * same muscles, to see how much hangs on where they run.
 */
export function armsOf(
  upper: Vec,
  frame: ArmFrame,
  bend: number,
  pin: number,
  set: readonly Muscle[] = muscles,
): MuscleArms {
  const n = set.length;
  const arms: MuscleArms = {
    moment: new Float64Array(3 * n),
    elbow: new Float64Array(n),
    lengthM: new Float64Array(n),
    along: new Float64Array(3 * n),
  };
  const g = girdleAt(upper, pin);
  for (let i = 0; i < n; i++) {
    const muscle = set[i]!;
    if (muscle.line) pullAlong(muscle.line, frame, g, arms, i);
    if (!muscle.elbow) continue;
    arms.elbow[i] = elbowArms[muscle.elbow](bend);
    if (muscle.elbow === 'triceps') arms.lengthM[i]! += TRICEPS_PER_RADIAN * bend;
  }
  return arms;
}

let resting: Float64Array | null = null;

/** Length of every muscle with the arm hanging and the elbow bent square, metres. */
export function restingLengths(): Float64Array {
  const hanging: Vec = [0, -1, 0];
  resting ??= armsOf(hanging, armFrame(hanging, [1, 0, 0], [0, 0, 1]), Math.PI / 2, 0).lengthM;
  return resting;
}

import { clamp } from '../units/numbers';
import { elbowArm, muscles, type Muscle, type Origin } from './muscles';
import { add, cross, dot, length, radians, scale, turn, unit, type Vec } from './vector';

/** Axes of the upper arm: forward of the elbow's bend, toward the shoulder, along the hinge. */
export interface ArmFrame {
  x: Vec;
  y: Vec;
  z: Vec;
}

/**
 * The upper arm's frame. Near a straight elbow the hinge is not defined by the arm; there the hinge
 * of the posture before is blended in, so that lockout is not singular.
 */
export function armFrame(upper: Vec, fore: Vec, hinge: Vec): ArmFrame {
  const bent = cross(upper, fore);
  const sine = length(bent);
  const across = unit(add(hinge, scale(upper, -dot(hinge, upper))));
  const weight = clamp((0.5 - sine) / 0.35, 0, 1);
  const z = unit(add(scale(sine > 1e-9 ? unit(bent) : across, 1 - weight), scale(across, weight)));
  const y = scale(upper, -1);
  return { x: cross(y, z), y, z };
}

/** How the shoulder girdle follows the arm: blade turned up and round, joint shifted. */
function girdle(upper: Vec, pinned: boolean) {
  const raised = Math.acos(clamp(dot(unit(upper), [0, -1, 0]), -1, 1));
  const forward = Math.atan2(upper[0], upper[2] + 1e-9);
  const sine = Math.sin(raised);
  const lift = clamp(0.36 * (raised - radians(25)), 0, radians(55));
  const round = clamp(0.25 * (forward - radians(30)), radians(-20), radians(18)) * sine;
  const high = clamp((raised - radians(30)) / radians(120), 0, 1);
  const shift: Vec = pinned
    ? [-0.015, -0.01 + 0.025 * clamp((raised - radians(60)) / radians(90), 0, 1), 0]
    : [0.035 * clamp((forward - radians(20)) / radians(70), -0.5, 1) * sine, 0.045 * high, -0.02 * high];
  return { lift, round, shift };
}

/** The axis the blade turns up about: across its plane, 30° ahead of the frontal plane. */
const bladeAxis: Vec = [-Math.cos(radians(30)), 0, Math.sin(radians(30))];
const share: Record<Origin, { turn: number; shift: number }> = {
  trunk: { turn: 0, shift: 1 },
  'trunk, upper': { turn: 0, shift: 0.5 },
  'collar bone': { turn: 0.5, shift: 0 },
  blade: { turn: 1, shift: 0 },
};

/** What one muscle can do in a posture. */
export interface Pull {
  muscle: Muscle;
  /** Torque about the shoulder for one newton, m. */
  shoulder: Vec;
  /** Arm at the elbow, m; bending positive. */
  elbow: number;
  lengthM: number;
  /** The way it pulls the upper arm. */
  along: Vec;
}

/** Moment about the joint of a line that goes round the head of the upper arm where it must. */
function pullOf(
  line: NonNullable<Muscle['line']>,
  frame: ArmFrame,
  g: ReturnType<typeof girdle>,
): { shoulder: Vec; lengthM: number; along: Vec } {
  const moves = share[line.from];
  const carry = (v: Vec): Vec =>
    moves.turn === 0 ? v : turn(turn(v, bladeAxis, g.lift * moves.turn), [0, 1, 0], g.round * moves.turn);
  const origin = add(carry(line.origin), scale(g.shift, -moves.shift));
  const side = carry(line.side);
  const [ix, iy, iz] = line.insertion;
  const insertion = add(add(scale(frame.x, ix), scale(frame.y, iy)), scale(frame.z, iz));
  const straight = add(origin, scale(insertion, -1));
  const whole = length(straight);
  const direction = scale(straight, 1 / whole);
  const nearest = add(insertion, scale(direction, clamp(-dot(insertion, direction), 0, whole)));
  const off = dot(nearest, side);
  if (length(nearest) >= line.clearM && off >= 0)
    return { shoulder: cross(insertion, direction), lengthM: whole, along: direction };
  let outward = off < 0 ? -off : 0;
  const pushed = add(nearest, scale(side, outward));
  const from = length(pushed);
  if (from < line.clearM) {
    const b = dot(pushed, side);
    outward += -b + Math.sqrt(b * b + line.clearM ** 2 - from ** 2);
  }
  const over = add(nearest, scale(side, outward));
  const normal = cross(insertion, over);
  const size = length(normal);
  return {
    shoulder: size > 1e-9 ? scale(normal, Math.min(length(over), line.clearM) / size) : [0, 0, 0],
    lengthM: length(add(over, scale(insertion, -1))) + length(add(origin, scale(over, -1))),
    along: unit(add(over, scale(insertion, -1))),
  };
}

/** Metres a muscle across the back of the elbow grows for each radian of bend: its arm, about. */
const TRICEPS_PER_RADIAN = 0.022;
const nothing = { shoulder: [0, 0, 0] as Vec, lengthM: 0, along: [0, 0, 0] as Vec };

/** Every muscle's arms in a posture. `pinned`: the blades are held down by a bench. `bend` in radians. */
export function pulls(upper: Vec, frame: ArmFrame, bend: number, pinned: boolean): Pull[] {
  const g = girdle(upper, pinned);
  return muscles.map((muscle) => {
    const line = muscle.line ? pullOf(muscle.line, frame, g) : nothing;
    const overElbow = muscle.elbow === 'triceps' ? TRICEPS_PER_RADIAN * bend : 0;
    return {
      muscle,
      ...line,
      lengthM: line.lengthM + overElbow,
      elbow: muscle.elbow ? elbowArm[muscle.elbow](bend) : 0,
    };
  });
}

let resting: ReadonlyMap<string, number> | null = null;

/** Length of a muscle with the arm hanging and the elbow bent square, metres. */
export function restingLength(muscle: Muscle): number {
  if (!resting) {
    const hanging: Vec = [0, -1, 0];
    const frame = armFrame(hanging, [1, 0, 0], [0, 0, 1]);
    resting = new Map(pulls(hanging, frame, Math.PI / 2, false).map((p) => [p.muscle.id, p.lengthM]));
  }
  return resting.get(muscle.id)!;
}

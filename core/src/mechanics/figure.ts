import { segmentsOf, shareOfStature, type Body } from '../anatomy/body';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { armPath, standOf, type Stand } from './arm-path';
import type { ArmPose } from './press-path';
import { add, radians, scale, type Vec } from './vector';

/** A point of a drawing in metres; y up, the floor at 0. */
export interface Point {
  x: number;
  y: number;
}

export interface FigureBody {
  head: Point;
  neck: Point;
  shoulder: Point;
  hip: Point;
  knee: Point;
  ankle: Point;
  toe: Point;
}

export interface FigureArm {
  shoulder: Point;
  elbow: Point;
  grip: Point;
}

/** A measured drawing of a movement at a rig: side view, and the arm from above the chest. */
export interface Figure {
  stand: Stand;
  /** The body at the start; where the body moves instead of the load, at the end as well. */
  bodies: FigureBody[];
  /** The arm at the bottom and at the top of the range; none for things without an arm path. */
  arms: [FigureArm, FigureArm] | null;
  /** Where the hand goes, bottom to top. */
  path: Point[];
  bench: { hinge: Point; backEnd: Point; seatEnd: Point } | null;
  pulley: Point | null;
  /** Seen along the press from above, metres from the joint outward (x) and headward (y). */
  above: { jointX: number; elbow: Point; grip: Point; topGrip: Point } | null;
  headRadius: number;
  /** Pressed hand to hand: the length of the whole path, metres. */
  travelM: number;
}

const p = (x: number, y: number): Point => ({ x, y });

/** World directions of a trunk: headward and frontward. */
function axes(deg: number): { along: Point; front: Point } {
  const t = radians(deg);
  return { along: p(Math.cos(t), Math.sin(t)), front: p(-Math.sin(t), Math.cos(t)) };
}

const from = (origin: Point, deg: number, v: Vec): Point => {
  const { along, front } = axes(deg);
  return p(origin.x + v[0] * front.x + v[1] * along.x, origin.y + v[0] * front.y + v[1] * along.y);
};

const hipHeight = (support: Stand['support'], h: number): number =>
  ({
    bench: 0.43 + 0.065 * h,
    seat: 0.43 + 0.065 * h,
    floor: 0.07 * h,
    stand: 0.53 * h,
    hinge: 0.5 * h,
    kneel: 0.29 * h,
    'prone bench': 0.38 * h,
    'push-up': 0,
    dip: 0,
  })[support];

/** Knee, ankle and toe for a hip, as the support asks. */
function legs(
  support: Stand['support'],
  hip: Point,
  trunkDeg: number,
  h: number,
): Pick<FigureBody, 'knee' | 'ankle' | 'toe'> {
  const thigh = shareOfStature.thigh * h;
  const shank = shareOfStature.shank * h;
  const foot = shareOfStature.foot * 0.8 * h;
  const heel = 0.04 * h;
  if (support === 'bench' || support === 'seat') {
    if (trunkDeg < -5) {
      const knee = p(hip.x - thigh * 0.93, hip.y + thigh * 0.36);
      return {
        knee,
        ankle: p(knee.x - shank * 0.35, knee.y - shank * 0.93),
        toe: p(knee.x - shank * 0.35 - foot, knee.y - shank * 0.9),
      };
    }
    const knee = p(hip.x - thigh * 0.98, Math.min(hip.y, shank + heel));
    return { knee, ankle: p(knee.x - 0.02 * h, heel), toe: p(knee.x - 0.02 * h - foot, heel * 0.4) };
  }
  if (support === 'floor') {
    const knee = p(hip.x - thigh * 0.72, hip.y + thigh * 0.69);
    return { knee, ankle: p(knee.x - shank * 0.45, heel), toe: p(knee.x - shank * 0.45 - foot, heel * 0.4) };
  }
  if (support === 'kneel') {
    const knee = p(hip.x - 0.05 * h, heel);
    return { knee, ankle: p(knee.x + shank, heel), toe: p(knee.x + shank + foot * 0.6, heel * 0.4) };
  }
  if (support === 'prone bench') {
    const knee = p(hip.x + thigh * 0.5, hip.y - thigh * 0.72);
    return {
      knee,
      ankle: p(knee.x + shank * 0.62, heel),
      toe: p(knee.x + shank * 0.62 - foot * 0.7, heel * 0.3),
    };
  }
  const bend = support === 'hinge' ? 0.1 : 0.02;
  const knee = p(hip.x - bend * h * (support === 'hinge' ? 0.2 : 1), hip.y - thigh);
  return {
    knee,
    ankle: p(knee.x + bend * h * 0.5, heel),
    toe: p(knee.x + bend * h * 0.5 - foot, heel * 0.4),
  };
}

function bodyFrom(
  shoulder: Point,
  hip: Point,
  trunkDeg: number,
  rest: Pick<FigureBody, 'knee' | 'ankle' | 'toe'>,
  h: number,
): FigureBody {
  return {
    shoulder,
    hip,
    ...rest,
    neck: from(shoulder, trunkDeg, [0, 0.05 * h, 0]),
    head: from(shoulder, trunkDeg, [0.012 * h, 0.125 * h, 0]),
  };
}

const handOf = (pose: ArmPose, body: Body): Vec => {
  const seg = segmentsOf(body);
  return add(scale(pose.upper, seg.upperArmM), scale(pose.fore, seg.elbowToGripM));
};

function armAt(pose: ArmPose, shoulder: Point, trunkDeg: number, body: Body): FigureArm {
  const seg = segmentsOf(body);
  return {
    shoulder,
    elbow: from(shoulder, trunkDeg, scale(pose.upper, seg.upperArmM)),
    grip: from(shoulder, trunkDeg, handOf(pose, body)),
  };
}

/** Push-up: the hands stay, the body turns about the feet. */
function pushUpBody(
  pose: ArmPose,
  body: Body,
  elevationM: number,
): { shoulder: Point; deg: number; figure: FigureBody } {
  const h = body.statureM;
  const ankleY = 0.05 * h + Math.max(0, elevationM);
  const handY = Math.max(0, -elevationM);
  const span = (shareOfStature.trunk + shareOfStature.thigh + shareOfStature.shank) * h;
  let deg = 170;
  let shoulder = p(0, 0.3);
  for (let pass = 0; pass < 4; pass++) {
    const reach = from(p(0, 0), deg, handOf(pose, body));
    shoulder = p(-reach.x, handY - reach.y);
    deg = 180 - (Math.asin(Math.max(-0.9, Math.min(0.9, (shoulder.y - ankleY) / span))) * 180) / Math.PI;
  }
  const down = (m: number): Point => from(shoulder, deg, [0, -m, 0]);
  const hip = down(shareOfStature.trunk * h);
  const ankle = down(span);
  const knee = down((shareOfStature.trunk + shareOfStature.thigh) * h);
  const toe = p(ankle.x - 0.02 * h, ankle.y - 0.05 * h);
  return { shoulder, deg, figure: bodyFrom(shoulder, hip, deg, { knee, ankle, toe }, h) };
}

function dipBody(pose: ArmPose, body: Body, trunkDeg: number): { shoulder: Point; figure: FigureBody } {
  const h = body.statureM;
  const reach = from(p(0, 0), trunkDeg, handOf(pose, body));
  const shoulder = p(-reach.x, 1.25 - reach.y);
  const hip = from(shoulder, trunkDeg, [0, -shareOfStature.trunk * h, 0]);
  const knee = p(hip.x - shareOfStature.thigh * h * 0.2, hip.y - shareOfStature.thigh * h * 0.95);
  const ankle = p(knee.x + shareOfStature.shank * h * 0.85, knee.y - shareOfStature.shank * h * 0.45);
  return {
    shoulder,
    figure: bodyFrom(
      shoulder,
      hip,
      trunkDeg,
      { knee, ankle, toe: p(ankle.x + 0.08 * h, ankle.y + 0.04 * h) },
      h,
    ),
  };
}

function pulleyAt(movement: Movement, rig: Rig, body: Body, bottom: FigureArm | null): Point | null {
  if (movement.implement !== 'cable' || !bottom) return null;
  const heightM =
    (rig.pulleyStature ??
      (movement.pattern === 'elbow down' ? 1.12 : movement.pattern === 'elbow overhead' ? 0.35 : 0.6)) *
    body.statureM;
  const behind =
    movement.pattern === 'elbow down' || movement.id === 'face-pull' || movement.pattern === 'rotation'
      ? -0.55
      : 0.45;
  return p(bottom.shoulder.x + behind, heightM);
}

/** The measured drawing of a movement at a rig for this body. */
export function figureOf(movement: Movement, rig: Rig, body: Body): Figure {
  const h = body.statureM;
  const stand = standOf(movement, rig);
  const path = armPath(movement, rig, body, 24);
  const first = path[0];
  const last = path[path.length - 1];
  const hands = path.map((pose) => handOf(pose, body));
  const travelM = hands
    .slice(1)
    .reduce((t, hnd, i) => t + Math.hypot(...[0, 1, 2].map((k) => hnd[k]! - hands[i]![k]!)), 0);
  const b = radians(movement.pattern === 'press' ? stand.pressDeg : 0);
  const seen = (v: Vec): Point => p(v[2], v[1] * Math.cos(b) - v[0] * Math.sin(b));
  const above =
    first && last
      ? {
          jointX: segmentsOf(body).jointHalfWidthM,
          elbow: seen(scale(first.upper, segmentsOf(body).upperArmM)),
          grip: seen(hands[0]!),
          topGrip: seen(hands[hands.length - 1]!),
        }
      : null;
  const common = { stand, above, travelM, headRadius: 0.062 * h };

  if ((stand.support === 'push-up' || stand.support === 'dip') && first && last) {
    const place = (pose: ArmPose): { shoulder: Point; figure: FigureBody; deg: number } => {
      if (stand.support === 'push-up') return pushUpBody(pose, body, rig.elevationM ?? 0);
      return { ...dipBody(pose, body, stand.trunkDeg), deg: stand.trunkDeg };
    };
    const low = place(first);
    const high = place(last);
    return {
      ...common,
      bodies: [low.figure, high.figure],
      arms: [armAt(first, low.shoulder, low.deg, body), armAt(last, high.shoulder, high.deg, body)],
      path: path.map((pose) => place(pose).shoulder),
      bench: null,
      pulley: null,
    };
  }

  const hip = p(0, hipHeight(stand.support, h) + 0.16 * Math.max(0, Math.min(1, -stand.trunkDeg / 15)));
  const shoulder = from(hip, stand.trunkDeg, [0, shareOfStature.trunk * h, 0]);
  const figure = bodyFrom(shoulder, hip, stand.trunkDeg, legs(stand.support, hip, stand.trunkDeg, h), h);
  const arms: Figure['arms'] =
    first && last
      ? [armAt(first, shoulder, stand.trunkDeg, body), armAt(last, shoulder, stand.trunkDeg, body)]
      : null;
  const side = stand.support === 'prone bench' ? 0.075 : -0.068;
  const hasBench = ['bench', 'seat', 'prone bench'].includes(stand.support);
  const hinge = from(hip, stand.trunkDeg, [side * h, -0.03 * h, 0]);
  return {
    ...common,
    bodies: [figure],
    arms,
    path: hands.map((hand) => from(shoulder, stand.trunkDeg, hand)),
    bench: hasBench
      ? {
          hinge,
          backEnd: from(hip, stand.trunkDeg, [side * h, 0.49 * h, 0]),
          seatEnd:
            stand.support === 'prone bench'
              ? hinge
              : p(hinge.x - 0.17 * h, stand.trunkDeg < -5 ? hinge.y + 0.07 * h : hinge.y),
        }
      : null,
    pulley: pulleyAt(movement, rig, body, arms?.[0] ?? null),
  };
}

import { type Body, segmentsOf, shareOfStature } from '../anatomy';
import type { ArmPose } from './paths/pose';
import { hipHeight, type Stand, type Support } from './stands';
import { radians, scale, type Vec } from './vector';

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

/** The eye: what of the trunk's frame runs across the page and what runs up it. */
export interface Eye {
  origin: Point;
  across: Vec;
  upward: Vec;
}

export const p = (x: number, y: number): Point => ({ x, y });

/** A direction or place of the trunk's frame on the page. */
export const seenBy = ({ origin, across, upward }: Eye, v: Vec): Point =>
  p(
    origin.x + v[0] * across[0] + v[1] * across[1] + v[2] * across[2],
    origin.y + v[0] * upward[0] + v[1] * upward[1] + v[2] * upward[2],
  );

/** From the client's right side, the client looking to the left of the page. */
function sideEye(origin: Point, trunkDeg: number): Eye {
  const t = radians(trunkDeg);
  return { origin, across: [-Math.sin(t), Math.cos(t), 0], upward: [Math.cos(t), Math.sin(t), 0] };
}

/** Knee, ankle and toe for a hip, as the support asks. */
function legs(
  support: Support,
  hip: Point,
  trunkDeg: number,
  h: number,
  feetUp: boolean,
): Pick<FigureBody, 'knee' | 'ankle' | 'toe'> {
  const thigh = shareOfStature.thigh * h;
  const shank = shareOfStature.shank * h;
  const foot = shareOfStature.foot * 0.8 * h;
  const heel = 0.04 * h;
  if (feetUp) {
    const knee = p(hip.x - thigh * 0.35, hip.y + thigh * 0.93);
    const ankle = p(knee.x - shank * 0.95, knee.y - shank * 0.1);
    return { knee, ankle, toe: p(ankle.x - foot * 0.2, ankle.y + foot) };
  }
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
  if (support === 'side') {
    const knee = p(hip.x - thigh * 0.9, hip.y - 0.01 * h);
    const ankle = p(knee.x - shank * 0.98, knee.y);
    return { knee, ankle, toe: p(ankle.x - foot * 0.3, ankle.y + foot * 0.5) };
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
  if (support === 'hinge') {
    const knee = p(hip.x - 0.02 * h, hip.y - thigh * 0.98);
    return { knee, ankle: p(knee.x + 0.07 * h, heel), toe: p(knee.x + 0.07 * h - foot, heel * 0.4) };
  }
  const knee = p(hip.x - 0.02 * h, hip.y - thigh);
  return { knee, ankle: p(knee.x + 0.01 * h, heel), toe: p(knee.x + 0.01 * h - foot, heel * 0.4) };
}

const bodyFrom = (
  eye: Eye,
  hip: Point,
  rest: Pick<FigureBody, 'knee' | 'ankle' | 'toe'>,
  h: number,
): FigureBody => ({
  shoulder: eye.origin,
  hip,
  ...rest,
  neck: seenBy(eye, [0, 0.05 * h, 0]),
  head: seenBy(eye, [0.012 * h, 0.125 * h, 0]),
});

/** An arm and a body as the eye sees them in one posture. */
export interface Placed {
  eye: Eye;
  body: FigureBody;
  arm: FigureArm;
}

export const armSeen = (eye: Eye, pose: ArmPose, body: Body): FigureArm => ({
  shoulder: eye.origin,
  elbow: seenBy(eye, scale(pose.upper, segmentsOf(body).upperArmM)),
  grip: seenBy(eye, pose.hand),
});

/** Push-up: the hands stay, the body turns about the feet. */
export function placePushUp(pose: ArmPose, body: Body, elevationM: number, handleM: number): Placed {
  const h = body.statureM;
  const ankleY = 0.05 * h + Math.max(0, elevationM);
  const handY = Math.max(0, -elevationM) + handleM;
  const span = (shareOfStature.trunk + shareOfStature.thigh + shareOfStature.shank) * h;
  let deg = 170;
  let shoulder = p(0, 0.3);
  for (let pass = 0; pass < 4; pass++) {
    const reach = seenBy(sideEye(p(0, 0), deg), pose.hand);
    shoulder = p(-reach.x, handY - reach.y);
    deg = 180 - (Math.asin(Math.max(-0.9, Math.min(0.9, (shoulder.y - ankleY) / span))) * 180) / Math.PI;
  }
  const eye = sideEye(shoulder, deg);
  const down = (m: number): Point => seenBy(eye, [0, -m, 0]);
  const hip = down(shareOfStature.trunk * h);
  const ankle = down(span);
  const knee = down((shareOfStature.trunk + shareOfStature.thigh) * h);
  const toe = p(ankle.x - 0.02 * h, ankle.y - 0.05 * h);
  const lying = bodyFrom(eye, hip, { knee, ankle, toe }, h);
  // With the feet high the neck bends back, or the face would be the first to meet the floor.
  const bent = Math.max(0, Math.min(1, elevationM / 0.3));
  const head = seenBy(eye, [(0.012 - 0.047 * bent) * h, (0.125 - 0.008 * bent) * h, 0]);
  return { eye, body: { ...lying, head }, arm: armSeen(eye, pose, body) };
}

/** Dip: the hands stay on the bars, the body hangs between them. */
export function placeDip(pose: ArmPose, body: Body, stand: Stand): Placed {
  const h = body.statureM;
  const trunkDeg = pose.up ? (Math.atan2(pose.up[1], pose.up[0]) * 180) / Math.PI : stand.trunkDeg;
  const reach = seenBy(sideEye(p(0, 0), trunkDeg), pose.hand);
  const eye = sideEye(p(-reach.x, 1.25 - reach.y), trunkDeg);
  const hip = seenBy(eye, [0, -shareOfStature.trunk * h, 0]);
  const knee = p(hip.x - shareOfStature.thigh * h * 0.2, hip.y - shareOfStature.thigh * h * 0.95);
  const ankle = p(knee.x + shareOfStature.shank * h * 0.85, knee.y - shareOfStature.shank * h * 0.45);
  const rest = { knee, ankle, toe: p(ankle.x + 0.08 * h, ankle.y + 0.04 * h) };
  return { eye, body: bodyFrom(eye, hip, rest, h), arm: armSeen(eye, pose, body) };
}

/** A body at rest on its support; only the arm moves, seen in the frame of the arched shoulders. */
export function placeResting(
  stand: Stand,
  body: Body,
  feetUp: boolean,
): { eye: Eye; armEye: Eye; body: FigureBody; hip: Point } {
  const h = body.statureM;
  const isOnSide = stand.support === 'side';
  // On the side the hip rests on half its breadth and the upper shoulder stands on the whole of the other's.
  const hip = isOnSide
    ? p(0, 0.095 * h)
    : p(0, hipHeight(stand.support, h) + 0.16 * Math.max(0, Math.min(1, -stand.trunkDeg / 15)));
  const trunk: Vec = [0, shareOfStature.trunk * h, 0];
  const along = seenBy(sideEye(hip, stand.trunkDeg), trunk);
  const origin = isOnSide ? p(along.x, 2 * segmentsOf(body).jointHalfWidthM + 0.03 * h) : along;
  const eye: Eye = isOnSide
    ? { origin, across: [0, 1, 0], upward: [0, 0, 1] }
    : sideEye(origin, stand.trunkDeg);
  return {
    eye,
    armEye: stand.archDeg === 0 ? eye : sideEye(origin, stand.trunkDeg - stand.archDeg),
    body: bodyFrom(eye, hip, legs(stand.support, hip, stand.trunkDeg, h, feetUp), h),
    hip,
  };
}

/** The body from the front: half of it, mirrored by whoever draws. */
export interface FrontBody {
  head: Point;
  neck: Point;
  shoulder: Point;
  hip: Point;
  knee: Point;
  ankle: Point;
}

/** Someone standing or sitting upright, seen from the front, the right arm on the right of the page. */
export function placeFront(stand: Stand, body: Body): { eye: Eye; body: FrontBody } {
  const h = body.statureM;
  const half = segmentsOf(body).jointHalfWidthM;
  const hipY = hipHeight(stand.support, h);
  const shoulderY = hipY + shareOfStature.trunk * h * Math.sin(radians(stand.trunkDeg));
  const seated = stand.support === 'seat';
  const heel = 0.04 * h;
  const t = radians(stand.trunkDeg);
  return {
    eye: { origin: p(half, shoulderY), across: [0, 0, 1], upward: [Math.cos(t), Math.sin(t), 0] },
    body: {
      head: p(0, shoulderY + 0.125 * h),
      neck: p(0, shoulderY + 0.04 * h),
      shoulder: p(half, shoulderY),
      hip: p(0.052 * h, hipY),
      knee: p(seated ? 0.09 * h : 0.055 * h, seated ? hipY * 0.92 : hipY - shareOfStature.thigh * h),
      ankle: p(seated ? 0.09 * h : 0.06 * h, heel),
    },
  };
}

import { segmentsOf, type Body } from '../anatomy/body';
import type { Movement } from '../movements/model';
import type { Rig } from '../movements/rig';
import { armPath } from './paths/arm-path';
import {
  armSeen,
  p,
  placeDip,
  placeFront,
  placePushUp,
  placeResting,
  seenBy,
  type Eye,
  type FigureArm,
  type FigureBody,
  type FrontBody,
  type Point,
} from './body-figure';
import { landmineBar } from './loads/changing-loads';
import { aimOf, isDip, pulleyOf, standOf, type Stand } from './stands';
import { radians, scale, type Vec } from './vector';

/** One moment of a repetition on the page. */
export interface Moment {
  arm: FigureArm;
  /** Where the body moves instead of the load, it stands elsewhere at each moment. */
  body: FigureBody | null;
}

/** A measured drawing of a movement at a rig: side view (front view where the arms go sideways), and from above. */
export interface Figure {
  stand: Stand;
  /** Seen from the side, or from the front with the right half given. */
  view: 'side' | 'front';
  body: FigureBody | null;
  front: FrontBody | null;
  /** The repetition from the stretched to the short end. */
  moments: Moment[];
  /** Where the hand goes (the shoulder, where the hands stay). */
  path: Point[];
  bench: { hinge: Point; backEnd: Point; seatEnd: Point } | null;
  pulley: Point | null;
  /** The end on the floor of a bar that turns about it. */
  pivot: Point | null;
  /** What hands or feet stand on, metres high; a wall or post they lean on. */
  handsOnM: number;
  feetOnM: number;
  wallX: number | null;
  /** Seen along the press from above, metres from the joint outward (x) and headward (y). */
  above: { jointX: number; elbow: Point; grip: Point; topElbow: Point; topGrip: Point } | null;
  headRadius: number;
  /** One way of the hand, metres. */
  travelM: number;
}

const frontPatterns = new Set<Movement['pattern']>(['raise side', 'shrug']);
const handleM = (rig: Rig): number => (rig.range === 'deficit' ? 0.12 : 0);
const leansOn = new Set<Movement['pattern']>(['wall slide', 'stretch']);

function benchOf(stand: Stand, hip: Point, eye: Eye, h: number): Figure['bench'] {
  if (!['bench', 'seat', 'prone bench'].includes(stand.support)) return null;
  const prone = stand.support === 'prone bench';
  const side = prone ? 0.075 : -0.068;
  const at: Eye = { ...eye, origin: hip };
  const hinge = seenBy(at, [side * h, -0.03 * h, 0]);
  return {
    hinge,
    backEnd: seenBy(at, [side * h, 0.49 * h, 0]),
    seatEnd: prone ? hinge : p(hinge.x - 0.17 * h, stand.trunkDeg < -5 ? hinge.y + 0.07 * h : hinge.y),
  };
}

/** The measured drawing of a movement at a rig for this body. */
export function figureOf(movement: Movement, rig: Rig, body: Body, count = 24): Figure {
  const h = body.statureM;
  const stand = standOf(movement, rig);
  const path = armPath(movement, rig, body, count).poses;
  const hands = path.map((pose) => pose.hand);
  const travelM = hands
    .slice(1)
    .reduce((t, hand, i) => t + Math.hypot(...[0, 1, 2].map((k) => hand[k]! - hands[i]![k]!)), 0);
  const b = radians(movement.pattern === 'press' ? aimOf(stand) : 0);
  const fromAbove = (v: Vec): Point => p(v[2], v[1] * Math.cos(b) - v[0] * Math.sin(b));
  const upperArm = segmentsOf(body).upperArmM;
  const first = path[0];
  const last = path[path.length - 1];
  const above =
    first && last
      ? {
          jointX: segmentsOf(body).jointHalfWidthM,
          elbow: fromAbove(scale(first.upper, upperArm)),
          grip: fromAbove(hands[0]!),
          topElbow: fromAbove(scale(last.upper, upperArm)),
          topGrip: fromAbove(hands[hands.length - 1]!),
        }
      : null;
  const common = {
    stand,
    above,
    travelM,
    headRadius: 0.062 * h,
    handsOnM: handleM(rig) + Math.max(0, -(rig.elevationM ?? 0)),
    feetOnM: Math.max(0, rig.elevationM ?? 0),
    wallX: null,
    pulley: null,
    pivot: null,
  };

  if (stand.support === 'push-up' || isDip(movement)) {
    const placed = path.map((pose) =>
      isDip(movement)
        ? placeDip(pose, body, stand)
        : placePushUp(pose, body, rig.elevationM ?? 0, handleM(rig)),
    );
    return {
      ...common,
      view: 'side',
      body: placed[0]?.body ?? null,
      front: null,
      moments: placed.map(({ arm, body: at }) => ({ arm, body: at })),
      path: placed.map(({ arm }) => arm.shoulder),
      bench: null,
    };
  }

  if (movement.id === 'elbow-on-knee-rotation' && first) {
    const resting = placeResting(stand, body, false);
    const { elbow } = armSeen(resting.eye, first, body);
    resting.body.knee = p(elbow.x - 0.02, elbow.y - 0.08);
    resting.body.ankle = p(elbow.x + 0.02, elbow.y - 0.08 - 0.24 * h);
    resting.body.toe = p(elbow.x - 0.1, elbow.y - 0.12 - 0.24 * h);
    const moments = path.map((pose) => ({ arm: armSeen(resting.eye, pose, body), body: null }));
    return {
      ...common,
      view: 'side',
      body: resting.body,
      front: null,
      moments,
      path: moments.map((m) => m.arm.grip),
      bench: benchOf(stand, resting.hip, resting.eye, h),
    };
  }

  const fromFront = frontPatterns.has(movement.pattern) && stand.support !== 'side';
  const resting = placeResting(stand, body, rig.stance === 'feet up');
  const facing = fromFront ? placeFront(stand, body) : null;
  const eye = facing?.eye ?? resting.armEye;
  const pulley = movement.implement === 'cable' ? seenBy(eye, pulleyOf(movement, rig, stand, body)) : null;
  const grip = hands[0] ? seenBy(eye, hands[0]) : null;
  const moments = path.map((pose) => ({ arm: armSeen(eye, pose, body), body: null }));
  if (movement.pattern === 'shrug')
    moments.forEach((m, i) => {
      const lift = (0.05 * h * i) / (moments.length - 1);
      m.arm = {
        shoulder: p(m.arm.shoulder.x, m.arm.shoulder.y + lift),
        elbow: p(m.arm.elbow.x, m.arm.elbow.y + lift),
        grip: p(m.arm.grip.x, m.arm.grip.y + lift),
      };
    });
  return {
    ...common,
    view: fromFront ? 'front' : 'side',
    body: fromFront ? null : resting.body,
    front: facing?.body ?? null,
    moments,
    path: moments.map((m) => m.arm.grip),
    bench: fromFront ? null : benchOf(stand, resting.hip, resting.eye, h),
    pulley,
    wallX:
      leansOn.has(movement.pattern) && grip ? Math.min(...moments.map((m) => m.arm.grip.x)) - 0.04 : null,
    pivot:
      movement.implement === 'landmine' && grip
        ? p(grip.x - Math.sqrt(Math.max(0.1, landmineBar.handM ** 2 - (grip.y - 0.05) ** 2)), 0.05)
        : null,
  };
}

/** What the drawing shows, in words. */
export function figureWords(figure: Figure, name: string, settings: string): string {
  const support: Record<Stand['support'], string> = {
    bench: 'lying back on a bench',
    floor: 'lying on the floor',
    side: 'lying on the side',
    stand: 'standing',
    kneel: 'kneeling',
    seat: 'seated upright',
    'push-up': 'hands and feet on the floor',
    dip: 'hanging between two bars',
    'prone bench': 'chest down on an inclined bench',
    hinge: 'standing, bent forward at the hips',
  };
  const start = figure.moments[0]?.arm;
  const end = figure.moments[figure.moments.length - 1]?.arm;
  const bent = (arm: FigureArm | undefined): string => {
    if (!arm) return '';
    const level = arm.elbow.y - arm.shoulder.y;
    return Math.abs(level) < 0.04 ? 'level with' : level < 0 ? 'below' : 'above';
  };
  const way =
    figure.travelM > 0.03
      ? ` The ${figure.moments[0]?.body ? 'shoulder' : 'hand'} travels ${Math.round(figure.travelM * 100)} centimetres.`
      : '';
  const arm = start && end ? ` The elbow begins ${bent(start)} the shoulder and ends ${bent(end)} it.` : '';
  return `${name}${settings ? `, ${settings}` : ''}: ${support[figure.stand.support]}, seen from the ${figure.view}.${arm}${way}`;
}

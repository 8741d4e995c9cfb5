import { type Body, segmentsOf } from '../anatomy';
import type { Movement, Rig } from '../movements';
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
import { radians, scale } from './vector';

/** One moment of a repetition on the page. */
export interface Moment {
  arm: FigureArm;
  /** Where the body moves instead of the load, it stands elsewhere at each moment. */
  body: FigureBody | null;
  /** How the frame of the shoulders, and that of the trunk, lie on the page. */
  eye: Eye;
  trunkEye: Eye;
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
  /** `ahead`: the pad is for the chest, in front of somebody upright. */
  bench: { hinge: Point; backEnd: Point; seatEnd: Point; ahead: boolean } | null;
  pulley: Point | null;
  /** The end on the floor of a bar that turns about it. */
  pivot: Point | null;
  /** What hands or feet stand on, metres high; a wall or post they lean on. */
  handsOnM: number;
  feetOnM: number;
  wallX: number | null;
  /** Seen along the press from above: metres from the joint outward (x) and headward (y), at every moment. */
  above: { jointX: number; eye: Eye; arms: { elbow: Point; grip: Point }[] } | null;
  headRadius: number;
  /** One way of the hand, metres; of the shoulder where the hands stay. */
  travelM: number;
  handsStay: boolean;
}

/** How far the shoulders rise over a shrug, or a push press begins below standing, as shares of stature. */
const SHRUG = 0.03;
const DIP = 0.055;
const DIP_ENDS_AT = 0.35;

/** How far the shoulders stand above their place at a share of the way, as a share of stature. */
function riseAt(movement: Movement, at: number): number {
  if (movement.pattern === 'shrug') return SHRUG * at;
  if (movement.id === 'push-press') return -DIP * Math.max(0, 1 - at / DIP_ENDS_AT);
  return 0;
}

/** A moment with the shoulders higher or lower; where they sink the knees bend. */
function raised(moment: Moment, standing: FigureBody, rise: number): Moment {
  if (rise === 0) return moment;
  const up = (q: Point): Point => p(q.x, q.y + rise);
  const lifted = (eye: Eye): Eye => ({ ...eye, origin: up(eye.origin) });
  const { shoulder, elbow, grip } = moment.arm;
  const { ankle, toe, knee } = standing;
  return {
    ...moment,
    arm: { shoulder: up(shoulder), elbow: up(elbow), grip: up(grip) },
    eye: lifted(moment.eye),
    ...(rise < 0
      ? {
          trunkEye: lifted(moment.trunkEye),
          body: {
            head: up(standing.head),
            neck: up(standing.neck),
            shoulder: up(standing.shoulder),
            hip: up(standing.hip),
            knee: p(knee.x + 2.2 * rise, knee.y + rise / 2),
            ankle,
            toe,
          },
        }
      : {}),
  };
}

/** Movements seen best from the front: the arm goes out to the side or turns about itself. */
function seenFromFront(movement: Movement, support: Stand['support']): boolean {
  if (support === 'side') return false;
  if (movement.pattern === 'raise side' || movement.pattern === 'shrug') return true;
  return (movement.pattern === 'rotation' && support === 'stand') || movement.id === 'band-pull-apart';
}
const handleM = (rig: Rig): number => (rig.range === 'deficit' ? 0.12 : 0);
const leansOn = new Set<Movement['pattern']>(['wall slide', 'stretch']);

/** Back pads of machines that leave the arms room behind, as shares of stature. */
const SHORT_PAD = 0.24;
const LONG_PAD = 0.49;

function benchOf(movement: Movement, stand: Stand, hip: Point, eye: Eye, h: number): Figure['bench'] {
  if (!['bench', 'seat', 'prone bench'].includes(stand.support)) return null;
  const prone = stand.support === 'prone bench';
  const side = prone ? 0.075 : -0.068;
  const at: Eye = { ...eye, origin: hip };
  if (stand.support === 'seat' && movement.implement === 'machine' && movement.pattern === 'raise rear') {
    const hinge = seenBy(at, [0.115 * h, -0.03 * h, 0]);
    return {
      hinge,
      backEnd: seenBy(at, [0.1 * h, 0.28 * h, 0]),
      seatEnd: p(hip.x + 0.09 * h, hinge.y),
      ahead: true,
    };
  }
  const hinge = seenBy(at, [side * h, -0.03 * h, 0]);
  return {
    hinge,
    backEnd: seenBy(at, [side * h, (movement.id === 'machine-dip' ? SHORT_PAD : LONG_PAD) * h, 0]),
    seatEnd: prone ? hinge : p(hinge.x - 0.17 * h, stand.trunkDeg < -5 ? hinge.y + 0.07 * h : hinge.y),
    ahead: false,
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
  const fromAbove: Eye = { origin: p(0, 0), across: [0, 0, 1], upward: [-Math.sin(b), Math.cos(b), 0] };
  const upperArm = segmentsOf(body).upperArmM;
  const first = path[0];
  const above = first
    ? {
        jointX: segmentsOf(body).jointHalfWidthM,
        eye: fromAbove,
        arms: path.map((pose) => ({
          elbow: seenBy(fromAbove, scale(pose.upper, upperArm)),
          grip: seenBy(fromAbove, pose.hand),
        })),
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
    handsStay: false,
  };

  if (stand.support === 'push-up' || isDip(movement)) {
    const placed = path.map((pose) =>
      isDip(movement)
        ? placeDip(pose, body, stand)
        : placePushUp(pose, body, rig.elevationM ?? 0, handleM(rig)),
    );
    return {
      ...common,
      handsStay: true,
      view: 'side',
      body: placed[0]?.body ?? null,
      front: null,
      moments: placed.map(({ arm, body: at, eye }) => ({ arm, body: at, eye, trunkEye: eye })),
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
    const { eye } = resting;
    const moments = path.map((pose) => ({ arm: armSeen(eye, pose, body), body: null, eye, trunkEye: eye }));
    return {
      ...common,
      view: 'side',
      body: resting.body,
      front: null,
      moments,
      path: moments.map((m) => m.arm.grip),
      bench: benchOf(movement, stand, resting.hip, resting.eye, h),
    };
  }

  const fromFront = seenFromFront(movement, stand.support);
  const resting = placeResting(stand, body, rig.stance === 'feet up');
  const facing = fromFront ? placeFront(stand, body) : null;
  const eye = facing?.eye ?? resting.armEye;
  const pulley = movement.implement === 'cable' ? seenBy(eye, pulleyOf(movement, rig, stand, body)) : null;
  const grip = hands[0] ? seenBy(eye, hands[0]) : null;
  const trunkEye = facing?.eye ?? resting.eye;
  const moments = path.map((pose, i): Moment =>
    raised(
      { arm: armSeen(eye, pose, body), body: null, eye, trunkEye },
      resting.body,
      riseAt(movement, i / Math.max(1, path.length - 1)) * h,
    ),
  );
  return {
    ...common,
    view: fromFront ? 'front' : 'side',
    body: fromFront ? null : resting.body,
    front: facing?.body ?? null,
    moments,
    path: moments.map((m) => m.arm.grip),
    bench: fromFront ? null : benchOf(movement, stand, resting.hip, resting.eye, h),
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
      ? ` The ${figure.handsStay ? 'shoulder' : 'hand'} travels ${Math.round(figure.travelM * 100)} centimetres.`
      : '';
  const arm = start && end ? ` The elbow begins ${bent(start)} the shoulder and ends ${bent(end)} it.` : '';
  return `${name}${settings ? `, ${settings}` : ''}: ${support[figure.stand.support]}, seen from the ${figure.view}.${arm}${way}`;
}

import { type Body, type Segments, segmentsOf } from '../../anatomy';
import { clamp } from '../../units';
import { crossing, smoothstep, softCos, softMax, softMin } from '../rounding';
import { add, dot, mix, radians, scale, type Vec } from '../vector';
import { chestFrontM } from './chest';
import type { ArmPath, ArmPose } from './pose';
import { elbowAtFlare, elbowToward, poleOf, poseAt, withinReach } from './two-links';

/** What leads the hand: nothing, a bar over both hands, rails, or the lever of a machine. */
export type Lead = 'free' | 'bar' | 'rails' | 'lever';

export interface PressKnobs {
  /** Direction pressed against the trunk: 0 straight ahead of the chest, 90 overhead. */
  aimDeg: number;
  /** Upper arm against the trunk's footward axis. */
  flareDeg: number;
  lead: Lead;
  /** Index fingers apart in biacromial breadths (handles: their middles). Free hands have none. */
  gripBiacromial?: number;
  /** Hands apart at the top where that is elsewhere than they began. */
  topGripBiacromial?: number;
  /** How far the hand stays off the chest at the bottom, metres; below zero it goes deeper than a bar could. */
  gapM?: number;
  /** The floor stops the elbows. */
  onFloor?: boolean;
  /** Share of its distance from the midline that a free hand is brought in. */
  handsIn?: number;
  /** How far a bench holds the blades back, 0 to 1. */
  pin: number;
  /** Behind the neck: the bar comes down behind the head. */
  behindNeck?: boolean;
}

/**
 * Where a press begins and ends, shares of stature unless said. Own estimates within stated bounds;
 * the bow of a bar's way up after McLaughlin & Madsen 1984 in direction only (from memory).
 */
const shape = {
  /** A bar touches at most this far footward of the joint (.06–.10); a machine's handle stops earlier. */
  touchLow: 0.08,
  touchLowLever: 0.06,
  touchHigh: 0.01,
  /** A press this steep begins to be an overhead press, and is one (degrees). */
  overheadFrom: 40,
  overheadTo: 85,
  overheadX: 0.075,
  overheadY: 0.02,
  behindNeckX: -0.03,
  /** Lowest the upper arm goes, degrees under the shoulder's level; on the floor; bells overhead above the joint. */
  deepestDeg: 35,
  floorDeg: 5,
  bellOverhead: 0.04,
  /** The elbow stays about 20° short of straight. */
  reach: 0.985,
  /** From the index finger to the middle of the hand: half a hand's breadth (.018–.028). */
  handOut: 0.025,
  /** Blades drawn back move the joint in and back by about 1.8 cm (1–2.5 cm). */
  pinnedBy: 0.01,
  /** Exponents of the way up: a bar's bow, free hands upright until late, a bar going round the face. */
  bow: 1.2,
  upright: 2,
  roundTheFace: 2,
  /** Share of its distance across the press at which a led hand ends. */
  endsAcross: { free: 0, bar: 0, rails: 1, lever: 0.6 },
} as const;

interface Start {
  hand: Vec;
  elbow: Vec;
}

interface Frame {
  /** Along the press, across it (footward when flat). */
  up: Vec;
  across: Vec;
  flare: number;
  /** How far it is an overhead press, 0 to 1. */
  overhead: number;
  seg: Segments;
  h: number;
  gapM: number;
}

/** Where the hand may lie along the trunk at the bottom of a chest press, metres. */
const touchAt = (y: number, lowM: number, h: number): number =>
  softMin(softMax(y, -lowM, 0.012 * h), shape.touchHigh * h, 0.008 * h);

/** A bar or handle at the chest, at the front of the shoulders, or between the two. */
function ledStart(knobs: PressKnobs, f: Frame, handZ: number): Start {
  const { seg, h, flare, overhead: w } = f;
  const low = (knobs.lead === 'lever' ? shape.touchLowLever : shape.touchLow) * h;
  const y = touchAt(
    0.95 * (seg.elbowToGripM * Math.sin(radians(knobs.aimDeg)) - seg.upperArmM * Math.cos(flare)),
    low,
    h,
  );
  const chest: Vec = [chestFrontM(y, h) + f.gapM, y, handZ];
  const aboveX = knobs.behindNeck ? shape.behindNeckX : shape.overheadX;
  const shoulders: Vec = [aboveX * h + f.gapM, shape.overheadY * h, handZ];
  const hand = mix(chest, shoulders, w);
  const atChest = elbowAtFlare(hand, flare, seg);
  if (w <= 0) return { hand, elbow: atChest };
  const lifted: Vec = add(
    scale(f.up, -1),
    add(scale(f.across, 0.35 * Math.cos(flare)), [0, 0, 0.5 * Math.sin(flare)]),
  );
  const above = elbowToward(hand, lifted, seg);
  if (w >= 1) return { hand, elbow: above };
  return { hand, elbow: elbowToward(hand, mix(poleOf(atChest, hand), poleOf(above, hand), w), seg) };
}

/** Free hands: the forearm upright in the side view, the upper arm as low as the chest lets it. */
function freeStart(knobs: PressKnobs, f: Frame): Start {
  const { seg, h, flare, overhead: w } = f;
  const b = radians(knobs.aimDeg);
  const upperAt = (alpha: number): Vec => {
    const level = softCos(
      (Math.cos(flare) + Math.sin(alpha) * Math.sin(b)) / (Math.cos(alpha) * Math.max(Math.cos(b), 0.2)),
    );
    const aside = (1 - w) * Math.acos(level) + w * flare;
    return add(
      scale(add(scale(f.across, Math.cos(aside)), [0, 0, Math.sin(aside)]), Math.cos(alpha)),
      scale(f.up, Math.sin(alpha)),
    );
  };
  const at = (alpha: number): Start => {
    const elbow = scale(upperAt(alpha), seg.upperArmM);
    const y = touchAt(elbow[1] + seg.elbowToGripM * Math.sin(b), shape.touchLow * h, h);
    const lean = (1 - w) * (Math.asin(clamp((y - elbow[1]) / seg.elbowToGripM, -0.98, 0.98)) - b);
    return {
      elbow,
      hand: add(elbow, scale([Math.cos(b + lean), Math.sin(b + lean), 0], seg.elbowToGripM)),
    };
  };
  const clear = (alpha: number): number => {
    const { hand } = at(alpha);
    return hand[0] - chestFrontM(hand[1], h) - f.gapM;
  };
  const deepest = -radians(shape.deepestDeg);
  const onChest = clear(deepest) < 0 ? crossing(clear, deepest, radians(40), 30) : deepest;
  const overhead = Math.asin((shape.bellOverhead * h - seg.elbowToGripM) / seg.upperArmM);
  let alpha = (1 - w) * onChest + w * overhead;
  if (knobs.onFloor) alpha = softMax(alpha, -radians(shape.floorDeg), radians(1));
  const start = at(alpha);
  if (!knobs.handsIn) return start;
  const fromMidline = Math.max(0, start.hand[2] + seg.jointHalfWidthM);
  const hand = add(start.hand, [0, 0, -knobs.handsIn * fromMidline]);
  return { hand, elbow: elbowAtFlare(hand, flare, seg) };
}

/** The share of the way at which a bar leaves the floor press's bottom: the elbows have just left the floor. */
function floorStart(pose: (s: number) => ArmPose): number {
  const overFloor = (s: number): number => pose(s).upper[0] + Math.sin(radians(shape.floorDeg));
  return overFloor(0) < 0 ? crossing(overFloor, 0, 0.8, 30) : 0;
}

/**
 * Postures of a press at shares of the way from the lowest the chest or the floor allows (0) to
 * nearly straight arms (1): the hand is placed first, the elbow follows by two links. Metres, trunk frame.
 */
export function pressPath(knobs: PressKnobs, body: Body, shares: readonly number[]): ArmPath {
  const seg = segmentsOf(body);
  const h = body.statureM;
  const b = radians(knobs.aimDeg);
  const f: Frame = {
    up: [Math.cos(b), Math.sin(b), 0],
    across: [Math.sin(b), -Math.cos(b), 0],
    flare: radians(knobs.flareDeg),
    overhead: smoothstep(knobs.aimDeg, shape.overheadFrom, shape.overheadTo),
    seg,
    h,
    gapM: (knobs.gapM ?? 0) + knobs.pin * shape.pinnedBy * h,
  };
  const handle = (grip: number): number => (grip * seg.biacromialM) / 2 - seg.jointHalfWidthM;
  const led = knobs.lead !== 'free';
  const ledZ = led
    ? handle(knobs.gripBiacromial ?? 1.5) +
      (knobs.lead === 'lever' ? 0 : shape.handOut * h) +
      knobs.pin * shape.pinnedBy * h
    : 0;
  const start = led ? ledStart(knobs, f, ledZ) : freeStart(knobs, f);
  const startPole = poleOf(start.elbow, start.hand);
  const endPole: Vec = add(scale(f.across, Math.cos(f.flare)), [0, 0, Math.sin(f.flare)]);

  const from = { up: dot(start.hand, f.up), across: dot(start.hand, f.across), out: start.hand[2] };
  const endOut = knobs.topGripBiacromial === undefined ? ledZ : handle(knobs.topGripBiacromial);
  const endAcross = from.across * shape.endsAcross[knobs.lead];
  const reach = shape.reach * (seg.upperArmM + seg.elbowToGripM);
  const endUp = Math.sqrt(reach * reach - endOut * endOut - endAcross * endAcross);
  const w = f.overhead;
  const pose = (s: number): ArmPose => {
    const leftAcross = led
      ? (1 - w) * Math.pow(1 - s, shape.bow) + w * (1 - Math.pow(s, shape.roundTheFace))
      : 1 - Math.pow(s, shape.upright);
    const inward = led ? s : Math.pow(s, shape.upright);
    const hand = withinReach(
      add(
        add(
          scale(f.up, from.up + (endUp - from.up) * s),
          scale(f.across, endAcross + (from.across - endAcross) * leftAcross),
        ),
        [0, 0, from.out + (endOut - from.out) * inward],
      ),
      reach,
    );
    return poseAt(elbowToward(hand, mix(startPole, endPole, s), seg), hand, seg);
  };
  const first = knobs.onFloor && led ? floorStart(pose) : 0;
  return {
    poses: shares.map((s) => pose(first + (1 - first) * s)),
    ends: { across: endAcross / endUp, out: endOut / endUp, acrossDir: f.across },
  };
}

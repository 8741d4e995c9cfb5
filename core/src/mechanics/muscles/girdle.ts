import { clamp } from '../../units';
import { softMax, softMin } from '../rounding';
import { cross, mix, radians, type Vec } from '../vector';

/** Three columns of a rotation. */
export type Turned = readonly [Vec, Vec, Vec];

/** How blade and collar bone stand, and how far the joint has shifted (m), for a posture of the arm. */
export interface Girdle {
  blade: Turned;
  collar: Turned;
  shift: Vec;
}

/**
 * How the girdle follows the arm. The blade turns up about a third of the arm's rise after a setting
 * phase (Inman 1944, McClure 2001, Ludewig 2009: .30–.40) and tilts back 20–30° (McClure 2001); the collar
 * bone turns back 30–40° about its axis (Ludewig 2009). From memory of the named sources; the rest is
 * an own estimate.
 */
const follows = {
  lift: { perRad: 0.36, from: 25, to: 178 },
  tilt: { perRad: 0.15, from: 25, to: 170 },
  collarTiltPerRad: 0.34,
  collarLiftShare: 0.6,
  collarRoundShare: 0.6,
  round: { perRad: 0.25, mostDeg: 20 },
  /** Free blades: the joint goes forward, up and in, metres. */
  shift: { forward: 0.035, up: 0.045, in: 0.02 },
  /** Held on a bench: back and down, coming up with the arm, metres (1–3 cm). */
  held: { back: -0.018, down: -0.02, up: 0.025 },
} as const;

const bladeAxis: Vec = [-Math.cos(radians(30)), 0, Math.sin(radians(30))];
const tiltAxis: Vec = [Math.sin(radians(30)), 0, Math.cos(radians(30))];
const trunkAxis: Vec = [0, 1, 0];

function turnedAbout(k: Vec, rad: number): Turned {
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  const d = 1 - c;
  return [
    [c + d * k[0] * k[0], d * k[0] * k[1] + s * k[2], d * k[0] * k[2] - s * k[1]],
    [d * k[0] * k[1] - s * k[2], c + d * k[1] * k[1], d * k[1] * k[2] + s * k[0]],
    [d * k[0] * k[2] + s * k[1], d * k[1] * k[2] - s * k[0], c + d * k[2] * k[2]],
  ];
}

export const carried = (m: Turned, v: Vec): Vec => [
  m[0][0] * v[0] + m[1][0] * v[1] + m[2][0] * v[2],
  m[0][1] * v[0] + m[1][1] * v[1] + m[2][1] * v[2],
  m[0][2] * v[0] + m[1][2] * v[1] + m[2][2] * v[2],
];

/** First tilted, then lifted, then turned round the trunk. */
function turned(tilt: number, lift: number, round: number): Turned {
  const lifted = turnedAbout(bladeAxis, lift);
  const rounded = turnedAbout(trunkAxis, round);
  const [a, b] = turnedAbout(tiltAxis, tilt);
  const x = carried(rounded, carried(lifted, a));
  const y = carried(rounded, carried(lifted, b));
  return [x, y, cross(x, y)];
}

/** How much of a rise past `fromDeg` is felt, up to `toDeg`, its corners rounded; radians. */
const rise = (raised: number, fromDeg: number, toDeg: number): number => {
  const corner = radians(3);
  return softMin(softMax(raised - radians(fromDeg), 0, corner), radians(toDeg - fromDeg), corner);
};

/** The girdle for an upper arm. `pin`: how far a bench holds the blades back and down, 0 to 1. */
export function girdleAt(upper: Vec, pin: number): Girdle {
  const raised = Math.acos(clamp(-upper[1], -1, 1));
  const sine = Math.sqrt(Math.max(0, 1 - upper[1] * upper[1]));
  const forward = Math.atan2(upper[0], upper[2] + 1e-9);
  const lift = follows.lift.perRad * rise(raised, follows.lift.from, follows.lift.to);
  const back = rise(raised, follows.tilt.from, follows.tilt.to);
  const most = radians(follows.round.mostDeg);
  const round = clamp(follows.round.perRad * (forward - radians(30)), -most, most) * sine * (1 - 0.5 * pin);
  const high = clamp((raised - radians(30)) / radians(120), 0, 1);
  const reach = clamp((forward - radians(20)) / radians(70), -0.5, 1) * sine;
  const { shift, held } = follows;
  const free: Vec = [shift.forward * reach, shift.up * high, -shift.in * high];
  const heldAt: Vec = [held.back, held.down + held.up * clamp((raised - radians(60)) / radians(90), 0, 1), 0];
  return {
    blade: turned(follows.tilt.perRad * back, lift, round),
    collar: turned(
      follows.collarTiltPerRad * back,
      follows.collarLiftShare * lift,
      follows.collarRoundShare * round,
    ),
    shift: mix(free, heldAt, pin),
  };
}

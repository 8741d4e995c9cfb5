import type { Movement, Pattern, Rig } from '../../movements';
import { interpolate } from '../../units';
import { radians, unit, type Vec } from '../vector';
import type { Sweep, Turning } from './sweep';

const forward: Vec = [1, 0, 0];
const head: Vec = [0, 1, 0];

const toward = (v: Vec): readonly [Vec, Vec] => [v, v];
const still = (at: Vec, bend: [number, number], to: Vec): Sweep => ({
  from: at,
  to: at,
  bend,
  toward: toward(to),
});

const hanging: Vec = [0.05, -1, 0.12];
const sideways: Sweep = { from: hanging, to: [0.3, 0.03, 1], bend: [14, 14], toward: toward(forward) };
const rearward: Sweep = { from: [0.96, -0.28, 0.08], to: [0.05, 0, 1], bend: [18, 18], toward: toward(head) };
const pulledRearward: Sweep = { ...rearward, from: [1, -0.05, 0.08], to: [-0.1, 0, 1] };
const ahead: Sweep = {
  from: hanging,
  to: [1, 0.08, 0.2],
  bend: [12, 12],
  toward: [
    [0.6, 0, -0.8],
    [0, 0.6, -0.8],
  ],
};
const facePull: Sweep = {
  from: [1, 0.15, 0.05],
  to: [-0.1, 0.1, 1],
  bend: [10, 110],
  toward: toward([0.6, 0.9, 0]),
};

/** How the arm swings, by the pattern of a movement. The directions follow common practice. */
const ofPattern: Partial<Record<Pattern, Sweep>> = {
  'raise side': sideways,
  'raise front': ahead,
  'raise rear': rearward,
  'elbow lying': still([0.99, 0.14, 0.06], [120, 10], head),
  'elbow overhead': still([0.34, 0.93, 0.12], [125, 10], [-1, 0, 0]),
  'elbow down': still([0.12, -1, 0.08], [110, 10], forward),
  curl: { from: [0.05, -1, 0.08], to: [0.15, -1, 0.08], bend: [10, 130], toward: toward(forward) },
  row: { from: [1, 0.05, 0.05], to: [-0.15, 0.1, 1], bend: [12, 95], toward: toward(forward) },
  pullover: { from: [0.1, 1, 0.08], to: [1, 0.25, 0.08], bend: [25, 20], toward: toward(head) },
  shrug: still([0, -1, 0.1], [6, 6], forward),
  'pass-through': {
    from: [0.6, -0.75, 0.35],
    via: [0.35, 0.85, 0.4],
    to: [-0.75, 0.25, 0.6],
    bend: [4, 4],
    toward: toward(head),
  },
  'wall slide': { from: [0.72, -0.25, 0.6], to: [0.4, 0.9, 0.2], bend: [100, 25], toward: toward(head) },
  stretch: still([-0.3, 0.05, 1], [85, 85], head),
  easy: { from: [-0.45, -0.9, 0.12], to: [0.5, -0.85, 0.12], bend: [60, 80], toward: toward(forward) },
};

const ofMovement: Record<string, Sweep> = {
  kickback: still([-0.34, -0.94, 0.1], [90, 8], forward),
  'cable-rear-fly': pulledRearward,
  'reverse-machine-fly': pulledRearward,
  'band-pull-apart': pulledRearward,
  'wide-upright-row': {
    from: [0.05, -1, 0.2],
    to: [0.2, 0, 1],
    bend: [12, 110],
    toward: toward([0.2, -1, -0.4]),
  },
  'face-pull': facePull,
  'band-face-pull': facePull,
  'w-to-y-press': { from: [-0.1, -0.35, 0.9], to: [0.1, 0.9, 0.45], bend: [105, 14], toward: toward(head) },
  'single-arm-crossover': {
    from: [0.1, -0.1, 1],
    via: [0.85, -0.25, 0.45],
    to: [0.85, -0.4, -0.5],
    bend: [24, 24],
    toward: toward(forward),
  },
  'cross-body-extension': still([0.75, -0.55, 0.2], [115, 12], [0, 0.4, -1]),
};

const byPulley = (values: [number, number, number], stature: number): number =>
  interpolate(
    [0.2, 0.82, 1.1].map((at, i) => ({ at, value: values[i]! })),
    stature,
  );

/** A fly: from open to closed straight up from the bench, or along the line of the cable. */
function fly(movement: Movement, rig: Rig, benchDeg: number): Sweep {
  const stature = movement.implement === 'cable' ? (rig.pulleyStature ?? 0.82) : null;
  const b = radians(stature === null ? benchDeg : byPulley([38, 0, -32], stature));
  const depth =
    rig.stance === 'floor' ? 0.02 : rig.range === 'full' && movement.implement === 'dumbbells' ? -0.45 : -0.2;
  // A cable fly begins with the arm near the line to its pulley.
  const low = stature === null ? Math.sin(b) * depth - 0.12 : byPulley([-0.6, -0.12, 0.15], stature);
  return {
    from: [Math.cos(b) * depth, low, 1],
    to: [Math.cos(b), Math.sin(b), 0.12],
    bend: [28, 28],
  };
}

/** How the arm swings in a movement at a rig; undefined where it presses or only the forearm turns. */
export function swingOf(movement: Movement, rig: Rig, benchDeg: number): Sweep | undefined {
  const own = ofMovement[movement.id];
  if (own) return own;
  if (movement.id === 'dumbbell-curl' && rig.stance === 'incline bench')
    return { from: [-0.5, -0.86, 0.1], to: [-0.4, -0.9, 0.1], bend: [8, 125], toward: toward(forward) };
  // Chest down on an incline the arms hang straight down too.
  if (movement.pattern === 'raise rear' && rig.stance === 'prone')
    return { ...rearward, from: [0.82, -0.57, 0.08] };
  if (movement.pattern === 'raise front' && rig.forearm === 'supinated')
    return { ...ahead, toward: [forward, head] };
  return movement.pattern === 'fly' ? fly(movement, rig, benchDeg) : ofPattern[movement.pattern];
}

/** How the forearm turns in a rotation. On the side the floor ends the way down. */
export function turningOf(movement: Movement): Turning {
  if (movement.id === 'elbow-on-knee-rotation')
    return { upper: unit([0.75, -0.35, 0.55]), fore: [0.6, 0, -0.8], turn: [-35, 70] };
  return {
    upper: [0, -1, 0],
    fore: forward,
    turn: movement.id === 'side-lying-rotation' ? [-26, 66] : [-40, 70],
  };
}

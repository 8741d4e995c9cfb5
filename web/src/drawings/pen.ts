import type { Figure, Moment } from '@drimbo/core/mechanics';

/** A point of a drawing in metres; y up, the floor at 0. */
type Point = Moment['arm']['grip'];
type Frame = { x: [number, number]; y: [number, number] };

/** What part of the world is drawn, in metres: steady while a knob turns, wider only for what would be cut off. */
const sideFrames: Record<Figure['stand']['support'], Frame> = {
  bench: { x: [-0.86, 1.26], y: [-0.04, 1.8] },
  seat: { x: [-1.1, 0.75], y: [-0.04, 1.95] },
  floor: { x: [-0.95, 1.0], y: [-0.04, 0.95] },
  side: { x: [-1.0, 1.0], y: [-0.04, 1.0] },
  stand: { x: [-1.05, 1.05], y: [-0.04, 2.3] },
  hinge: { x: [-1.15, 0.65], y: [-0.04, 1.5] },
  kneel: { x: [-1.0, 0.9], y: [-0.04, 1.75] },
  'prone bench': { x: [-1.1, 0.8], y: [-0.04, 1.3] },
  'push-up': { x: [-0.72, 1.6], y: [-0.04, 0.95] },
  dip: { x: [-0.8, 0.9], y: [-0.04, 2.5] },
};
/** Room left around a hand, an elbow or a pulley, metres. */
const ROOM_M = 0.1;
/** The post of a pulley stands to here with air above it, metres. */
const POST_M = 2.15;
const frontFrame: Frame = { x: [-1.05, 1.05], y: [-0.04, 2.05] };

/** From metres to the page. */
export interface Pen {
  /** Pixels a metre. */
  k: number;
  widthPx: number;
  heightPx: number;
  X: (metres: number) => number;
  Y: (metres: number) => number;
  /** A path through points. */
  line: (...points: Point[]) => string;
}

export function penFor(figure: Figure, widthPx: number, heightPx: number): Pen {
  const f = figure.view === 'front' ? frontFrame : sideFrames[figure.stand.support];
  const held = figure.moments.flatMap(({ arm }) => [arm.elbow, arm.grip]);
  const apart = [...held, figure.pulley, figure.pivot].filter((q) => !!q);
  const left = Math.min(f.x[0], ...apart.map((q) => q.x - ROOM_M));
  const right = Math.max(f.x[1], ...apart.map((q) => q.x + ROOM_M));
  const top = Math.max(f.y[1], figure.pulley ? POST_M : 0, ...apart.map((q) => q.y + ROOM_M));
  const k = Math.min(widthPx / (right - left), heightPx / (top - f.y[0]));
  const shiftX = (widthPx - k * (right - left)) / 2;
  const X = (m: number): number => shiftX + (m - left) * k;
  const Y = (m: number): number => heightPx - (m - f.y[0]) * k;
  return {
    k,
    widthPx,
    heightPx,
    X,
    Y,
    line: (...points) => `M${points.map((q) => `${X(q.x).toFixed(1)},${Y(q.y).toFixed(1)}`).join(' L')}`,
  };
}

export type { Point };

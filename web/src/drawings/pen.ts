import type { Figure, Moment } from '@drimbo/core/mechanics/figure';

/** A point of a drawing in metres; y up, the floor at 0. */
type Point = Moment['arm']['grip'];
type Frame = { x: [number, number]; y: [number, number] };

/** What part of the world is drawn, in metres: steady while a knob turns. */
const sideFrames: Record<Figure['stand']['support'], Frame> = {
  bench: { x: [-0.86, 1.28], y: [-0.04, 1.86] },
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
  const far = [figure.pulley, figure.pivot].flatMap((q) => (q ? [q.x] : []));
  const left = Math.min(f.x[0], ...far.map((x) => x - 0.08));
  const right = Math.max(f.x[1], ...far.map((x) => x + 0.08));
  const top = figure.pulley ? Math.max(f.y[1], 2.15) : f.y[1];
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

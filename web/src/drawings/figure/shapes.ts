import { curveCatmullRomClosed, line } from 'd3-shape';
import type { Pen, Point } from '../pen';

const closed = line<Point>()
  .x((q) => q.x)
  .y((q) => q.y)
  .curve(curveCatmullRomClosed.alpha(0.5));

/** A smooth closed outline through points of the page. */
export const smooth = (pen: Pen, points: readonly Point[]): string =>
  closed(points.map((q) => ({ x: pen.X(q.x), y: pen.Y(q.y) }))) ?? '';

/** Where a limb is how thick: share of the way, half its breadth in metres before and behind. */
export type Girth = readonly [at: number, fore: number, aft: number];

/** A limb from one joint to the next, as thick as `girths` say, its ends round; `fore` lies to the left of the way. */
export function limb(pen: Pen, from: Point, to: Point, girths: readonly Girth[]): string {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  const n = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [dx / n, dy / n];
  const at = (share: number, aside: number): Point => ({
    x: from.x + dx * share - uy * aside,
    y: from.y + dy * share + ux * aside,
  });
  const [, fore, aft] = girths[0]!;
  const last = girths[girths.length - 1]!;
  const round = (share: number, out: number): Point => {
    const q = at(share, 0);
    return { x: q.x + ux * out, y: q.y + uy * out };
  };
  return smooth(pen, [
    round(girths[0]![0], -(fore + aft) / 2),
    ...girths.map(([share, left]) => at(share, left)),
    round(last[0], (last[1] + last[2]) / 2),
    ...[...girths].reverse().map(([share, , right]) => at(share, -right)),
  ]);
}

/** A lens from one point over another to a third, so wide in the middle: the belly of a strand. */
export function belly(pen: Pen, from: Point, over: Point, to: Point, widthPx: number): string {
  const [a, v, b] = [from, over, to].map((q) => [pen.X(q.x), pen.Y(q.y)] as const) as [
    readonly [number, number],
    readonly [number, number],
    readonly [number, number],
  ];
  const control = [2 * v[0] - (a[0] + b[0]) / 2, 2 * v[1] - (a[1] + b[1]) / 2] as const;
  const dx = b[0] - a[0];
  const dy = b[1] - a[1];
  const n = Math.hypot(dx, dy) || 1;
  const w = [(-dy / n) * widthPx, (dx / n) * widthPx] as const;
  const put = (x: number, y: number): string => `${x.toFixed(1)},${y.toFixed(1)}`;
  return `M${put(a[0], a[1])} Q${put(control[0] + w[0], control[1] + w[1])} ${put(b[0], b[1])} Q${put(control[0] - w[0], control[1] - w[1])} ${put(a[0], a[1])} Z`;
}

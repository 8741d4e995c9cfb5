/** A point or direction in metres or as a unit vector: forward, toward the head, outward. */
export type Vec = readonly [number, number, number];

export const add = (a: Vec, b: Vec): Vec => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Vec, b: Vec): Vec => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec, k: number): Vec => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec, b: Vec): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vec, b: Vec): Vec => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const length = (a: Vec): number => Math.sqrt(a[0] * a[0] + a[1] * a[1] + a[2] * a[2]);
export function unit(a: Vec): Vec {
  const l = length(a);
  return l < 1e-12 ? [0, 0, 0] : scale(a, 1 / l);
}
/** `a` at 0, `b` at 1, straight between. */
export const mix = (a: Vec, b: Vec, t: number): Vec => add(scale(a, 1 - t), scale(b, t));
/** The part of `v` square to the unit vector `k`. */
export const squareTo = (v: Vec, k: Vec): Vec => minus(v, scale(k, dot(v, k)));
/** `v` turned about the unit axis `k` by `rad`. */
export function turn(v: Vec, k: Vec, rad: number): Vec {
  const c = Math.cos(rad);
  const s = Math.sin(rad);
  return add(add(scale(v, c), scale(cross(k, v), s)), scale(k, dot(k, v) * (1 - c)));
}
/** The direction a share `t` along the great circle from `a` to `b`. */
export function sweep(a: Vec, b: Vec, t: number): Vec {
  const angle = Math.acos(Math.max(-1, Math.min(1, dot(a, b))));
  if (angle < 1e-6) return a;
  const s = Math.sin(angle);
  return unit(add(scale(a, Math.sin((1 - t) * angle) / s), scale(b, Math.sin(t * angle) / s)));
}
export const radians = (deg: number): number => (deg * Math.PI) / 180;

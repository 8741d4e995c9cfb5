import type { Body, PressingRegion } from '../anatomy';
import { type Work, workOf } from '../mechanics';
import { findEntry, type Rig } from '../movements';

/** Short ways of asking the mechanics, for tests. */
export const body: Body = { statureM: 1.75, massKg: 80 };
export const weightless: Body = { statureM: 1.75, massKg: 1e-9 };

export const work = (id: string, rig: Rig = {}, kg = 50, who = body): Work => {
  const e = findEntry(id)!;
  return workOf(e.movement, { ...e.rig, ...rig }, who, kg)!;
};
/** The posture at a share of the list, 0 first, 1 last. */
export const at = (w: Work, t: number) => w.points[Math.round(t * (w.points.length - 1))]!;
/** Shoulder torque at the start, the middle and the end as shares of the most. */
export const curve = (w: Work): number[] => {
  const most = Math.max(...w.points.map((p) => p.shoulderNm));
  return [0, 0.5, 1].map((t) => at(w, t).shoulderNm / most);
};
export const mean = (w: Work, of: (p: Work['points'][number]) => number): number =>
  w.points.reduce((s, p) => s + of(p), 0) / w.points.length;
export const sum = (w: Work, ids: readonly PressingRegion[]): number =>
  ids.reduce((s, id) => s + w.shares[id], 0);
export const falls = (v: readonly number[]): boolean => v.every((x, i) => i === 0 || x <= v[i - 1]! + 1e-9);
export const rises = (v: readonly number[]): boolean => falls(v.map((x) => -x));
export const triceps: PressingRegion[] = ['triLong', 'triLateral', 'triMedial'];
export const chest: PressingRegion[] = ['pecUpper', 'pecMiddle', 'pecLower'];

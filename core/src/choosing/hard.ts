import { type Body, type Credits, leadVoice } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { type Work, workOf } from '../mechanics';

/** Where in its range a movement is hard, by statics. */
export interface Hardness {
  /** 0 all of it in the stretch, 1 all of it at the short end. */
  centre: number;
  /** Torque at the stretched end as a share of the most there is. */
  stretched: number;
  /** The same at the short end. */
  shortened: number;
}

/** The joint that the work is at: the elbow where the triceps or biceps lead, else the shoulder. */
const torqueOf = (movement: Movement, credits: Credits): ((p: Work['points'][number]) => number) =>
  leadVoice(credits) === 'triceps' || movement.pattern === 'curl'
    ? (p) => Math.abs(p.elbowNm)
    : movement.pattern === 'rotation'
      ? (p) => Math.abs(p.axialNm)
      : (p) => p.shoulderNm;

/** Enough to tell where in the range a movement is hard. */
const POSTURES = 12;

/** Null for movements that ask nothing the model can see. */
export function hardnessOf(movement: Movement, rig: Rig, credits: Credits, body: Body): Hardness | null {
  const work = workOf(movement, rig, body, 20, POSTURES);
  if (!work) return null;
  const ask = torqueOf(movement, credits);
  const asked = work.points.map(ask);
  const most = Math.max(...asked);
  const whole = asked.reduce((a, b) => a + b, 0);
  if (most < 0.5 || whole <= 0) return null;
  const last = work.points.length - 1;
  return {
    centre: asked.reduce((t, a, i) => t + (a * i) / last, 0) / whole,
    stretched: asked[0]! / most,
    shortened: asked[last]! / most,
  };
}

export const hardnessWords = (h: Hardness | null): string =>
  h === null
    ? 'nowhere in particular'
    : h.centre < 0.4
      ? 'stretched'
      : h.centre > 0.6
        ? 'short end'
        : 'middle';

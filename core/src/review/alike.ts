import { type Job, sameHardness, sameLineOfWork, sameRegions } from '../choosing';

/** As much alike as this, two movements are one. Common practice. */
export const SAME_JOB = 0.85;

/** True for two movements that are the same job so far, whatever their reps: regions, angle, where it is hard. */
export function isAlike(a: Job, b: Job, soFar: number): boolean {
  const elbows = [a, b].map(({ movement }) => (movement.pattern.startsWith('elbow') ? movement.pattern : ''));
  // The shoulder's angle tells extensions of the elbow apart.
  if (elbows[0] !== elbows[1]) return false;
  const most = sameRegions(a.credits, b.credits) * sameLineOfWork(a, b);
  // Where it is hard takes longest to say, and can only make them less alike.
  return most >= soFar && most * sameHardness(a, b) >= soFar;
}

/** How far two movements are the same job, 0 to 1, whatever their reps: regions × angle × where it is hard. */
export function likeness(a: Job, b: Job): number {
  const held = [a, b].map(({ movement }) => (movement.pattern.startsWith('elbow') ? movement.pattern : ''));
  if (held[0] !== held[1]) return 0;
  return sameRegions(a.credits, b.credits) * sameLineOfWork(a, b) * sameHardness(a, b);
}

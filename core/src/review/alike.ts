import { standOf } from '../mechanics';
import { type Job, sameHardness, sameLineOfWork, sameRegions } from '../choosing';

/** As much alike as this, two movements are one. Common practice. */
export const SAME_JOB = 0.8;
/** Presses that go up as far as this, degrees, are presses for the upper chest. */
const UPWARD = { from: 15, to: 65 } as const;

/** A fly is no press. */
const isOtherPattern = (a: Job, b: Job): boolean =>
  (a.movement.pattern === 'fly') !== (b.movement.pattern === 'fly');

/** Low seats and landmines among them. */
function isUpward({ movement, rig, credits }: Job): boolean {
  if (movement.family !== 'press') return false;
  const { pressDeg } = standOf(movement, rig);
  return pressDeg >= UPWARD.from && pressDeg <= UPWARD.to && (credits.pecUpper ?? 0) >= 0.75;
}

/** True for two movements that are the same job so far, whatever their reps: regions, angle, where it is hard. */
export function isAlike(a: Job, b: Job, soFar: number): boolean {
  if (isOtherPattern(a, b)) return false;
  if (isUpward(a) && isUpward(b)) return true;
  const elbows = [a, b].map(({ movement }) => (movement.pattern.startsWith('elbow') ? movement.pattern : ''));
  // The shoulder's angle tells extensions of the elbow apart.
  if (elbows[0] !== elbows[1]) return false;
  const most = sameRegions(a.credits, b.credits) * sameLineOfWork(a, b);
  // Where it is hard takes longest to say, and can only make them less alike.
  return most >= soFar && most * sameHardness(a, b) >= soFar;
}

/** How far two movements are the same job, 0 to 1, whatever their reps: regions × angle × where it is hard. */
export function likeness(a: Job, b: Job): number {
  if (isOtherPattern(a, b)) return 0;
  const held = [a, b].map(({ movement }) => (movement.pattern.startsWith('elbow') ? movement.pattern : ''));
  if (held[0] !== held[1]) return 0;
  const like = sameRegions(a.credits, b.credits) * sameLineOfWork(a, b) * sameHardness(a, b);
  return isUpward(a) && isUpward(b) ? Math.max(like, SAME_JOB) : like;
}

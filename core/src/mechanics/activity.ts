import { type PressingRegion, pressingRegions } from '../anatomy';
import { armsOf, type MuscleArms } from './muscles/arms';
import type { Muscle } from './muscles/model';
import { muscles } from './muscles/muscles';
import type { Posture } from './postures';
import { splitWork } from './split';
import { add, cross, dot, scale, type Vec } from './vector';

/** The ribs as one more muscle: what an arm leaning on them gives, pushed outward (about X), for one newton. */
const ribs = { moment: [-0.1, 0, 0] as Vec, force: 1000, price: 0.02 };

const forces = Float64Array.from([...muscles.map((m) => m.force), ribs.force]);

/**
 * In elbow work the upper arm is held still by whatever is strong and near at hand. The broad muscles of the
 * back cost this much of what they do elsewhere, so that they do the holding and not the rear delt or the
 * lower chest; the ribs, where the arm leans on them, as well. Chosen with the ordinal truths in view.
 */
export const HOLDING = 0.02;
const holders: readonly string[] = ['latissimus', 'teres major'];

/** What a unit of each muscle's activity costs, the ribs last. */
export const pricesIn = (held: boolean): Float64Array =>
  Float64Array.from([
    ...muscles.map((m) => m.price * (held && holders.includes(m.id) ? HOLDING : 1)),
    ribs.price,
  ]);
const usual = pricesIn(false);
const holding = pricesIn(true);

/** The way the load asks the arm to swing, and across it. */
function swingAxes({ asked, frame }: Posture): { along: Vec; across: Vec } {
  const x = dot(asked.shoulder, frame.x);
  const z = dot(asked.shoulder, frame.z);
  const size = Math.hypot(x, z);
  const along = size > 1e-9 ? add(scale(frame.x, x / size), scale(frame.z, z / size)) : frame.z;
  return { along, across: cross(along, frame.y) };
}

/** What every muscle gives to the four torques of a posture, and those torques: along, across, axial, elbow. */
export function splitTask(
  posture: Posture,
  arms: MuscleArms,
  prices: Float64Array = posture.held ? holding : usual,
) {
  const { along, across } = swingAxes(posture);
  const { y } = posture.frame;
  const n = muscles.length;
  const columns = new Float64Array(4 * (posture.rests ? n + 1 : n));
  const put = (i: number, a: number, b: number, c: number, elbow: number): void => {
    columns[4 * i] = a * along[0] + b * along[1] + c * along[2];
    columns[4 * i + 1] = a * across[0] + b * across[1] + c * across[2];
    columns[4 * i + 2] = a * y[0] + b * y[1] + c * y[2];
    columns[4 * i + 3] = elbow;
  };
  for (let i = 0; i < n; i++)
    put(i, arms.moment[3 * i]!, arms.moment[3 * i + 1]!, arms.moment[3 * i + 2]!, arms.elbow[i]!);
  if (posture.rests) put(n, ...ribs.moment, 0);
  const { asked } = posture;
  return {
    columns,
    torques: [asked.swing, 0, asked.axial, asked.elbow] as const,
    forces: forces.subarray(0, columns.length / 4),
    prices: prices.subarray(0, columns.length / 4),
  };
}

/** Activity of every muscle in a posture. Only ratios mean something; a model's estimate. */
export const activityIn = (posture: Posture, arms: MuscleArms, prices?: Float64Array): Float64Array =>
  splitWork(splitTask(posture, arms, prices));

export const armsIn = ({ pose, frame, bend, pin }: Posture, set?: readonly Muscle[]): MuscleArms =>
  armsOf(pose.upper, frame, bend, pin, set);

const regionOf = muscles.map((m) => pressingRegions.indexOf(m.region as PressingRegion));
const regionForce = pressingRegions.map((id) =>
  muscles.reduce((t, m) => t + (m.region === id ? m.force : 0), 0),
);

/**
 * Mean activity of each pressing region over a repetition, weighted by hand travel; a region drawn as
 * several lines counts as their mean by force. `pressingRegions` order.
 */
export function regionActivity(
  postures: readonly Posture[],
  activities: readonly Float64Array[],
): Float64Array {
  const found = new Float64Array(pressingRegions.length);
  postures.forEach((p, n) => {
    const activity = activities[n]!;
    for (let i = 0; i < muscles.length; i++) {
      const region = regionOf[i]!;
      if (region >= 0) found[region]! += (p.weight * activity[i]! * muscles[i]!.force) / regionForce[region]!;
    }
  });
  return found;
}

import { type Body, type PressingRegion, pressingRegions, segmentsOf } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { activityIn, armsIn, regionActivity } from './activity';
import type { Gear } from './loads/changing-loads';
import { restingLengths, type MuscleArms } from './muscles/arms';
import { muscles } from './muscles/muscles';
import { posturesOf, type Posture } from './postures';
import { length, minus } from './vector';

/** One posture of the range with what it asks. */
export interface WorkPoint {
  /** Share of the hand's way, 0 where the movement is stretched. */
  at: number;
  /** Torques the muscles must answer, N·m: swing at the shoulder; straightening (+) or bending (−) at the elbow. */
  shoulderNm: number;
  elbowNm: number;
  /** About the upper arm's own axis: rotation. */
  axialNm: number;
  /** Horizontal adduction (+: across the body) and flexion (+: forward and up), N·m. */
  adductionNm: number;
  flexionNm: number;
  /** Force on the shoulder joint forward, as a share of the force into the socket. A model's estimate. */
  frontStrain: number;
  /** The elbow ahead of the shoulder joint (m); below zero it is behind the trunk's side line. */
  elbowAheadM: number;
  /** Share of the hand's whole way that this posture stands for. */
  weight: number;
}

export type PerRegion = Record<PressingRegion, number>;

export interface Work {
  points: WorkPoint[];
  /** Mean activity of each of the nine pressing regions over their sum. A model's estimate; not for showing. */
  shares: PerRegion;
  /** Mean activity against the hardest-working region's, 0 to 1. A model's estimate. */
  effort: PerRegion;
  /** Longest each region gets over the range, as a share of its length with the arm hanging and the elbow square. */
  longest: PerRegion;
  travelM: number;
}

const perRegion = (of: (i: number) => number): PerRegion =>
  Object.fromEntries(pressingRegions.map((id, i) => [id, of(i)])) as PerRegion;

function frontStrain({ force }: Posture, { along }: MuscleArms, activity: Float64Array): number {
  let [forward, , out] = force;
  muscles.forEach((muscle, i) => {
    const pull = muscle.force * activity[i]!;
    forward += along[3 * i]! * pull;
    out += along[3 * i + 2]! * pull;
  });
  return out < -1 ? forward / -out : 0;
}

function longestOf(arms: readonly MuscleArms[]): PerRegion {
  const rest = restingLengths();
  const longest = new Map<string, number>();
  for (const { lengthM } of arms)
    muscles.forEach((m, i) => {
      if (m.region)
        longest.set(m.region, Math.max(longest.get(m.region) ?? 0, 1 + (lengthM[i]! - rest[i]!) / m.bestM));
    });
  return perRegion((i) => longest.get(pressingRegions[i]!) ?? 0);
}

function compute(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count: number,
  gear?: Gear,
): Work | null {
  const postures = posturesOf(movement, rig, body, loadKg, count, gear);
  if (postures.length === 0) return null;
  const arms = postures.map((p) => armsIn(p));
  const activities = postures.map((p, i) => activityIn(p, arms[i]!));
  const { upperArmM } = segmentsOf(body);
  let way = 0;
  const points = postures.map((p, i): WorkPoint => {
    if (i > 0) way += length(minus(p.pose.hand, postures[i - 1]!.pose.hand));
    return {
      at: way,
      shoulderNm: p.asked.swing,
      elbowNm: -p.asked.elbow,
      axialNm: p.asked.axial,
      adductionNm: p.asked.shoulder[1],
      flexionNm: p.asked.shoulder[2],
      frontStrain: frontStrain(p, arms[i]!, activities[i]!),
      elbowAheadM: p.pose.upper[0] * upperArmM,
      weight: p.weight,
    };
  });
  for (const p of points) p.at = way > 1e-6 ? p.at / way : 0;
  const activity = regionActivity(postures, activities);
  const sum = activity.reduce((a, b) => a + b, 0) || 1;
  const most = Math.max(...activity) || 1;
  return {
    points,
    shares: perRegion((i) => activity[i]! / sum),
    effort: perRegion((i) => activity[i]! / most),
    longest: longestOf(arms),
    travelM: way,
  };
}

/** The last few bodies and loads a rig was asked about. */
const remembered = new WeakMap<Rig, Map<string, Work | null>>();
const KEPT = 6;

/**
 * What a movement asks over one repetition at a rig, for a body and a load (kg as the coach says it):
 * torques by statics, activity by the split. `gear`: the chains and bands it would be hung with, common
 * ones when left out. Null for things without an arm path.
 */
export function workOf(
  movement: Movement,
  rig: Rig,
  body: Body,
  loadKg: number,
  count = 20,
  gear?: Gear,
): Work | null {
  const hung = gear && (rig.added === 'chains' || rig.added === 'bands') ? JSON.stringify(gear) : '';
  const key = `${movement.id} ${body.statureM} ${body.massKg} ${body.biacromialM ?? ''} ${loadKg} ${count} ${hung}`;
  let known = remembered.get(rig);
  if (!known) remembered.set(rig, (known = new Map()));
  let work = known.get(key);
  if (work === undefined) {
    work = compute(movement, rig, body, loadKg, count, gear);
    if (known.size >= KEPT) known.clear();
    known.set(key, work);
  }
  return work;
}

/** The six shoulder regions' shares among themselves: where bench-angle trends live. */
export function shoulderShares(work: Work): PerRegion {
  const sum = pressingRegions.slice(0, 6).reduce((t, id) => t + work.shares[id], 0) || 1;
  return perRegion((i) => (i < 6 ? work.shares[pressingRegions[i]!] / sum : 0));
}

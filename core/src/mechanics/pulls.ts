import { type Body, type PressingRegion, pressingRegions, segmentsOf } from '../anatomy';
import type { Movement, Rig } from '../movements';
import { activityIn, armsIn } from './activity';
import { restingLengths } from './muscles/arms';
import { courseOf, onArm, type Course } from './muscles/courses';
import { girdleAt } from './muscles/girdle';
import { muscles } from './muscles/muscles';
import { posturesOf, type Posture } from './postures';
import { add, mix, scale, type Vec } from './vector';

/** One strand of a muscle in one posture, for drawing: where it runs, how hard it works, how long it is. */
export interface Pull {
  region: PressingRegion;
  /** Metres from the right shoulder joint in the trunk's frame. */
  course: Course;
  /** Activity against the hardest-working muscle of the whole repetition, 0 to 1. A model's estimate. */
  level: number;
  /** Length against that with the arm hanging and the elbow square; over 1 is stretched. */
  length: number;
}

/** The build the lines of pull were fitted on, metres. */
const FITTED_ON_M = 1.75;
/** Strands drawn for each region: a fan has more than a strap. */
const strands: Record<PressingRegion, number> = {
  pecUpper: 5,
  pecMiddle: 6,
  pecLower: 5,
  deltFront: 4,
  deltSide: 4,
  deltRear: 4,
  triLong: 3,
  triLateral: 3,
  triMedial: 2,
};

/**
 * The two edges of heads that the model has no line for, in the upper arm's frame as shares of its length: from the
 * back of the bone to the point of the elbow. For the eye only; nothing is computed from them.
 */
const onBone: Partial<Record<PressingRegion, [Vec, Vec]>> = {
  triLateral: [
    [-0.05, -0.3, 0.05],
    [-0.06, -0.6, 0.06],
  ],
  triMedial: [
    [-0.05, -0.5, -0.03],
    [-0.05, -0.65, -0.03],
  ],
};
const elbowPoint: Vec = [-0.05, -1, 0];
/** Half the breadth of a muscle that is one line in the model, metres. */
const HALF_BREADTH_M = 0.012;

const between = (a: Course, b: Course, t: number): Course => [
  mix(a[0], b[0], t),
  mix(a[1], b[1], t),
  mix(a[2], b[2], t),
];

interface Edge {
  course: Course;
  level: number;
  length: number;
}

/** The lines of a region in a posture: two edges of its fan. */
function edgesOf(
  region: PressingRegion,
  posture: Posture,
  body: Body,
  told: { activity: Float64Array; lengths: Float64Array },
): [Edge, Edge] {
  const k = body.statureM / FITTED_ON_M;
  const girdle = girdleAt(posture.pose.upper, posture.pin);
  const upper = segmentsOf(body).upperArmM;
  const rest = restingLengths();
  const elbow = onArm(posture.frame, scale(elbowPoint, upper));
  const at = muscles.flatMap((m, i) => (m.region === region ? [i] : []));
  const found = at.map((i): Edge => {
    const { line, bestM } = muscles[i]!;
    const [from, over, to] = line
      ? (courseOf(line, posture.frame, girdle).map((v) => scale(v, k)) as unknown as Course)
      : ([scale(posture.pose.upper, 0.3 * upper), elbow, elbow] as const);
    return {
      course: line && region === 'triLong' ? [from, over, elbow] : [from, over, to],
      level: told.activity[i]!,
      length: 1 + (told.lengths[i]! - rest[i]!) / bestM,
    };
  });
  const bone = onBone[region];
  const first = found[0]!;
  if (bone) {
    const [a, b] = bone.map((v): Course => {
      const from = onArm(posture.frame, scale(v, upper));
      return [from, add(mix(from, elbow, 0.5), scale(posture.frame.x, -0.02 * k)), elbow];
    });
    return [
      { ...first, course: a! },
      { ...first, course: b! },
    ];
  }
  if (found[1]) return [first, found[1]];
  const aside = scale(posture.frame.x, HALF_BREADTH_M * k);
  const shifted = ([from, over, to]: Course, by: 1 | -1): Course => [
    add(from, scale(aside, by)),
    add(over, scale(aside, by)),
    to,
  ];
  return [
    { ...first, course: shifted(first.course, 1) },
    { ...first, course: shifted(first.course, -1) },
  ];
}

/**
 * The strands of every pressing muscle at `count` moments of a repetition, from the stretched to the short end, as
 * `figureOf` draws them. Empty for things without an arm path. `loadKg` as the coach says it; levels are ratios and
 * hardly hang on it.
 */
export function pullsOf(movement: Movement, rig: Rig, body: Body, loadKg: number, count = 24): Pull[][] {
  const postures = posturesOf(movement, rig, body, loadKg, count);
  const told = postures.map((posture) => {
    const arms = armsIn(posture);
    return { activity: activityIn(posture, arms), lengths: arms.lengthM };
  });
  const pressing = muscles.flatMap((m, i) =>
    pressingRegions.includes(m.region as PressingRegion) ? [i] : [],
  );
  const most = Math.max(1e-9, ...told.flatMap(({ activity }) => pressing.map((i) => activity[i]!)));
  return postures.map((posture, n) =>
    pressingRegions.flatMap((region) => {
      const [a, b] = edgesOf(region, posture, body, told[n]!);
      const many = strands[region];
      return Array.from({ length: many }, (_, i): Pull => {
        const t = i / (many - 1);
        return {
          region,
          course: between(a.course, b.course, t),
          level: (a.level * (1 - t) + b.level * t) / most,
          length: a.length * (1 - t) + b.length * t,
        };
      });
    }),
  );
}

import type { LimitId, Movement, Rig } from '../movements';

/** What is judged: a movement as it is set up, and where it stands in a session how it is done. */
export interface Setting {
  movement: Movement;
  rig: Rig;
}

/** How hard a line is meant to be. */
export interface Doing {
  /** Fewest repetitions left of all its sets. */
  reserve: number;
  /** Fewest repetitions a set asks for; null for holds and open sets. */
  fewest: number | null;
  /** The longest contraction held still, or squeezed between sets, seconds. */
  holdS: number;
}

/** One thing to avoid or to change under a limit. Common practice; it defers to whoever treats the client. */
interface Row {
  limit: LimitId;
  /** What is said to the coach: what to change. */
  say: string;
  /** Only worth knowing. */
  isNote?: true;
  when: (setting: Setting) => boolean;
}
interface EffortRow extends Omit<Row, 'when'> {
  when: (setting: Setting, doing: Doing) => boolean;
}

/** Hands as wide as this are wide for a shoulder or a chest that complains, × shoulder breadth. */
const WIDE = 1.7;
const TUCKED = 45;
const STEEP = 60;
const HEAVY_REPS = 6;
const LONG_HOLD_S = 10;

const { includes } = Array.prototype;
const isOneOf = (value: unknown, ...of: unknown[]): boolean => includes.call(of, value);

const isPress = ({ movement }: Setting): boolean =>
  movement.pattern === 'press' && (movement.family === 'press' || movement.family === 'overhead');
const isDip = ({ movement }: Setting): boolean =>
  movement.station === 'dip bars' || movement.station === 'assisted dip';
const isOverhead = ({ movement }: Setting): boolean => movement.family === 'overhead';
const isBehindNeck = ({ movement }: Setting): boolean => movement.id === 'behind-neck-press';
const isBar = ({ movement }: Setting): boolean =>
  isOneOf(movement.implement, 'barbell', 'curl bar', 'guided bar');
const isFree = ({ movement }: Setting): boolean =>
  isOneOf(movement.implement, 'barbell', 'dumbbells', 'dumbbell');
const isPushUp = ({ movement, rig }: Setting): boolean =>
  movement.implement === 'bodyweight' && movement.pattern === 'press' && !isDip({ movement, rig });
const isWide = (s: Setting): boolean => isPress(s) && (s.rig.gripBiacromial ?? 0) >= WIDE;
const isOnFloor = ({ rig }: Setting): boolean => rig.stance === 'floor';
const isCutShort = (s: Setting): boolean => isOnFloor(s) || isOneOf(s.rig.range, 'box', 'pins', 'mid pins');
const isDeep = ({ rig }: Setting): boolean => isOneOf(rig.range, 'deficit', 'lengthened half');
/** A fly that goes as far as its rig lets it; a cable fly stops at the chest by its cue. */
const isDeepFly = (s: Setting): boolean =>
  s.movement.pattern === 'pullover' ||
  (s.movement.pattern === 'fly' &&
    s.movement.implement !== 'cable' &&
    s.rig.range !== 'chest level' &&
    !isOnFloor(s));
/** Loaded through a plate or a bell on a bench; a machine or a cable holds its own path. */
const isFreePressOnBench = (s: Setting): boolean =>
  s.movement.family === 'press' && isPress(s) && isFree(s) && !isCutShort(s);
const tuckOf = ({ rig }: Setting): number => rig.tuckDeg ?? TUCKED;
const isRounded = ({ rig }: Setting): boolean => rig.forearm === 'neutral' || rig.forearm === 'supinated';

export const rows: readonly Row[] = [
  {
    limit: 'shoulder front',
    say: 'Leave dips out for now, or help with enough of the bodyweight to stop well above level.',
    when: (s) => isDip(s),
  },
  {
    limit: 'shoulder front',
    say: 'Bring the hands in: at this width the front of the joint pays for the range.',
    when: isWide,
  },
  { limit: 'shoulder front', say: 'Press in front of the head.', when: isBehindNeck },
  {
    limit: 'shoulder front',
    say: 'Stop level with the chest, lie on the floor, or take a cable.',
    when: isDeepFly,
  },
  {
    limit: 'shoulder front',
    say: 'As steep as this with the elbows out is what irritates it most: lower the bench and tuck, or turn the palms in.',
    when: (s) => isPress(s) && (s.rig.benchDeg ?? 0) >= STEEP && tuckOf(s) > TUCKED && !isRounded(s),
  },
  {
    limit: 'shoulder front',
    say: 'Pulled higher than the shoulder it pinches; raises to the side do the job.',
    when: ({ movement }) => movement.id === 'wide-upright-row',
  },
  {
    limit: 'shoulder front',
    say: 'Elbows at 45° or less, palms turned in, or the floor under them.',
    when: (s) =>
      isPress(s) && (isFree(s) || isBar(s)) && !isRounded(s) && !isOnFloor(s) && tuckOf(s) > TUCKED,
  },
  {
    limit: 'shoulder front',
    say: 'Elbows nearer to the ribs.',
    when: (s) => isPress(s) && !isFree(s) && !isBar(s) && !isRounded(s) && tuckOf(s) >= 70,
  },
  {
    limit: 'shoulder front',
    say: 'The hands sink below the chest here; take the floor.',
    when: (s) => isPress(s) && isDeep(s),
  },
  {
    limit: 'shoulder front',
    say: 'Only as high as it stays quiet; with the arm down two of the three heads are trained as well.',
    isNote: true,
    when: ({ movement }) => movement.pattern === 'elbow overhead',
  },
  {
    limit: 'shoulder unstable',
    say: 'The arm out, turned back and loaded is where it slips: press in front, on a machine, or on the floor.',
    when: (s) => isBehindNeck(s) || (isPress(s) && isFree(s) && tuckOf(s) >= 75),
  },
  {
    limit: 'shoulder unstable',
    say: 'No loaded stretch: what the floor or a machine stops is safer. Clearance comes first.',
    when: (s) => isDip(s) || isDeepFly(s) || (isPress(s) && isDeep(s)) || isFreePressOnBench(s),
  },
  {
    limit: 'shoulder unstable',
    say: 'No fly on a bench: the floor stops the arms before the joint has to.',
    when: (s) => s.movement.pattern === 'fly' && isFree(s) && !isOnFloor(s),
  },
  {
    limit: 'elbow',
    say: 'A rope, a cable or bells instead of the bar.',
    when: (s) => s.movement.pattern === 'elbow lying' && isBar(s),
  },
  {
    limit: 'elbow',
    say: 'Hands wider than the ribs: a close grip puts the load on the elbow.',
    when: (s) =>
      isPress(s) && (isBar(s) || isPushUp(s)) && (s.rig.gripBiacromial ?? 1.5) < 1.2 && !isOverhead(s),
  },
  {
    limit: 'elbow',
    say: 'An underhand bar twists the elbow: palms forward or turned in.',
    when: (s) => isPress(s) && isBar(s) && s.rig.forearm === 'supinated',
  },
  {
    limit: 'wrist',
    say: 'Palms forward or turned in: underhand bends the wrist back under the load.',
    when: (s) => isPress(s) && s.rig.forearm === 'supinated',
  },
  {
    limit: 'wrist',
    say: 'A rope or bells let the wrist find its own way; the bar does not.',
    when: (s) => isBar(s) && isOneOf(s.movement.pattern, 'elbow lying', 'curl', 'row'),
  },
  {
    limit: 'wrist',
    say: 'Handles or fists instead of the flat palm.',
    when: (s) => isPushUp(s) && s.rig.range !== 'deficit',
  },
  {
    limit: 'lower back',
    say: 'Take the seated, supported press.',
    when: (s) => isOverhead(s) && !isOneOf(s.rig.stance, 'seated') && s.movement.implement !== 'machine',
  },
  {
    limit: 'lower back',
    say: 'Lay the chest on a bench.',
    when: ({ movement, rig }) => rig.stance === 'hinged' || movement.id === 'kickback',
  },
  {
    limit: 'lower back',
    say: 'Feet on the floor: with them up the arch has nothing under it.',
    when: ({ rig }) => rig.stance === 'feet up',
  },
  {
    limit: 'lower back',
    say: 'Kneel or lie on an incline for it.',
    isNote: true,
    when: ({ movement, rig }) => movement.implement === 'landmine' && rig.stance === 'standing',
  },
  {
    limit: 'blood pressure',
    say: 'Not head down: a flat bench, a high pulley or a lean does the same.',
    when: ({ movement, rig }) => (rig.benchDeg ?? 0) < 0 && movement.implement !== 'machine',
  },
  {
    limit: 'blood pressure',
    say: 'Pressed together all the way it is one long hold: let the bells go apart and breathe with every rep.',
    when: ({ movement, rig }) => rig.hands === 'together' && movement.pattern === 'press',
  },
  {
    limit: 'pec strain',
    say: 'No wide hands on a bar: dumbbells or a machine, and the range built up slowly.',
    when: (s) => isWide(s) && isBar(s),
  },
  {
    limit: 'pec strain',
    say: 'No deep stretch under load until the strain is long settled.',
    when: (s) => isDip(s) || isDeepFly(s) || (isPress(s) && isDeep(s)),
  },
];

export const effortRows: readonly EffortRow[] = [
  {
    limit: 'elbow',
    say: 'More repetitions with less: ten and up.',
    when: ({ movement }, { fewest }) =>
      movement.family === 'triceps' && !movement.compound && fewest !== null && fewest < 8,
  },
  {
    limit: 'blood pressure',
    say: 'Leave two or more: close to failure the breath is held and the pressure goes up.',
    when: ({ movement }, { reserve }) =>
      movement.load.kind !== 'none' && reserve < (movement.compound ? 2 : 1),
  },
  {
    limit: 'blood pressure',
    say: 'Moderate loads: eight and more repetitions, breathing all the way.',
    when: ({ movement }, { fewest }) => movement.compound && fewest !== null && fewest < HEAVY_REPS,
  },
  {
    limit: 'blood pressure',
    say: 'No long holds and squeezes: under ten seconds, and never with the breath held.',
    when: (_setting, { holdS }) => holdS >= LONG_HOLD_S,
  },
  {
    limit: 'pec strain',
    say: 'Lighter and for more repetitions; bells or a machine before a bar.',
    when: (s, { fewest }) =>
      isPress(s) && s.movement.family === 'press' && isFree(s) && fewest !== null && fewest < HEAVY_REPS,
  },
  {
    limit: 'pec strain',
    say: 'Nothing to failure where the chest is stretched: leave one or two.',
    when: (s, { reserve }) =>
      reserve < 1 && (s.movement.family === 'fly' || (s.movement.family === 'press' && isPress(s))),
  },
];

/** Something a limit is better off with. Common practice; it only tells what is kinder of two that meet nothing. */
interface PreferredRow {
  limit: LimitId;
  when: (setting: Setting, doing?: Doing) => boolean;
}

const isSupported = ({ rig, movement }: Setting): boolean =>
  isOneOf(rig.stance, 'seated', 'prone', 'lying', 'floor', 'incline bench') ||
  movement.implement === 'machine' ||
  movement.pattern === 'elbow lying';
const isPressing = (s: Setting): boolean => isPress(s) || isPushUp(s);

export const preferred: readonly PreferredRow[] = [
  { limit: 'shoulder front', when: (s) => isPressing(s) && s.rig.forearm === 'neutral' },
  {
    limit: 'shoulder front',
    when: (s) => isPressing(s) && s.rig.tuckDeg !== undefined && s.rig.tuckDeg <= TUCKED,
  },
  { limit: 'shoulder front', when: (s) => isOnFloor(s) },
  { limit: 'shoulder front', when: ({ movement }) => movement.implement === 'landmine' },
  {
    limit: 'shoulder front',
    when: ({ movement }) => movement.pattern === 'fly' && movement.implement === 'cable',
  },
  { limit: 'shoulder front', when: (s) => isPress(s) && s.movement.implement === 'machine' },
  { limit: 'shoulder unstable', when: (s) => isOnFloor(s) },
  { limit: 'shoulder unstable', when: (s) => isPressing(s) && s.movement.implement === 'machine' },
  { limit: 'shoulder unstable', when: isPushUp },
  {
    limit: 'elbow',
    when: ({ movement }) => movement.pattern === 'elbow down' && movement.implement === 'cable',
  },
  { limit: 'elbow', when: (s) => s.movement.implement === 'cable' && s.movement.family === 'triceps' },
  { limit: 'elbow', when: (s) => isPress(s) && isOneOf(s.movement.implement, 'dumbbells', 'dumbbell') },
  { limit: 'elbow', when: (_s, doing) => (doing?.fewest ?? 0) >= 10 },
  { limit: 'wrist', when: (s) => s.rig.forearm === 'neutral' },
  { limit: 'wrist', when: (s) => s.movement.clips === 'rope' && s.movement.family === 'triceps' },
  { limit: 'wrist', when: (s) => isPushUp(s) && s.rig.range === 'deficit' },
  { limit: 'lower back', when: (s) => isSupported(s) && s.movement.pattern !== 'elbow overhead' },
  { limit: 'blood pressure', when: (_s, doing) => (doing?.reserve ?? 0) >= 3 },
  {
    limit: 'pec strain',
    when: (s) => isPressing(s) && isOneOf(s.movement.implement, 'dumbbells', 'machine'),
  },
];

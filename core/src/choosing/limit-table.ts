import type { LimitId } from '../movements';
import {
  type Doing,
  type Setting,
  HEAVY_REPS,
  LONG_HOLD_S,
  STEEP,
  STRAINED_REPS,
  TUCKED,
  isBar,
  isBehindNeck,
  isDeep,
  isDeepFly,
  isDip,
  isFree,
  isFreePressOnBench,
  isOnFloor,
  isOneOf,
  isOverhead,
  isPress,
  isPushUp,
  isRounded,
  isWide,
  tuckOf,
} from './limit-questions';

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
    limit: 'elbow',
    say: 'Dips bend the elbow deep under the whole body: help with some of it, and stop where the upper arm is level.',
    isNote: true,
    when: isDip,
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
    say: 'A straight bar bends the wrist back under the load: bells or handles, else the bar over the heel of the hand and the knuckles up.',
    isNote: true,
    when: (s) =>
      isPress(s) &&
      isOneOf(s.movement.implement, 'barbell', 'guided bar') &&
      !isOneOf(s.rig.forearm, 'neutral', 'supinated'),
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
    limit: 'elbow',
    say: 'Not to failure where the elbow is bent deep: leave one or two.',
    when: (s, { reserve }) =>
      reserve < 1 &&
      (isDip(s) || isOverhead(s) || isOneOf(s.movement.pattern, 'elbow overhead', 'elbow lying')),
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
      isPress(s) &&
      s.movement.family === 'press' &&
      isFree(s) &&
      fewest !== null &&
      fewest < (s.movement.implement === 'barbell' ? STRAINED_REPS : HEAVY_REPS),
  },
  {
    limit: 'pec strain',
    say: 'Nothing to failure where the chest is stretched: leave one or two.',
    when: (s, { reserve }) =>
      reserve < 1 && (s.movement.family === 'fly' || (s.movement.family === 'press' && isPress(s))),
  },
];

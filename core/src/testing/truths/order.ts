import { pressingRegions } from '../../anatomy';
import { chest, falls, rises, six, triceps, type Asked } from './asked';
import type { Truth } from './truth';

const moreTriceps = (a: string, b: string) => (who: Asked) => triceps(who.usual(a)) > triceps(who.usual(b));
const anyBar = ({ person }: Asked) => ({ gripBiacromial: person.grip, tuckDeg: person.tuck });

const ofTriceps: Truth[] = [
  {
    name: 'close-grip: more triceps than bench',
    holds: moreTriceps('close-grip-bench-press', 'barbell-bench-press'),
  },
  {
    name: 'close-grip at any tuck of 30–50: more triceps than any bench',
    holds: (who) =>
      triceps(who.usual('close-grip-bench-press', { tuckDeg: who.person.closeTuck })) >
      triceps(who.usual('barbell-bench-press', anyBar(who))),
  },
  {
    name: 'floor press: more triceps than bench at the same grip and tuck',
    holds: (who) =>
      triceps(who.usual('barbell-floor-press', anyBar(who))) >
      triceps(who.usual('barbell-bench-press', anyBar(who))),
  },
  {
    name: 'floor press as set up: more triceps than bench',
    holds: moreTriceps('barbell-floor-press', 'barbell-bench-press'),
  },
  { name: 'narrow push-up: more triceps than push-up', holds: moreTriceps('narrow-push-up', 'push-up') },
  {
    name: 'narrow tucked dumbbell press: more triceps than dumbbell press',
    holds: moreTriceps('narrow-tucked-dumbbell-press', 'dumbbell-bench-press'),
  },
  {
    name: 'dumbbell press: less triceps than barbell',
    holds: moreTriceps('barbell-bench-press', 'dumbbell-bench-press'),
  },
  {
    name: 'dumbbell press: less triceps than barbell, any bench and tuck',
    holds: (who) => {
      const { bellTuck: tuckDeg, bellBench: benchDeg, bellBarGrip } = who.person;
      return (
        triceps(who.usual('dumbbell-bench-press', { tuckDeg, benchDeg })) <
        triceps(who.usual('barbell-bench-press', { tuckDeg, benchDeg, gripBiacromial: bellBarGrip }))
      );
    },
  },
  {
    name: 'wide grip: less triceps than bench',
    holds: moreTriceps('barbell-bench-press', 'wide-grip-bench-press'),
  },
  ...[
    'chest-press-machine',
    'incline-press-machine',
    'decline-press-machine',
    'low-seat-chest-press',
    'machine-overhead-press',
    'machine-dip',
  ].map((id) => ({
    name: `${id}: triceps a fifth of nine or more`,
    holds: (who: Asked) => triceps(who.of(id, {}, who.person.barKg)) >= 0.2,
  })),
  ...['barbell-bench-press', 'dumbbell-bench-press', 'incline-barbell-press', 'push-up'].map((id) => ({
    name: `${id}: the lower half has less triceps than the upper`,
    holds: (who: Asked) =>
      triceps(who.usual(id, { range: 'lengthened half' })) < triceps(who.usual(id, { range: 'mid pins' })),
  })),
  {
    name: 'grip 1, 1.5, 2: triceps fall',
    holds: (who) => falls(grips(who).map(triceps)),
  },
  {
    name: 'grip 1, 1.5, 2: middle and lower chest of six rise',
    floor: 99,
    holds: (who) => rises(grips(who).map((a) => six(a).pecMiddle + six(a).pecLower)),
  },
];

export const grips = (who: Asked) =>
  [1, 1.5, 2].map((gripBiacromial) =>
    who.usual('barbell-bench-press', {
      gripBiacromial,
      tuckDeg: who.person.gripTuck,
      benchDeg: who.person.gripBench,
    }),
  );

/** Per cent in whom the middle or lower chest alone is the upper's equal; within two points of it. */
const flatPresses: [string, number, number][] = [
  ['barbell-bench-press', 100, 100],
  ['wide-grip-bench-press', 100, 100],
  ['guided-bar-bench-press', 100, 100],
  ['decline-barbell-press', 100, 100],
  ['dumbbell-bench-press', 100, 100],
  ['decline-dumbbell-press', 100, 100],
  ['chest-press-machine', 0, 27.5],
  ['decline-press-machine', 91.5, 100],
  ['push-up', 100, 100],
  ['hands-raised-push-up', 100, 100],
  ['chest-dip', 100, 100],
  ['dumbbell-fly', 100, 100],
  ['cable-fly-high-to-low', 100, 100],
];

const ofChest: Truth[] = [
  ...[...flatPresses.map(([id]) => id), 'triceps-dip'].map((id) => ({
    name: `${id}: middle and lower chest above the upper`,
    floor: id === 'chest-press-machine' ? 98 : 100,
    holds: (who: Asked) => {
      const { pecUpper, pecMiddle, pecLower } = who.usual(id).shares;
      return pecMiddle + pecLower > pecUpper;
    },
  })),
  ...flatPresses.flatMap(([id, alone, near]) =>
    [0, 0.02].map((slack, i) => ({
      name: `${id}: middle or lower chest alone at the upper${i ? ' less two points' : ''}`,
      floor: i ? near : alone,
      holds: (who: Asked) => {
        const { pecUpper, pecMiddle, pecLower } = who.usual(id).shares;
        return Math.max(pecMiddle, pecLower) >= pecUpper - slack;
      },
    })),
  ),
  ...[
    'incline-barbell-press',
    'incline-dumbbell-press',
    'incline-dumbbell-fly',
    'cable-fly-low-to-high',
    'underhand-dumbbell-press',
    'incline-press-machine',
    'kneeling-landmine-press',
  ].map((id) => ({
    name: `${id}: upper chest above the middle`,
    floor: id === 'underhand-dumbbell-press' ? 0 : 100,
    holds: (who: Asked) => who.usual(id).shares.pecUpper > who.usual(id).shares.pecMiddle,
  })),
  {
    name: 'chest dip: middle and lower chest a quarter or more',
    holds: (who) => {
      const { pecMiddle, pecLower } = who.usual('chest-dip').shares;
      return pecMiddle + pecLower >= 0.25;
    },
  },
  { name: 'upright dip: triceps half or more', holds: (who) => triceps(who.usual('triceps-dip')) >= 0.5 },
  {
    name: 'dip lean 8 to 32: chest rises, triceps fall',
    holds: (who) => {
      const leans = [8, 16, 24, 32].map((leanDeg) => who.usual('chest-dip', { leanDeg }));
      return rises(leans.map(chest)) && falls(leans.map(triceps));
    },
  },
  ...[
    {
      name: 'pulley high to low: lower chest falls, upper rises (a point of slack)',
      at: [1.1, 0.82, 0.5, 0.2],
      slack: 0.01,
      floor: 0,
    },
    {
      name: 'pulley 1.1 down to .5: lower chest falls, upper rises',
      at: [1.1, 1, 0.82, 0.6, 0.5],
      slack: 0,
      floor: 61,
    },
  ].map(({ name, at, slack, floor }) => ({
    name,
    floor,
    holds: (who: Asked) => {
      const heights = at.map((pulleyStature) =>
        six(who.of('cable-fly-shoulder-height', { pulleyStature }, who.person.bellKg * 0.5)),
      );
      return (
        falls(
          heights.map((s) => s.pecLower),
          slack,
        ) &&
        rises(
          heights.map((s) => s.pecUpper),
          slack,
        )
      );
    },
  })),
];

const overheads: [string, number][] = [
  ['standing-barbell-press', 100],
  ['seated-barbell-press', 100],
  ['seated-dumbbell-press', 100],
  ['standing-dumbbell-press', 99],
  ['neutral-overhead-dumbbell-press', 100],
  ['machine-overhead-press', 100],
];

const ofDelts: Truth[] = [
  ...overheads.flatMap(([id, floor], i) => {
    const kg = (who: Asked): number => (/dumbbell/.test(id) ? who.person.bellKg : who.person.barKg * 0.6);
    const press = (who: Asked) => who.of(id, { tuckDeg: who.person.overheadTucks[i]! }, kg(who));
    return [
      {
        name: `${id}: front delt at the side delt or above`,
        floor,
        holds: (who: Asked) => press(who).shares.deltFront >= press(who).shares.deltSide,
      },
      {
        name: `${id}: side delt over twice the rear`,
        holds: (who: Asked) => press(who).shares.deltSide > 2 * press(who).shares.deltRear,
      },
      {
        name: `${id}: front and side over twice the chest`,
        holds: (who: Asked) => {
          const a = press(who);
          return a.shares.deltFront + a.shares.deltSide > 2 * chest(a);
        },
      },
    ];
  }),
  {
    name: 'front raise: front delt above side delt and upper chest',
    holds: (who) => {
      const { deltFront, deltSide, pecUpper } = who.usual('front-raise').shares;
      return deltFront > deltSide && deltFront > pecUpper;
    },
  },
  ...['dumbbell-lateral-raise', 'cable-lateral-raise', 'machine-lateral-raise', 'lying-side-raise'].flatMap(
    (id) => [
      {
        name: `${id}: side delt works hardest`,
        holds: (who: Asked) => {
          const { shares } = who.usual(id);
          return pressingRegions.every((r) => r === 'deltSide' || shares[r] < shares.deltSide);
        },
      },
      {
        name: `${id}: side delt over 1.5 times the front, upper chest under a tenth`,
        holds: (who: Asked) => {
          const { deltSide, deltFront, pecUpper } = who.usual(id).shares;
          return deltSide > 1.5 * deltFront && pecUpper < 0.1;
        },
      },
    ],
  ),
  ...['bent-over-rear-raise', 'reverse-machine-fly'].map((id) => ({
    name: `${id}: rear delt works hardest, triceps under .15`,
    holds: (who: Asked) => {
      const a = who.usual(id);
      return (
        pressingRegions.every((r) => r === 'deltRear' || a.shares[r] < a.shares.deltRear) && triceps(a) < 0.15
      );
    },
  })),
];

/** Per cent with triceps at .7 of nine and at .6. */
const elbowWork: [string, number, number][] = [
  ['pushdown', 100, 100],
  ['lying-triceps-extension', 100, 100],
  ['overhead-extension', 79, 100],
  ['kickback', 52, 100],
];

const longHeadShare = (a: ReturnType<Asked['usual']>): number => a.shares.triLong / triceps(a);

const ofElbows: Truth[] = [
  ...elbowWork.flatMap(([id, seven, sixth]) =>
    [
      [0.7, seven],
      [0.6, sixth],
    ].map(([least, floor]) => ({
      name: `${id}: triceps ${least} of nine or more`,
      floor: floor!,
      holds: (who: Asked) => triceps(who.usual(id)) >= least!,
    })),
  ),
  ...['lying-triceps-extension', 'pushdown'].map((id) => ({
    name: `long head's share of the triceps: ${id} above presses`,
    holds: (who: Asked) => {
      const press = Math.max(
        longHeadShare(who.usual('standing-barbell-press')),
        longHeadShare(who.usual('barbell-bench-press')),
      );
      return longHeadShare(who.usual(id)) > press;
    },
  })),
  {
    name: 'long head longest overhead, then lying, then hanging',
    source: 'Maeo et al. 2023, direction',
    holds: (who) =>
      rises(
        ['pushdown', 'lying-triceps-extension', 'overhead-extension'].map(
          (id) => who.usual(id, {}, 6).longHeadM,
        ),
      ),
  },
];

/** What coaches and measurements agree on in order. Common practice; seen while the split was chosen. */
export const order: Truth[] = [...ofTriceps, ...ofChest, ...ofDelts, ...ofElbows];

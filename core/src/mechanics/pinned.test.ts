import type { Body } from '../anatomy';
import {
  choiceKnobs,
  entries,
  fullRig,
  type Movement,
  movements,
  numericKnobs,
  type Rig,
} from '../movements';
import { body } from '../testing/working';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { creditsOf } from './credits';
import { effortsOf } from './effort';
import { figureOf, figureWords } from './figure';
import { pullsOf } from './pulls';
import { safeMoves } from './safe-moves';
import { strengthAlong } from './strength-along';
import { allLimits, untoldOf } from './told';
import { workOf } from './work';

const large: Body = { statureM: 1.93, massKg: 104, biacromialM: 0.44 };

/** Each knob of a movement at either end, each choice of it. */
const turned = (movement: Movement): [string, Rig][] => {
  const home = fullRig(movement, {});
  const numeric = numericKnobs.flatMap((knob): [string, Rig][] => {
    const spec = movement.knobs[knob];
    return spec ? [spec.min, spec.max].map((v) => [`${knob} ${v}`, { ...home, [knob]: v }]) : [];
  });
  const chosen = choiceKnobs.flatMap((knob): [string, Rig][] => {
    const options = movement.knobs[knob]?.options ?? [];
    return options.map((v) => [`${knob} ${v}`, { ...home, [knob]: v }]);
  });
  return [['home', home], ...numeric, ...chosen];
};
const everyRig = movements.flatMap((m) =>
  turned(m).map(([how, rig]): [string, Movement, Rig] => [`${m.id}, ${how}`, m, rig]),
);

const worked = (movement: Movement, rig: Rig, who: Body, kg: number) => {
  const work = workOf(movement, rig, who, kg, 9);
  if (!work) return null;
  const { points, shares, effort, longest, travelM } = work;
  return [
    travelM,
    Object.values(shares),
    Object.values(effort),
    Object.values(longest),
    ...[0, 3, 8].map((i) => Object.values(points[i] ?? {})),
  ];
};

test('what every movement asks at every setting is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'work',
    Object.fromEntries(everyRig.map(([name, m, rig]) => [name, worked(m, rig, body, 40)])),
  );
});

test('and of a larger body with another load', () => {
  expectPinned(
    import.meta.dirname,
    'work-large',
    Object.fromEntries(entries.map((e) => [e.id, worked(e.movement, e.rig, large, 72.5)])),
  );
});

test('credits, told efforts and what the model does not tell are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'credits',
    Object.fromEntries([
      ...everyRig.map(([name, m, rig]) => [name, creditsOf(m, rig)] as const),
      ...entries.map((e) => [`effort of ${e.id}`, effortsOf(e.movement, e.rig, body, 40)] as const),
      ...entries.map(
        (e) => [`untold of ${e.id}`, untoldOf(e.movement, e.rig).map((u) => allLimits.indexOf(u))] as const,
      ),
      ['safe moves', safeMoves] as const,
      ['limits of the model', allLimits] as const,
    ]),
  );
});

test('strength along a lift and the pulls of its muscles are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'strength',
    Object.fromEntries(
      movements.flatMap((m, i) => [
        [`${m.id}, strength`, strengthAlong(m, fullRig(m, {}), body, 60, 5).map((p) => Object.values(p))],
        [
          `${m.id}, pulls`,
          pullsOf(m, fullRig(m, {}), large, 30, 3)[i % 3]!.map((pull) => Object.values(pull)),
        ],
      ]),
    ),
  );
});

test('the drawings are what they were', () => {
  const drawn = (movement: Movement, rig: Rig, who: Body) => {
    const { moments, path, above, ...rest } = figureOf(movement, rig, who, 3);
    return {
      ...rest,
      moments: [moments[0], moments.at(-1)],
      path: [path[0], path.at(-1)],
      above: above && [above.jointX, above.eye, above.arms[0], above.arms.at(-1)],
      says: figureWords(figureOf(movement, rig, who, 3), movement.id, 'as set'),
    };
  };
  expectPinned(
    import.meta.dirname,
    'figures',
    Object.fromEntries([
      ...everyRig.filter((_, i) => i % 4 === 0).map(([name, m, rig]) => [name, drawn(m, rig, body)] as const),
      ...movements.map((m) => [`${m.id}, large`, drawn(m, fullRig(m, {}), large)] as const),
    ]),
  );
});

test('every setting on another body, every drawing and every pull is what it was', () => {
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    everyRig,
    ([name]) => name,
    ([name, m, rig], i) => [
      worked(m, rig, large, 55),
      figureOf(m, rig, i % 2 ? large : body, 5),
      figureWords(figureOf(m, rig, body, 3), name, 'as set'),
      pullsOf(m, rig, body, 42, 4),
      strengthAlong(m, rig, large, 80, 6),
      untoldOf(m, rig).map((u) => allLimits.indexOf(u)),
      effortsOf(m, rig, large, 30),
    ],
  );
});

import { entries, fullRig } from '../movements';
import { sampleKit } from '../examples';
import { byName, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { gearOf, handHeights, loadAlong, loadCurve, shareLeft, tightestOf } from './along-the-range';
import { percentagesOfMax } from './percentages';
import { choicesOf } from './choices';
import { fewestMoves, rampSets } from './ramp';

const cases = [soundCase, ...randomCases(16), ...ruleCases.filter((_, i) => i % 6 === 0)];

test('the loads of sessions are what they were, and what they are expected to give', () => {
  expectPinned(
    import.meta.dirname,
    'loads',
    byName(cases, (_, { lines }) =>
      lines.map((m) => [
        m.id,
        m.max,
        m.calibrate,
        m.sets.map(({ target, ...set }) => [target.reserve, ...Object.values(set)]),
        m.ramps,
      ]),
    ),
  );
});

test('the pieces loads are chosen by are what they were', () => {
  const bench = entries.find((e) => e.id === 'barbell-bench-press')!;
  const bells = entries.find((e) => e.id === 'incline-dumbbell-press')!;
  const choices = choicesOf(sampleKit, bench.movement)!;
  const hands = choicesOf(sampleKit, bells.movement)!;
  expectPinned(import.meta.dirname, 'pieces', {
    percentages: percentagesOfMax(100, [50, 62.5, 70, 80, 90, 95], choices),
    ramps: [40, 60, 80, 120].flatMap((kg) =>
      (['ladder', 'two sets'] as const).flatMap((style) => [
        rampSets(choices, kg, 'barbell', true, style),
        rampSets(choices, kg, 'barbell', false, style),
        rampSets(choices, kg, 'barbell', true, style, true),
        rampSets(hands, kg / 4, 'dumbbell', true, style),
      ]),
    ),
    moves: [60, 72.5, 100].map((kg) =>
      fewestMoves(
        choices,
        [kg * 0.5, kg * 0.7, kg * 0.85],
        choices.find((l) => l.kg >= kg)!,
      ),
    ),
  });
});

test('loads along the range are what they were', () => {
  const body = { statureM: 1.8, massKg: 85 };
  expectPinned(
    import.meta.dirname,
    'along',
    Object.fromEntries(
      entries
        .filter((e) => e.movement.implement === 'barbell' || e.movement.knobs.added)
        .flatMap((e) =>
          (['nothing', 'chains', 'bands'] as const).map((added) => {
            const rig = { ...fullRig(e.movement, e.rig), added };
            const gear = gearOf(sampleKit);
            const curve = loadCurve(e.movement, rig, 60, body, gear, 90);
            return [
              `${e.id} ${added}`,
              [
                handHeights(e.movement, rig, body),
                loadAlong(e.movement, rig, 60, body, gear),
                curve?.filter((_, i) => i % 8 === 0),
                curve && tightestOf(curve),
                shareLeft(e.movement, rig, body, gear, 90),
              ],
            ];
          }),
        ),
    ),
  );
});

test('and of many sessions', () => {
  pinMany(import.meta.dirname, [...randomCases(150), ...ruleCases], (_, { lines }) =>
    lines.map((m) => [m.id, m.calibrate, m.missing, m.sets, m.ramps]),
  );
});

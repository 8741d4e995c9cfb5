import { rampSets } from './ramp';

/** Every half kilogram there is, so that a step is where its share says. */
const bells = Array.from({ length: 121 }, (_, i) => ({ kg: i / 2 }));

test('bells: eight at half, four at three quarters', () => {
  expect(rampSets(bells, 30, 'dumbbell', true).map(({ kg, reps }) => [kg, reps])).toEqual([
    [15, 8],
    [22.5, 4],
  ]);
});

test('a later lift that is warm: five at six tenths; two light sets instead: fifteen at four, twelve at six tenths', () => {
  expect(rampSets(bells, 30, 'dumbbell', false).map(({ kg, reps }) => [kg, reps])).toEqual([[18, 5]]);
  expect(rampSets(bells, 30, 'dumbbell', true, 'two sets').map(({ kg, reps }) => [kg, reps])).toEqual([
    [12, 15],
    [18, 12],
  ]);
});

test('a bar: ten with it alone, seven at half, four at seven tenths, two at 85 %; below 50 kg without the last', () => {
  const bar = Array.from({ length: 161 }, (_, i) => ({ kg: 20 + i / 2 }));
  const steps = (kg: number) => rampSets(bar, kg, 'barbell', true).map((s) => [s.kg, s.reps]);
  expect(steps(100)).toEqual([
    [20, 10],
    [50, 7],
    [70, 4],
    [85, 2],
  ]);
  // 45: half is 22.5, seven tenths 31.5
  expect(steps(45)).toEqual([
    [20, 10],
    [22.5, 7],
    [31.5, 4],
  ]);
  // 21: everything above the bar is within a tenth of the work
  expect(steps(21)).toEqual([]);
});

test('easy repetitions of the warm-up stand for the first step', () => {
  expect(rampSets(bells, 30, 'dumbbell', true, 'ladder', true).map(({ kg, reps }) => [kg, reps])).toEqual([
    [22.5, 4],
  ]);
});

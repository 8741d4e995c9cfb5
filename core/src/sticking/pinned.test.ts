import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { evenly } from '../units';
import { randomCases, soundCase } from '../testing/cases';
import { simulatedTrace } from './sensor';
import { readTrace, samplesOf, sidesApart, tiltOf, whereAt } from './trace';
import { variationsFor } from './variations';

const even = evenly(5);
const noise = (): number => (even() + even() + even() - 1.5) * 2;
const trace = (sticksAt: number | null, reps: number, keeps: number, noiseM = 0.001) =>
  simulatedTrace({ sticksAt, reps, strokeM: 0.42, keeps, noiseM }, noise);

test('traces are simulated and read as they were, and answered with the same variations', () => {
  const all = [trace(0.25, 3, 0.95), trace(0.5, 4, 0.9), trace(0.75, 2, 0.97, 0.003), trace(null, 3, 0.99)];
  const wheres = [0, 0.1, 0.2, 0.3, 0.33, 0.4, 0.5, 0.6, 0.66, 0.7, 0.9, 1].map(whereAt);
  expectPinned(import.meta.dirname, 'sticking', {
    ...Object.fromEntries(
      all.map((samples, i) => [`trace ${i}`, [samples.filter((_, j) => j % 25 === 0), readTrace(samples)]]),
    ),
    wheres,
    apart: sidesApart(readTrace(all[0]!), readTrace(all[1]!)),
    tilt: tiltOf(all[0]!, all[1]!),
    samples: samplesOf([
      ['t', 'left', 'right'],
      ...all[0]!.slice(0, 200).map((s) => Object.values(s).map(String)),
    ]).length,
    ...Object.fromEntries(
      [soundCase, ...randomCases(4)].flatMap(({ name, context }) =>
        [...new Set(wheres)].map((where) => [
          `${name} ${where}`,
          variationsFor(where, context).map(
            (v) =>
              JSON.parse(
                JSON.stringify(v, (key, value: unknown) => (key === 'movement' ? undefined : value)),
              ) as unknown,
          ),
        ]),
      ),
    ),
  });
});

test('many traces are read as they were', () => {
  const made = Array.from({ length: 40 }, (_, i) =>
    trace(i % 9 === 0 ? null : 0.1 + i / 50, 1 + (i % 5), 0.85 + i / 300, (i % 4) / 1000),
  );
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    made,
    (_, i) => `trace ${i}`,
    (samples) => readTrace(samples),
  );
  expectPinnedMany(
    [import.meta.dirname, 'many-variations'],
    randomCases(30),
    ({ name }) => name,
    ({ context }) => [0.2, 0.5, 0.8].map((at) => variationsFor(whereAt(at), context)),
  );
});

import fc from 'fast-check';
import { simulatedTrace } from './sensor';
import { hasBothSides, readTrace, samplesOf, sidesApart, tiltOf, TraceError, whereAt } from './trace';

/** Normal numbers out of even ones of a fixed sequence. */
function noiseOf(seed: number): () => number {
  let state = seed >>> 0;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
}
const set = (sticksAt: number | null, noiseM = 0, reps = 3, keeps = 0.95) =>
  readTrace(simulatedTrace({ sticksAt, reps, strokeM: 0.42, keeps, noiseM }, noiseOf(7)));

test.each([0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.78])('a set that sticks at %p of the stroke is found to', (at) => {
  const { reps } = set(at);
  expect(reps).toHaveLength(3);
  for (const r of reps) {
    expect(Math.abs(r.sticking!.at - at)).toBeLessThan(0.04);
    expect(r.sticking!.where).toBe(whereAt(r.sticking!.at));
    expect(r.strokeM).toBeGreaterThan(0.38);
    expect(r.pauseS).toBeGreaterThan(0.15);
  }
});

test('with the noise of a camera it is still found, and a set that never slows has no sticking point', () => {
  fc.assert(
    fc.property(fc.integer({ min: 22, max: 75 }), fc.integer({ min: 1, max: 9999 }), (at, seed) => {
      const trace = simulatedTrace(
        { sticksAt: at / 100, reps: 2, strokeM: 0.42, keeps: 0.95, noiseM: 0.002 },
        noiseOf(seed),
      );
      for (const r of readTrace(trace).reps) expect(Math.abs(r.sticking!.at - at / 100)).toBeLessThan(0.08);
    }),
    { numRuns: 40 },
  );
  for (const r of set(null).reps) expect(r.sticking).toBe(null);
});

test('speed lost over a set is what was put in, and one repetition has none to lose', () => {
  const { loss } = set(0.3, 0, 5, 0.9);
  expect(loss).toBeGreaterThan(0.28);
  expect(loss).toBeLessThan(0.4);
  expect(set(0.3, 0, 1).loss).toBe(null);
});

test('two sides are held against each other', () => {
  const slow = readTrace(
    simulatedTrace({ sticksAt: 0.3, reps: 2, strokeM: 0.42, keeps: 0.8, noiseM: 0 }, noiseOf(1)),
  );
  const quick = readTrace(
    simulatedTrace({ sticksAt: 0.3, reps: 2, strokeM: 0.42, keeps: 1, noiseM: 0 }, noiseOf(1)),
  );
  expect(sidesApart(quick, quick)).toBe(0);
  expect(sidesApart(quick, slow)).toBeGreaterThan(0.05);
});

test('the tilt of a bar is what its ends are apart at most, over how they began', () => {
  const left = [0, 1, 2, 3].map((t) => ({ t, h: 0.4 + t * 0.1 }));
  const right = [
    { t: 0, h: 0.42 },
    { t: 1, h: 0.5 },
    { t: 3, h: 0.77 },
  ];
  expect(tiltOf(left, left)).toBe(0);
  // Apart by −.02 at first, 0 then, −.07 at last: .05 more than at first.
  expect(tiltOf(left, right)).toBeCloseTo(0.05, 9);
  expect(tiltOf(left, [])).toBe(0);
});

test('a third column is the other end of the bar', () => {
  const rows = [
    ['t', 'left', 'right'],
    ['0', '0.4', '0,41'],
    ['0.1', '0.45', '0.44'],
  ];
  expect(hasBothSides(rows)).toBe(true);
  expect(hasBothSides(rows.map((r) => r.slice(0, 2)))).toBe(false);
  expect(samplesOf(rows, 2)).toEqual([
    { t: 0, h: 0.41 },
    { t: 0.1, h: 0.44 },
  ]);
  expect(() => samplesOf([...rows, ['0.2', '0.5', 'off']], 2)).toThrow(
    'Row 4 is no time and height: “0.2, 0.5, off”',
  );
});

test('a table with a heading is read; a torn row is named; what is no trace is refused with the reason', () => {
  expect(
    samplesOf([
      ['time', 'height'],
      ['0', '0.4'],
      ['0,02', '0,41'],
      ['', ''],
    ]),
  ).toEqual([
    { t: 0, h: 0.4 },
    { t: 0.02, h: 0.41 },
  ]);
  expect(() =>
    samplesOf([
      ['0', '1'],
      ['1', 'up'],
    ]),
  ).toThrow('Row 2 is no time and height');
  expect(() => readTrace([{ t: 0, h: 0 }])).toThrow(TraceError);
  const flat = Array.from({ length: 100 }, (_, i) => ({ t: i / 50, h: 0.4 }));
  expect(() => readTrace(flat)).toThrow('hardly moves');
  expect(() => readTrace(flat.map((s) => ({ ...s, t: s.t * 1000 })))).toThrow('time is wanted in seconds');
});

test('never throws anything but its own error, whatever it is given', () => {
  const any = fc.array(
    fc.record({
      t: fc.double({ min: 0, max: 100, noNaN: true }),
      h: fc.double({ min: -2, max: 3, noNaN: true }),
    }),
    { maxLength: 80 },
  );
  fc.assert(
    fc.property(any, (samples) => {
      try {
        for (const r of readTrace(samples).reps) expect(r.strokeM).not.toBeNaN();
      } catch (error) {
        expect(error).toBeInstanceOf(TraceError);
      }
    }),
  );
});

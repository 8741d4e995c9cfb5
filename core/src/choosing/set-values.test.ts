import { measure } from '../measure';
import { line, sampleContext, session, soundPush } from '../examples';
import { setCountOf } from '../session';
import { setValues } from './set-values';
import { worthOf } from './worth';

const sound = measure(soundPush, sampleContext);

test('each further set of a movement gives less than the one before', () => {
  for (const m of sound.lines) {
    const shares = setValues(sound, m).map((v) => v.share);
    expect(shares).toHaveLength(setCountOf(m.line.scheme));
    for (let i = 1; i < shares.length; i++) expect(shares[i]!).toBeLessThanOrEqual(shares[i - 1]! + 1e-12);
  }
});

test('all sets of the only movement give everything', () => {
  const one = measure(session([line('barbell-bench-press')]), sampleContext);
  expect(setValues(one, one.lines[0]!).reduce((sum, v) => sum + v.share, 0)).toBeCloseTo(1, 9);
});

test('the last set gives what the session is worth less without it', () => {
  const three = measure(
    session([line('pushdown', { scheme: { kind: 'straight', sets: 3, reps: { lo: 10, hi: 10 } } })]),
    sampleContext,
  );
  const two = measure(
    session([line('pushdown', { scheme: { kind: 'straight', sets: 2, reps: { lo: 10, hi: 10 } } })]),
    sampleContext,
  );
  const last = setValues(three, three.lines[0]!).at(-1)!;
  expect(last.share).toBeCloseTo(1 - worthOf(two) / worthOf(three), 9);
});

test('a set that is not expected to count gives nothing', () => {
  const light = measure(
    session([line('dumbbell-bench-press', { loadKg: 10 }), line('pushdown')]),
    sampleContext,
  );
  expect(setValues(light, light.lines[0]!).every((v) => v.share === 0)).toBe(true);
});

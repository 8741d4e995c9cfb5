import { clockTable } from '../clock';
import { line, sampleContext, session } from '../examples';
import { layOnClock, shareSeconds } from './clocking';
import { dressLine } from './dress';
import { noRun } from '../set-model';
import { layOut } from './lay-out';

const three = { kind: 'straight' as const, sets: 3, reps: { lo: 8, hi: 8 } };
const bench = line('barbell-bench-press', { scheme: three, loadKg: 60 });
const setsOf = (lines = [bench]) => {
  const laid = layOut(session(lines), sampleContext);
  return { ...laid, sets: laid.timeline.events.filter((e) => e.kind === 'set') };
};

test('the clock is laid before any load is known', () => {
  const bare = {
    ...dressLine(bench, 'b', sampleContext),
    sets: [],
    calibrate: false,
    missing: null,
    step: null,
    beside: [],
    ramps: [],
    seconds: 0,
    exertions: [],
    places: [],
    isLight: false,
    run: noRun,
  };
  const s = session([bench]);
  const one = { ...s, blocks: [{ ...s.blocks[0]!, id: 'b' }] };
  const sets = layOnClock(one, [bare], sampleContext).events.filter((e) => e.kind === 'set');
  expect(sets).toHaveLength(3);
  expect(sets[1]!.startS - sets[0]!.endS).toBe(bench.restS);
});

test('a set lasts its repetitions by the tempo: 8 × (2 + 1 + 1 + 0) = 32 s, and ten under the bar; both sides 64 s, and five to change', () => {
  const { sets } = setsOf();
  expect(sets[0]!.endS - sets[0]!.startS).toBe(32 + 10);
  const oneSided = setsOf([line('single-arm-overhead-extension', { scheme: three })]).sets[0]!;
  expect(oneSided.endS - oneSided.startS).toBe(64 + 5);
});

test('plates that have to be changed between sets take their time where the rest is shorter', () => {
  const between = (loadKg: number[]): number => {
    const { sets } = setsOf([{ ...bench, loadKg, restS: 10 }]);
    return sets[1]!.startS - sets[0]!.endS;
  };
  expect(between([60, 60, 60])).toBe(10);
  // From 60 to 100 kg a 20-kg plate goes on at each end.
  expect(between([60, 100, 100])).toBe(Math.max(10, 2 * clockTable.plateMoved));
});

test('a bar left loaded by one lift has to be changed for the next at the same rack', () => {
  const loadingOf = (secondKg: number): number => {
    const second = line('close-grip-bench-press', {
      id: 'second',
      scheme: three,
      loadKg: secondKg,
      restS: 10,
    });
    const { timeline } = setsOf([{ ...bench, restS: 10 }, second]);
    const [first] = timeline.events.filter((e) => e.of === 'second' && e.kind === 'set');
    const last = timeline.events.filter((e) => e.of === bench.id && e.kind === 'set').at(-1)!;
    return first!.startS - last.endS;
  };
  expect(loadingOf(100)).toBeGreaterThan(loadingOf(60));
});

test('a set to failure lasts as long as is expected of it, not as long as was guessed', () => {
  const easy = line('dumbbell-lateral-raise', {
    scheme: { kind: 'to failure', sets: 1, about: 5, until: 'form' },
    loadKg: 4,
  });
  const { lines, sets } = setsOf([easy]);
  const reps = lines[0]!.sets[0]!.expectedReps!;
  expect(reps).toBeGreaterThan(5);
  expect(sets[0]!.endS - sets[0]!.startS).toBe(reps * 4);
});

test('each line has its own time, and together they are the session without its warm-up', () => {
  const { lines, timeline } = setsOf([bench, line('pushdown')]);
  shareSeconds(lines, timeline);
  const warm = timeline.events
    .filter((e) => e.kind === 'warm-up' || e.of === null)
    .reduce((t, e) => t + e.endS - e.startS, 0);
  const all = lines.reduce((t, m) => t + m.seconds, 0);
  expect(all + warm).toBeCloseTo(timeline.totalS, 6);
  for (const m of lines) expect(m.seconds).toBeGreaterThan(0);
});

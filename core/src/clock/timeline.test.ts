import fc from 'fast-check';
import { layOut } from '../measure';
import { applyEdit, linesOf } from '../session';
import { line, sampleContext, session, soundPush } from '../examples';
import { clockTable } from './timeline';

const laid = (s: typeof soundPush) => layOut(s, sampleContext).timeline;

test('one line by hand: set-up, three sets of ten at four seconds, two rests of a minute', () => {
  const s = session([
    line('dumbbell-lateral-raise', {
      scheme: { kind: 'straight', sets: 3, reps: { lo: 10, hi: 10 } },
      tempo: { lower: 2, stretched: 0, lift: 1, shortened: 1 },
      restS: 60,
    }),
  ]);
  const { totalS, events } = laid(s);
  expect(totalS).toBe(45 + clockTable.dumbbells + 3 * 40 + 2 * 60);
  expect(events.filter((e) => e.kind === 'set')).toHaveLength(3);
});

test('one side after the other takes twice the time', () => {
  const one = session([line('cable-lateral-raise', { restS: 0 })]);
  const sets = laid(one).events.filter((e) => e.kind === 'set');
  expect(sets[0]!.endS - sets[0]!.startS).toBe(2 * 12 * 4 + clockTable.otherSide);
});

test('a superset goes round in turn and saves time', () => {
  const apart = session([line('cable-lateral-raise'), line('incline-rear-raise')]);
  const paired = applyEdit(apart, { do: 'pair', line: 'cable-lateral-raise', with: 'incline-rear-raise' });
  const order = laid(paired)
    .events.filter((e) => e.kind === 'set')
    .map((e) => e.of);
  expect(order.slice(0, 4)).toEqual([
    'cable-lateral-raise',
    'incline-rear-raise',
    'cable-lateral-raise',
    'incline-rear-raise',
  ]);
  expect(laid(paired).totalS).toBeLessThan(laid(apart).totalS);
});

test('a kit that says how far stations stand apart is walked, half a minute to settle and a metre a second', () => {
  const two = session([line('dumbbell-lateral-raise'), line('cable-lateral-raise')]);
  const pair = applyEdit(two, { do: 'pair', line: 'dumbbell-lateral-raise', with: 'cable-lateral-raise' });
  const at = (metres: number) => ({
    ...sampleContext,
    kit: { ...sampleContext.kit, apart: [{ a: 'cables', b: 'dumbbells', metres }] },
  });
  const walks = (s: typeof two, metres: number, kind: string) =>
    layOut(s, at(metres))
      .timeline.events.filter((e) => e.kind === kind)
      .map((e) => e.endS - e.startS);
  expect(walks(two, 4, 'walk')).toEqual([45, 34]);
  expect(walks(two, 40, 'walk')).toEqual([45, 70]);
  // In turn: two ways a round, the first of them the walk to the second station.
  for (const s of walks(pair, 10, 'swap')) expect(s).toBe(15);
});

test('events never overlap, never run backwards and every working set is there', () => {
  const ids = linesOf(soundPush).map((l) => l.id);
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom(...ids), fc.constantFrom(...ids)), { maxLength: 4 }),
      (pairs) => {
        const s = pairs.reduce((now, [a, b]) => applyEdit(now, { do: 'pair', line: a, with: b }), soundPush);
        const { events, totalS } = laid(s);
        let now = 0;
        for (const e of events) {
          expect(e.startS).toBeCloseTo(now, 6);
          expect(e.endS).toBeGreaterThan(e.startS);
          now = e.endS;
        }
        expect(totalS).toBeCloseTo(now, 6);
        expect(events.filter((e) => e.kind === 'set')).toHaveLength(23);
      },
    ),
  );
});

test('the first heavy lift gets ramp sets that climb, isolation none', () => {
  const { lines } = layOut(soundPush, sampleContext);
  const ramps = lines[0]!.ramps.map((r) => r.kg);
  expect(ramps.length).toBeGreaterThan(0);
  expect([...ramps].sort((a, b) => a - b)).toEqual(ramps);
  expect(Math.max(...ramps)).toBeLessThan(lines[0]!.sets[0]!.kg!);
  expect(lines.find((m) => m.id === 'cable-fly-high-to-low')!.ramps).toEqual([]);
});

/** Common practice: a six-movement push day takes about an hour. */
test('a six-movement push day of 23 sets takes 50 to 80 minutes', () => {
  const minutes = laid(soundPush).totalS / 60;
  expect(minutes).toBeGreaterThan(50);
  expect(minutes).toBeLessThan(80);
});

test('one and a half repetitions take half as long again, of any movement (common practice)', () => {
  const seconds = (range: 'full' | 'one and a half'): number => {
    const set = laid(session([line('pushdown', {}, { range })])).events.find((e) => e.kind === 'set')!;
    return set.endS - set.startS;
  };
  expect(seconds('one and a half')).toBeCloseTo(1.5 * seconds('full'), 9);
});

test('the time ramp sets take is time to recover: the way up that takes longer leaves less lost', () => {
  const failing = { first: 0, last: 0 };
  const after = (ramp: 'ladder' | 'two sets') => {
    const { lines, timeline } = layOut(
      session([line('pushdown', { reserve: failing }), line('barbell-bench-press')], { ramp }),
      sampleContext,
    );
    const ramps = timeline.events.filter((e) => e.kind === 'ramp' && e.of === 'barbell-bench-press');
    const first = timeline.events.find((e) => e.kind === 'set' && e.of === 'barbell-bench-press')!;
    return { loss: lines[1]!.sets[0]!.loss, rampS: first.startS - ramps[0]!.startS };
  };
  const [ladder, two] = [after('ladder'), after('two sets')];
  expect(ladder.rampS).not.toBeCloseTo(two.rampS, 0);
  expect((ladder.loss - two.loss) * (ladder.rampS - two.rampS)).toBeLessThan(0);
});

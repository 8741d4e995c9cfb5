import { sampleContext, line, session, sampleKit, soundPush } from '../testing/samples';
import { applyEdit } from '../session/edits';
import { HARD_RESERVE } from '../dose/dose';
import { layOnClock } from './clocking';
import { countedAs, setsCounted, standingOf } from './counting';
import { dressLine } from './dress';
import { layOut } from './lay-out';
import { loadLine } from './loading';
import { measure } from './measure';
import { lossesIn } from './tiring';

const bench = line('barbell-bench-press', {
  scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
  reserve: { first: 2, last: 2 },
});

describe('the stages one by one', () => {
  test('dressing: movement, settings, credits, name and max; the block comes from outside', () => {
    const m = dressLine(bench, 'block-1', sampleContext);
    expect(m).toMatchObject({ blockId: 'block-1', name: 'Barbell bench press', pace: 1, voice: 'chest' });
    expect(m.credits.pecMiddle).toBe(1);
    expect(m.max.basis).toBe('tested');
  });

  test('the clock is laid before any load is known', () => {
    const bare = {
      ...dressLine(bench, 'b', sampleContext),
      sets: [],
      calibrate: false,
      missing: null,
      ramps: [],
      seconds: 0,
    };
    const s = session([bench]);
    const one = { ...s, blocks: [{ ...s.blocks[0]!, id: 'b' }] };
    const sets = layOnClock(one, [bare], sampleContext).events.filter((e) => e.kind === 'set');
    expect(sets).toHaveLength(3);
    expect(sets[1]!.startS - sets[0]!.endS).toBe(bench.restS);
  });

  test('tiring: nothing lost before the first set, more before each further one', () => {
    const { timeline, byId } = layOut(session([bench]), sampleContext);
    const losses = lossesIn(timeline, byId).get(bench.id)!;
    expect(losses[0]).toBe(0);
    expect(losses[1]).toBeGreaterThan(0.01);
    expect(losses[2]).toBeGreaterThan(losses[1]!);
  });

  test('loading: a client who has lost a tenth gets a tenth less; remembered for the same tiredness', () => {
    const m = dressLine(bench, 'b', sampleContext);
    const fresh = loadLine(m, [0, 0, 0], sampleContext);
    const tired = loadLine(m, [0.1, 0.1, 0.1], sampleContext);
    expect(tired.sets[0]!.wishKg! / fresh.sets[0]!.wishKg!).toBeCloseTo(0.9, 6);
    expect(loadLine(m, [0.1, 0.1, 0.1], sampleContext)).toBe(tired);
    expect(loadLine(m, [0.1, 0.1, 0.1], { ...sampleContext })).not.toBe(tired);
  });

  test('ramping: another angle of the same lift gets a step of its own, the same angle none', () => {
    const ramps = (rig: object): number[] =>
      layOut(session([bench, line('barbell-bench-press', { id: 'second' }, rig)]), sampleContext).lines.map(
        (m) => m.ramps.length,
      );
    expect(ramps({})[1]).toBe(0);
    expect(ramps({ benchDeg: 30 })[1]).toBe(1);
    expect(ramps({})[0]).toBeGreaterThan(2);
  });

  test('ramping: easy push-ups in the warm-up stand for the empty bar', () => {
    const warmed = {
      ...session([bench]),
      warmup: [{ id: 'w', movement: 'easy-push-up', sets: 1, reps: 10, seconds: null, note: '' }],
    };
    const [plain, easy] = [session([bench]), warmed].map((s) => layOut(s, sampleContext).lines[0]!.ramps);
    expect(easy!.length).toBe(plain!.length - 1);
    expect(plain![0]!.kg).toBe(20);
    expect(easy![0]!.kg).toBeGreaterThan(20);
  });

  test('an edit to one line leaves what is kept of the others', () => {
    const before = layOut(soundPush, sampleContext);
    const id = before.lines[1]!.id;
    const after = layOut(
      applyEdit(soundPush, { do: 'line', line: id, patch: { restS: 200 } }),
      sampleContext,
    );
    expect(after.lines[0]!.sets).toBe(before.lines[0]!.sets);
    expect(after.lines[1]!.sets).not.toBe(before.lines[1]!.sets);
  });
});

describe('what a set counts, each sum written out', () => {
  const counted = (patch: Parameters<typeof line>[1], id = 'barbell-bench-press', rig: object = {}) => {
    const m = layOut(session([line(id, patch, rig)]), sampleContext).lines[0]!;
    return { m, ...setsCounted(m), standings: m.sets.map(standingOf) };
  };

  test('three straight sets with two left: 3 × 1 = 3', () => {
    const { prescribed, counted: n } = counted({
      scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 15 } },
      reserve: { first: 2, last: 2 },
    });
    expect([prescribed, n]).toEqual([3, 3]);
  });

  test('two sets, the second dropped twice: 1 + 1 + 2 × 1/3 = 2 2/3', () => {
    const { prescribed, counted: n } = counted({
      scheme: { kind: 'drop', sets: 2, reps: { lo: 10, hi: 12 }, drops: 2, lighter: 20, on: 'last set' },
      reserve: { first: 1, last: 0 },
    });
    expect(prescribed).toBeCloseTo(2 + 2 / 3, 9);
    expect(n).toBeCloseTo(2 + 2 / 3, 9);
  });

  test('one rest–pause set of two further bouts: 1 + 2 × 1/3, a bout of which no repetition comes taken off', () => {
    const {
      prescribed,
      counted: n,
      m,
    } = counted({
      scheme: {
        kind: 'rest-pause',
        sets: 1,
        reps: { lo: 10, hi: 12 },
        bouts: 2,
        pauseS: 20,
        on: 'every set',
      },
      reserve: { first: 0, last: 0 },
    });
    const further = m.sets.slice(1).map((s) => Math.min(1, s.expectedReps! / Math.min(s.target.reps.lo, 5)));
    expect(prescribed).toBeCloseTo(1 + 2 / 3, 9);
    expect(n).toBeCloseTo(1 + (further[0]! + further[1]!) / 3, 9);
  });

  test('two holds of twenty seconds count as two sets', () => {
    const { prescribed, counted: n } = counted({ scheme: { kind: 'hold', sets: 2, seconds: 20 } });
    expect([prescribed, n]).toEqual([2, 2]);
  });

  test('a widening push-up ladder is a mechanical drop: 1 + 2 × 1/3 a round, each bout credited at its own width', () => {
    const { m, prescribed } = counted(
      {
        scheme: {
          kind: 'mechanical drop',
          sets: 2,
          reps: { lo: 8, hi: 20 },
          knob: 'gripBiacromial',
          easier: [1.3, 1.75],
        },
        reserve: { first: 0, last: 0 },
      },
      'push-up-ladder',
    );
    expect(prescribed).toBeCloseTo(2 * (1 + 2 / 3), 9);
    const triceps = m.sets.slice(0, 3).map((s) => countedAs(m, s).credits.triLateral!);
    expect(triceps[0]).toBe(1);
    expect(triceps[1]!).toBeLessThan(triceps[0]!);
    expect(triceps[2]).toBe(0.5);
  });

  test('pauses and slow repetitions count like others: 3 × 1 = 3', () => {
    for (const patch of [
      { tempo: { lower: 2, stretched: 3, lift: 1, shortened: 0 } },
      { tempo: { lower: 5, stretched: 0, lift: 3, shortened: 0 } },
    ])
      expect(
        counted({ ...patch, scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } }).counted,
      ).toBe(3);
  });

  test('to failure is at failure whatever the load: a light bell done until nothing comes counts', () => {
    const {
      m,
      prescribed,
      counted: n,
    } = counted({
      scheme: { kind: 'to failure', sets: 2, about: 12, until: 'form' },
      loadKg: 70,
    });
    expect(m.sets[0]!.expectedReserve).toBe(0);
    expect(m.sets[0]!.expectedReps).toBeGreaterThan(15);
    expect([prescribed, n]).toEqual([2, 2]);
  });

  test('a set that stays easy is prescribed and not counted, and says so', () => {
    const {
      m,
      prescribed,
      counted: n,
      standings,
    } = counted({
      scheme: { kind: 'straight', sets: 2, reps: { lo: 8, hi: 8 } },
      loadKg: 60,
    });
    expect(m.sets[0]!.expectedReserve).toBeGreaterThan(HARD_RESERVE + 0.5);
    expect([prescribed, n]).toEqual([2, 0]);
    expect(standings).toEqual(['easy', 'easy']);
  });

  test('a set that comes short counts what it brings: three of eight is 3/5 of a set', () => {
    const { m, standings } = counted({
      scheme: { kind: 'straight', sets: 1, reps: { lo: 8, hi: 8 } },
      reserve: { first: 0, last: 0 },
      loadKg: 105,
    });
    const reps = m.sets[0]!.expectedReps!;
    expect(reps).toBeGreaterThan(0);
    expect(reps).toBeLessThan(5);
    expect(countedAs(m, m.sets[0]!).counts).toBeCloseTo(reps / 5, 9);
    expect(standings).toEqual(['short']);
  });

  test('the dose tells prescribed and counted sets apart', () => {
    const s = session([
      line('dumbbell-lateral-raise', {
        scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 8 } },
        loadKg: 4,
      }),
    ]);
    const { deltSide } = measure(s, sampleContext).dose.groups;
    expect(deltSide).toMatchObject({ prescribed: 3, fractional: 0, direct: 0 });
  });
});

test('a landmine is loaded on one end: bar plus what hangs there, and both plates of a pair fit', () => {
  const context = {
    ...sampleContext,
    kit: { ...sampleKit, places: [...sampleKit.places, 'landmine' as const] },
  };
  const m = layOut(session([line('kneeling-landmine-press', { loadKg: 50 })]), context).lines[0]!;
  const { kg, perSide, oneEnd } = m.sets[0]!;
  expect(kg).toBe(50);
  expect(oneEnd).toBe(true);
  expect(20 + perSide!.reduce((t, p) => t + p.kg * p.count, 0)).toBe(50);
});

import { line, sampleContext, session } from '../examples';
import { schools } from '../schools';
import { countedAs, setsCounted, standingOf } from './counting';
import { layOut } from './lay-out';
import { measure } from './measure';

const { evidence } = schools;

describe('what a set counts, each sum written out', () => {
  const counted = (patch: Parameters<typeof line>[1], id = 'barbell-bench-press', rig: object = {}) => {
    const m = layOut(session([line(id, patch, rig)]), sampleContext).lines[0]!;
    return { m, ...setsCounted(m, evidence), standings: m.sets.map((s) => standingOf(s, evidence)) };
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
    const triceps = m.sets.slice(0, 3).map((s) => countedAs(m, s, evidence).credits.triLateral!);
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
    expect(m.sets[0]!.expectedReserve).toBeGreaterThan(evidence.counting.hardReserve + 0.5);
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
    expect(countedAs(m, m.sets[0]!, evidence).counts).toBeCloseTo(reps / 5, 9);
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

test('the constants are those of the school: burn-outs, stages, help and what is hard', () => {
  const own = (patch: Partial<(typeof evidence)['counting']>) => ({
    ...sampleContext,
    schools: [{ ...evidence, id: 'own', counting: { ...evidence.counting, ...patch } }],
  });
  const lines = [
    line('pushdown', { scheme: { kind: 'burn-out', sets: 1, total: 40, pauseS: 15 } }),
    line('cable-overhead-extension', {
      scheme: { kind: 'drop', sets: 1, reps: { lo: 10, hi: 10 }, drops: 2, lighter: 25, on: 'every set' },
    }),
    line('push-up', { scheme: { kind: 'straight', sets: 2, reps: { lo: 34, hi: 36 } } }),
  ];
  const triceps = (patch: Partial<(typeof evidence)['counting']>) =>
    measure(session(lines, { school: 'own' }), own(patch)).dose.groups.triceps.prescribed;
  const usual = triceps({});
  expect(usual - triceps({ burnOut: 1 })).toBeCloseTo(1, 9);
  expect(usual - triceps({ furtherStage: 0 })).toBeCloseTo(2 / 3, 9);
  const { fractional: withHelp } = measure(session(lines, { school: 'own' }), own({})).dose.groups.triceps;
  const alone = measure(session(lines, { school: 'own' }), own({ indirect: false })).dose.groups.triceps;
  expect(alone.fractional).toBeLessThan(withHelp);
  expect(alone.indirect).toBe(0);
  const strict = measure(session(lines, { school: 'own' }), own({ hardReserve: 0 })).dose.groups.triceps;
  expect(strict.fractional).toBeLessThan(withHelp);
});

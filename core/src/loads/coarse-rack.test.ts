import { layOut } from '../measure';
import { line, sampleContext, sampleKit, session } from '../examples';

const first = (l: ReturnType<typeof line>, context = sampleContext) =>
  layOut(session([l]), context).lines[0]!;

describe('where the rack is coarse', () => {
  const bells = (...sizes: number[]) => ({
    ...sampleContext,
    kit: { ...sampleKit, dumbbells: sizes.map((kg) => ({ kg, pairs: 1 })) },
  });
  const press = (patch: Parameters<typeof line>[1], context = sampleContext) =>
    first(
      line('dumbbell-bench-press', {
        scheme: { kind: 'straight', sets: 3, reps: { lo: 6, hi: 8 } },
        reserve: { first: 2, last: 2 },
        restS: 90,
        ...patch,
      }),
      context,
    );
  const wish = press({}).sets[0]!.wishKg!;

  test('the lighter bell is taken where the heavier one would miss what is asked by more', () => {
    const kit = bells(wish - 2, wish + 6);
    const kg = wish - 2;
    expect(press({ loads: 'one' }, kit).sets.map((s) => s.kg)).toEqual([kg, kg, kg]);
  });

  test('a heavier bell that is as likely to keep the range is still the nearest', () => {
    const m = press({ loads: 'one' }, bells(wish - 2, wish + 0.2));
    expect(m.sets.map((s) => s.kg)).toEqual([wish + 0.2, wish + 0.2, wish + 0.2]);
  });

  test('a lighter bell that misses by more is left alone: a 4 does not stand for a 6', () => {
    const m = press(
      { scheme: { kind: 'straight', sets: 1, reps: { lo: 8, hi: 8 } } },
      bells(wish / 2, wish * 1.02),
    );
    expect(m.sets[0]!.kg).toBe(wish * 1.02);
  });

  test('the coach may want one load, or loads that come down', () => {
    const kit = bells(wish - 6, wish - 4, wish - 2, wish, wish + 2, wish + 4);
    const wide: Parameters<typeof press>[0] = {
      scheme: { kind: 'straight', sets: 4, reps: { lo: 6, hi: 6 } },
      reserve: { first: 0, last: 0 },
      restS: 45,
    };
    const one = press({ ...wide, loads: 'one' }, kit).sets.map((s) => s.kg!);
    const down = press({ ...wide, loads: 'down' }, kit).sets.map((s) => s.kg!);
    expect(new Set(one).size).toBe(1);
    expect(down[0]!).toBeGreaterThan(one[0]!);
    expect([...down].sort((a, b) => b - a)).toEqual(down);
    expect(new Set(down).size).toBeGreaterThan(1);
  });
});

import { appraise } from '../appraise';
import type { Session } from '../session';
import { line, sampleContext, session } from '../examples';

const findings = (s: Session, context = sampleContext) => appraise(s, context).findings;

describe('what a pair needs at once', () => {
  const pairOf = (a: ReturnType<typeof line>, b: ReturnType<typeof line>) =>
    session([], { blocks: [{ id: 'pair', kind: 'superset', betweenS: 10, lines: [a, b] }] });
  const said = (s: Session, kit: Partial<typeof sampleContext.kit> = {}) =>
    findings(s, { ...sampleContext, kit: { ...sampleContext.kit, ...kit } }).find(
      (f) => f.rule === 'kit-at-once',
    )?.what;

  test('two bars, and plates for both', () => {
    const presses = pairOf(
      line('barbell-bench-press', { loadKg: 100 }),
      line('standing-barbell-press', { loadKg: 60 }),
    );
    expect(said(presses)).toContain('2 bars');
    const two = [...sampleContext.kit.bars, { ...sampleContext.kit.bars[0]!, id: 'second' }];
    expect(said(presses, { bars: two, rack: { count: 2, safetyArms: true } })).toBeUndefined();
    expect(
      said(presses, {
        bars: two,
        rack: { count: 2, safetyArms: true },
        plates: [{ kg: 20, pairs: 2 }],
      }),
    ).toContain('3 pairs of 20 kg plates');
  });

  test('a stack for each hand, unless both movements use the same pulleys as they are', () => {
    const s = pairOf(line('cable-fly-shoulder-height'), line('pushdown'));
    expect(said(s)).toContain('3 cable stacks');
    const more = [{ ...sampleContext.kit.stacks[0]!, count: 4 }];
    expect(said(s, { stacks: more })).toBeUndefined();
  });

  test('a bench for each notch', () => {
    const s = pairOf(
      line('incline-dumbbell-press', { loadKg: 20 }, { benchDeg: 30 }),
      line('dumbbell-fly', { loadKg: 10 }, { benchDeg: 0 }),
    );
    expect(said(s)).toContain('2 benches');
    const two = [...sampleContext.kit.benches, { ...sampleContext.kit.benches[0]!, id: 'second' }];
    expect(said(s, { benches: two })).toBeUndefined();
  });
});

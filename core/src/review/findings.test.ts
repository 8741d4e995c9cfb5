import fc from 'fast-check';
import { appraise, appraiseAtOnce } from '../appraise';
import { cautionFor } from '../choosing';
import { applyEdit, limitIds, linesOf, sessionSchema } from '../session';
import { anyContext, anyLine, anySession } from '../testing/any';
import { line, sampleClient, sampleContext, session } from '../examples';

/** What must hold for the findings of any session, for anybody, in any gym. */
const limited = (limits: (typeof limitIds)[number][]) => ({
  ...sampleContext,
  client: { ...sampleClient, limits: limits.map((limit) => ({ limit, note: '' })) },
});

test('each finding has a key of its own, names lines that are there; a remedy leaves a session without it, brings no stop, and says what it changes', () => {
  fc.assert(
    fc.property(anySession, anyContext, (s, context) => {
      const before = appraise(s, context);
      const known = new Map(before.findings.map((f) => [f.key, f]));
      expect(known.size).toBe(before.findings.length);
      const ids = new Set([...linesOf(s), ...s.warmup].map((l) => l.id));
      const rank = { stop: 0, watch: 1, note: 2 };
      for (const finding of before.findings) {
        const { on, what, why, fixes } = finding;
        expect(on.filter((id) => !ids.has(id))).toEqual([]);
        expect(`${what} ${why}`).not.toMatch(/NaN|undefined|null|Infinity/);
        expect(new Set(fixes.map((x) => x.label)).size).toBe(fixes.length);
        for (const { edit, label, effect } of fixes) {
          const mended = applyEdit(s, edit);
          expect(sessionSchema.safeParse(JSON.parse(JSON.stringify(mended))).error).toBe(undefined);
          const after = appraiseAtOnce(mended, context);
          const told = [finding.rule, label];
          expect([told, after.findings.map((f) => f.key)]).not.toEqual([
            told,
            expect.arrayContaining([finding.key]),
          ]);
          const come = after.findings.filter(
            (f) => !known.has(f.key) || rank[f.severity] < rank[known.get(f.key)!.severity],
          );
          expect([told, come.filter((f) => f.severity === 'stop')]).toEqual([told, []]);
          expect([told, come.map((f) => f.what)]).toEqual([told, effect.comes]);
          expect(after.totals.minutes - before.totals.minutes).toBeCloseTo(effect.minutes, 6);
          expect(after.totals.workingSets - before.totals.workingSets).toBe(effect.sets);
          for (const [group, by] of Object.entries(effect.dose))
            expect(
              after.dose.groups[group as 'chest'].fractional -
                before.dose.groups[group as 'chest'].fractional,
            ).toBeCloseTo(by, 9);
        }
      }
    }),
    { numRuns: 40 },
  );
});

test('any finding can be set aside, alone, and brought back', () => {
  fc.assert(
    fc.property(anySession, anyContext, fc.nat(), (s, context, n) => {
      const { findings } = appraiseAtOnce(s, context);
      if (findings.length === 0) return;
      const { key } = findings[n % findings.length]!;
      const aside = applyEdit(s, { do: 'dismiss', finding: key, reason: 'known' });
      expect(sessionSchema.safeParse(aside).success).toBe(true);
      const after = appraiseAtOnce(aside, context).findings;
      expect(after.filter((f) => f.dismissed !== null).map((f) => f.key)).toEqual([key]);
      expect(appraiseAtOnce(applyEdit(aside, { do: 'recall', finding: key }), context).findings).toEqual(
        findings,
      );
    }),
    { numRuns: 12 },
  );
});

test('two limits met by one movement are two findings, and one of them set aside leaves the other', () => {
  const s = session([line('barbell-bench-press', {}, { tuckDeg: 70, gripBiacromial: 1.8 })]);
  const context = limited(['shoulder front', 'pec strain']);
  const met = appraise(s, context).findings.filter((f) => f.rule === 'client-limits');
  expect(met.map((f) => f.key)).toEqual([
    'client-limits shoulder front barbell-bench-press',
    'client-limits pec strain barbell-bench-press',
  ]);
  const aside = applyEdit(s, { do: 'dismiss', finding: met[0]!.key, reason: 'cleared' });
  const after = appraise(aside, context).findings.filter((f) => f.rule === 'client-limits');
  expect(after.map((f) => f.dismissed).sort()).toEqual(['cleared', null].sort());
});

test('whatever is offered against a limit does not meet it', () => {
  fc.assert(
    fc.property(anyLine('a'), fc.constantFrom(...limitIds), (l, limit) => {
      const context = limited([limit]);
      const s = session([l]);
      for (const { fixes } of appraise(s, context).findings.filter((f) => f.rule === 'client-limits'))
        for (const { edit } of fixes) {
          const { movement, rig } = appraise(applyEdit(s, edit), context).lines[0]!;
          expect(cautionFor(movement, rig, limit)).toBeNull();
        }
    }),
    { numRuns: 30 },
  );
});

test('a fly that stops level with the chest is not too deep, whoever does it and on whatever notch', () => {
  const deep = (statureM: number, benchDeg: number, range: 'full' | 'chest level'): boolean =>
    appraise(session([line('dumbbell-fly', {}, { benchDeg, range })]), {
      ...sampleContext,
      client: { ...sampleClient, statureM },
    }).findings.some((f) => f.rule === 'deep-fly');
  for (const statureM of [1.45, 1.6, 1.75, 1.9, 2.1]) {
    for (const benchDeg of [0, 15, 30, 45, 60]) expect(deep(statureM, benchDeg, 'chest level')).toBe(false);
    for (const benchDeg of [0, 15, 30]) expect(deep(statureM, benchDeg, 'full')).toBe(true);
  }
});

test('a longer rest is offered for missing reps only where it brings some back', () => {
  const offered = (kg: number, sets = 4): string[] =>
    appraise(
      session([
        line('dumbbell-bench-press', {
          scheme: { kind: 'straight', sets, reps: { lo: 10, hi: 10 } },
          reserve: { first: 0, last: 0 },
          restS: 60,
        }),
      ]),
      { ...sampleContext, kit: { ...sampleContext.kit, dumbbells: [{ kg, pairs: 1 }] } },
    )
      .findings.filter((f) => f.rule === 'short-of-range' || f.rule === 'over-max')
      .flatMap((f) => f.fixes.map((x) => x.label));
  expect(offered(34)).toContain('Rest 2:00');
  // A single set has no rest before it.
  expect(offered(38, 1)).toEqual(['Write 9 reps']);
  // Not even one repetition: another movement instead.
  expect(new Set(offered(70).map((l) => l.split(' ')[0]))).toEqual(new Set(['Use']));
});

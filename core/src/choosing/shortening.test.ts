import fc from 'fast-check';
import { measure, type Measured } from '../measure';
import { applyEdit, linesOf, type Session, sessionSchema, setCountOf } from '../session';
import { anyContext, anySession } from '../testing/any';
import { line, sampleContext, session, soundPush } from '../examples';
import { atOneGo } from '../units';
import { type CutDepth, cutDepths, cutsOf } from './cuts';
import { fitting, shortened } from './shortening';
import { keptWorth } from './worth';

const minutesOf = (s: Session): number => measure(s, sampleContext).timeline.totalS / 60;
const made = (s: Session, minutes: number): Session => {
  const edit = shortened(s, sampleContext, minutes);
  return edit ? applyEdit(s, edit) : s;
};
const setsOf = (s: Session): number => linesOf(s).reduce((n, l) => n + setCountOf(l.scheme), 0);

test('any time that leaves room for one set is kept to, with a valid session and no new movement', () => {
  const ids = new Set(linesOf(soundPush).map((l) => l.id));
  fc.assert(
    fc.property(fc.integer({ min: 12, max: 100 }), (minutes) => {
      const after = made(soundPush, minutes);
      expect(minutesOf(after)).toBeLessThanOrEqual(minutes);
      expect(() => sessionSchema.parse(JSON.parse(JSON.stringify(after)))).not.toThrow();
      for (const l of linesOf(after)) expect(ids.has(l.id)).toBe(true);
    }),
    { numRuns: 12 },
  );
});

test('a session that fits is left alone', () => {
  expect(shortened(soundPush, sampleContext, 200)).toBeNull();
});

test('shorter rests and movements in turn come before giving up sets', () => {
  const s = session([
    line('barbell-bench-press'),
    line('dumbbell-lateral-raise', { restS: 90 }),
    line('lying-triceps-extension', { restS: 90 }),
  ]);
  const after = made(s, minutesOf(s) - 1);
  expect(setsOf(after)).toBe(setsOf(s));
});

/** Every session that can be reached by cuts, whatever their order. */
function everyCombination(s: Session, depth: CutDepth): Measured[] {
  const all = new Map<string, Measured>();
  const walk = (m: Measured): void => {
    const key = JSON.stringify(m.session.blocks);
    if (all.has(key)) return;
    all.set(key, m);
    for (const { edit } of cutsOf(m, depth)) walk(measure(applyEdit(m.session, edit), m.context));
  };
  walk(measure(s, sampleContext));
  return [...all.values()];
}

test.each([0.9, 0.8, 0.7])(
  'at %p of its time a small session keeps as much as any combination of cuts would',
  (share) => {
    const s = session([
      line('barbell-bench-press', {
        scheme: { kind: 'straight', sets: 3, reps: { lo: 5, hi: 8 } },
        restS: 150,
      }),
      line('cable-lateral-raise', { scheme: { kind: 'straight', sets: 2, reps: { lo: 12, hi: 15 } } }),
    ]);
    const minutes = minutesOf(s) * share;
    const fitted = atOneGo(fitting(s, sampleContext, minutes))!;
    const byDepth = cutDepths.map((depth) =>
      everyCombination(s, depth).filter((m) => m.timeline.totalS / 60 <= minutes),
    );
    const fits = byDepth.find((all) => all.length > 0)!;
    expect(fitted.isExact).toBe(true);
    expect(keptWorth(measure(applyEdit(s, fitted.edit), sampleContext))).toBeCloseTo(
      Math.max(...fits.map(keptWorth)),
      9,
    );
  },
);

test('each cut says what it saves and costs, and together they are the whole', () => {
  const fitted = atOneGo(fitting(soundPush, sampleContext, 45))!;
  const after = applyEdit(soundPush, fitted.edit);
  const saved = fitted.cuts.reduce((sum, c) => sum + c.minutes, 0);
  expect(minutesOf(soundPush) - minutesOf(after)).toBeCloseTo(saved, 6);
  const worth = (t: Session): number => keptWorth(measure(t, sampleContext));
  expect(1 - worth(after) / worth(soundPush)).toBeCloseTo(
    fitted.cuts.reduce((sum, c) => sum + c.worth, 0),
    9,
  );
  for (const c of fitted.cuts) expect(c.says).toMatch(/^([A-Z]|[2-9] sets less)/);
});

test('any session is no longer than it may be, or has one movement left, and is never made longer', () => {
  fc.assert(
    fc.property(anySession, anyContext, fc.integer({ min: 10, max: 60 }), (s, context, minutes) => {
      const lasts = (t: Session): number => measure(t, context).timeline.totalS / 60;
      const edit = shortened(s, context, minutes);
      const after = edit ? applyEdit(s, edit) : s;
      expect(sessionSchema.safeParse(JSON.parse(JSON.stringify(after))).error).toBe(undefined);
      expect(lasts(after)).toBeLessThanOrEqual(lasts(s) + 1e-9);
      if (lasts(after) > minutes) expect(linesOf(after).length).toBeLessThanOrEqual(1);
    }),
    { numRuns: 25 },
  );
});

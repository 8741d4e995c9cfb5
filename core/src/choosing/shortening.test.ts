import fc from 'fast-check';
import { measure } from '../measure/measure';
import { applyEdit } from '../session/edits';
import { linesOf, sessionSchema, type Session } from '../session/document';
import { setCountOf } from '../session/schemes';
import { anyContext, anySession } from '../testing/any';
import { line, sampleContext, session, soundPush } from '../examples/samples';
import { shortened } from './shortening';
import { worthOf } from './worth';

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

test('doing movements in turn comes before giving up sets', () => {
  const s = session([
    line('barbell-bench-press'),
    line('dumbbell-lateral-raise', { restS: 90 }),
    line('lying-triceps-extension', { restS: 90 }),
  ]);
  const after = made(s, minutesOf(s) - 1);
  expect(after.blocks.map((b) => b.kind)).toEqual(['single', 'superset']);
  expect(setsOf(after)).toBe(setsOf(s));
});

test('one set less: no other single set would have cost less for its minutes, by trying them all', () => {
  const s = session([
    line('barbell-bench-press', { scheme: { kind: 'straight', sets: 4, reps: { lo: 5, hi: 8 } } }),
    line('incline-dumbbell-press', { scheme: { kind: 'straight', sets: 4, reps: { lo: 8, hi: 10 } } }),
  ]);
  const before = measure(s, sampleContext);
  const after = made(s, minutesOf(s) - 0.5);
  expect(setsOf(after)).toBe(setsOf(s) - 1);
  const price = (t: Session): number =>
    (worthOf(before) - worthOf(measure(t, sampleContext))) / (minutesOf(s) - minutesOf(t));
  const others = linesOf(s).map((l) =>
    applyEdit(s, {
      do: 'line',
      line: l.id,
      patch: { scheme: { ...(l.scheme as { kind: 'straight'; sets: number; reps: never }), sets: 3 } },
    }),
  );
  expect(price(after)).toBeCloseTo(Math.min(...others.map(price)), 9);
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

import fc from 'fast-check';
import { applyEdit } from '../session';
import { anyContext, anySession } from '../testing/any';
import { sampleContext, session, soundPush } from '../examples';
import { layOut } from './lay-out';
import { exertionOf } from './tiring';
import { freshStores, lossOf, recover, tire } from '../set-model';

test('an edit to one line leaves what is kept of the others', () => {
  const before = layOut(soundPush, sampleContext);
  const id = before.lines[1]!.id;
  const after = layOut(applyEdit(soundPush, { do: 'line', line: id, patch: { restS: 200 } }), sampleContext);
  expect(after.lines[0]!.sets).toEqual(before.lines[0]!.sets);
  expect(after.lines[1]!.sets).not.toEqual(before.lines[1]!.sets);
});

test('what a fix was tried with leaves the session as it stood', () => {
  const before = layOut(soundPush, sampleContext);
  for (const m of before.lines)
    layOut(applyEdit(soundPush, { do: 'line', line: m.id, patch: { restS: 30 } }), sampleContext);
  const after = layOut(soundPush, sampleContext);
  after.lines.forEach((m, i) => expect(m.sets).toEqual(before.lines[i]!.sets));
  expect(after.timeline).toEqual(before.timeline);
});

test('nothing in, nothing out', () => {
  expect(layOut(session([]), sampleContext)).toMatchObject({ lines: [], timeline: { totalS: 0 } });
});

test('the loads are those for how tired the client is on the clock they make, whatever the rests', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 30, max: 300 }), { minLength: 6, maxLength: 6 }), (rests) => {
      const blocks = soundPush.blocks.map((b, i) => ({
        ...b,
        lines: b.lines.map((l) => ({ ...l, restS: rests[i]! })),
      }));
      const { lines, byId, timeline } = layOut({ ...soundPush, blocks }, sampleContext);
      const stores = freshStores();
      let nowS = 0;
      for (const e of timeline.events.filter((x) => x.kind === 'set')) {
        const m = byId.get(e.of!)!;
        recover(stores, e.startS - nowS);
        const lost = 1 - Math.exp(-lossOf(stores, exertionOf(m, e.index).credits));
        expect(Math.abs(m.sets[e.index]!.loss - lost)).toBeLessThan(0.02);
        const sides = m.movement.oneSided ? 2 : 1;
        recover(stores, (e.endS - e.startS) / sides);
        tire(stores, exertionOf(m, e.index), m.lift.belief.curve);
        recover(stores, (e.endS - e.startS) * (1 - 1 / sides));
        nowS = e.endS;
      }
      expect(lines.every((m) => m.exertions.length === m.sets.length)).toBe(true);
    }),
    { numRuns: 40 },
  );
});

test('every line of whatever session is laid out once, in its order', () => {
  fc.assert(
    fc.property(anySession, anyContext, (plan, context) => {
      const { lines, timeline } = layOut(plan, context);
      expect(lines.map((m) => m.id)).toEqual(plan.blocks.flatMap((b) => b.lines.map((l) => l.id)));
      for (const m of lines) {
        const sets = timeline.events.filter((e) => e.of === m.id && e.kind === 'set');
        expect(sets).toHaveLength(m.sets.length);
      }
    }),
    { numRuns: 20 },
  );
});

import fc from 'fast-check';
import { movements, warmupParts } from '../movements';
import { session } from '../examples';
import { sessionSchema, type WarmupItem } from './document';
import { filledUp, missingParts, partOf } from './warming';

const counter = () => {
  let n = 0;
  return (stem: string): string => `${stem}-${(n += 1)}`;
};
const item = (movement: string, id = movement): WarmupItem => ({
  id,
  movement,
  sets: 1,
  reps: 12,
  seconds: null,
  note: '',
});
const prepares = movements.filter((m) => ['preparation', 'corrective'].includes(m.family)).map((m) => m.id);

/** Common practice: three to five minutes of anything easy, then range, then activation, then the ramp. */
test('an empty warm-up is filled in the usual order', () => {
  const full = filledUp([], counter());
  expect(full.map(partOf)).toEqual(['general', 'range', 'activation']);
  expect(full[0]!.seconds).toBeGreaterThanOrEqual(180);
  expect(full[0]!.seconds).toBeLessThanOrEqual(300);
});

test('what is there is kept, only what lacks is added, and filling up again changes nothing', () => {
  fc.assert(
    fc.property(fc.uniqueArray(fc.constantFrom(...prepares), { maxLength: 6 }), (ids) => {
      const before = ids.map((id) => item(id));
      const after = filledUp(before, counter());
      expect(after).toHaveLength(before.length + missingParts(before).length);
      for (const b of before) expect(after).toContainEqual(b);
      expect(missingParts(after)).toEqual([]);
      const places = after.map((w) => warmupParts.indexOf(partOf(w)!)).filter((p) => p >= 0);
      expect(places).toEqual([...places].sort((a, b) => a - b));
      expect(filledUp(after, counter())).toEqual(after);
      expect(sessionSchema.safeParse(session([], { warmup: after })).success).toBe(true);
    }),
  );
});

test('a long stretch serves no part and goes behind the rest', () => {
  const full = filledUp([item('static-chest-stretch')], counter());
  expect(full.at(-1)!.movement).toBe('static-chest-stretch');
});

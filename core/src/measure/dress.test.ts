import { emptyNotebook, findEntry } from '../movements';
import { ownFrom } from '../movements/teaching';
import { line, sampleContext } from '../examples';
import { dressLine } from './dress';

const bench = line('barbell-bench-press');

test('movement, settings, credits, name and max; the block comes from outside', () => {
  const m = dressLine(bench, 'block-1', sampleContext);
  expect(m).toMatchObject({ blockId: 'block-1', name: 'Barbell bench press', pace: 1, voice: 'chest' });
  expect(m.credits.pecMiddle).toBe(1);
  expect(m.max.basis).toBe('tested');
  expect(dressLine(bench, 'block-2', sampleContext).credits).toBe(m.credits);
});

test('credits set by hand stand over the table’s; one set to nothing is gone', () => {
  const plain = dressLine(bench, 'b', sampleContext).credits;
  const { credits } = dressLine({ ...bench, pins: { pecMiddle: 0, triLong: 0.8 } }, 'b', sampleContext);
  expect(credits.pecMiddle).toBeUndefined();
  expect(credits.triLong).toBe(0.8);
  expect(credits.deltFront).toBe(plain.deltFront);
});

test('the coach’s own movement gives its name and cues; one the notebook has lost is the catalogue’s', () => {
  const own = { ...ownFrom(findEntry('barbell-bench-press')!, {}, 'own-bench'), name: 'Bench, my way' };
  const l = { ...bench, own: 'own-bench' };
  const context = { ...sampleContext, notebook: { ...emptyNotebook, own: [own] } };
  expect(dressLine(l, 'b', context)).toMatchObject({ name: 'Bench, my way', entryId: 'own-bench' });
  expect(dressLine(l, 'b', { ...sampleContext, notebook: emptyNotebook }).name).toBe('Barbell bench press');
});

test('the name follows the settings, and slow work is worth more than one', () => {
  const at = (benchDeg: number) =>
    dressLine(line('dumbbell-bench-press', {}, { benchDeg }), 'b', sampleContext);
  expect([at(0).name, at(30).name]).toEqual(['Dumbbell bench press', 'Incline dumbbell press']);
  const slow = dressLine(
    { ...bench, tempo: { lower: 5, stretched: 1, lift: 4, shortened: 0 } },
    'b',
    sampleContext,
  );
  expect(slow.pace).toBeGreaterThan(1.2);
});

import { measure } from '../measure';
import { line, sampleContext, session, soundPush } from '../examples';
import { beside } from './beside';

const measured = (...ids: string[]) => measure(session(ids.map((id) => line(id))), sampleContext);

test('a session beside itself repeats every movement and adds nothing', () => {
  const s = measure(soundPush, sampleContext);
  const { adds, same, filled, groups } = beside(s, s);
  expect([adds, filled]).toEqual([[], []]);
  expect(same.filter((x) => x.isSameName)).toHaveLength(s.lines.length);
  for (const g of groups) expect(g.first).toBe(g.second);
});

test('what the second gives that the first did not, and what it repeats under another name', () => {
  const a = measured('barbell-bench-press', 'incline-dumbbell-press', 'pushdown');
  const b = measured('dumbbell-bench-press', 'cable-lateral-raise', 'cable-overhead-extension');
  const { adds, same, filled } = beside(a, b);
  expect(adds).toEqual(expect.arrayContaining(['deltSide']));
  expect(same).toEqual([{ first: 'Barbell bench press', second: 'Dumbbell bench press', isSameName: false }]);
  expect(filled.map((f) => f.rule)).toEqual(['missing-side-delt']);
});

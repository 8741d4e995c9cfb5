import { line, sampleContext, session, soundPush } from '../examples';
import { measure } from '../measure';
import { linesOf, setTargets } from '../session';
import { floorSteps } from './floor';

test('every warm-up item, ramp and bout of a session is a step, once and in the order of the clock', () => {
  const plan = {
    ...soundPush,
    warmup: [{ id: 'w', movement: 'easy-cardio', sets: 1, reps: null, seconds: 240, note: '' }],
  };
  const measured = measure(plan, sampleContext);
  const steps = floorSteps(measured);
  expect(steps[0]).toMatchObject({ is: 'warm-up', dose: '4 min' });
  expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
  const bouts = linesOf(plan).flatMap((l) => setTargets(l).map((_, i) => `${l.id} ${i}`));
  expect(steps.flatMap((s) => (s.is === 'set' ? [s.id] : [])).sort()).toEqual(bouts.sort());
  expect(steps.filter((s) => s.is === 'ramp')).toHaveLength(
    measured.lines.reduce((n, m) => n + m.ramps.length, 0),
  );
  for (const s of steps) expect(s.restS).toBeGreaterThanOrEqual(0);
});

test('a pair takes turns, with the rest after the round', () => {
  const [a, b] = [line('cable-lateral-raise'), line('incline-rear-raise')];
  const pair = session([], { blocks: [{ id: 'p', kind: 'superset', betweenS: 10, lines: [a, b] }] });
  const steps = floorSteps(measure(pair, sampleContext)).filter((s) => s.is === 'set');
  expect(steps.map((s) => s.line.id).slice(0, 4)).toEqual([a.id, b.id, a.id, b.id]);
  expect(steps[1]!.restS).toBeGreaterThan(steps[0]!.restS);
});

test('the stages of a drop are steps of one set', () => {
  const drop = line('dumbbell-lateral-raise', {
    scheme: { kind: 'drop', sets: 2, reps: { lo: 10, hi: 12 }, drops: 2, lighter: 20, on: 'last set' },
  });
  const steps = floorSteps(measure(session([drop]), sampleContext)).flatMap((s) =>
    s.is === 'set' ? [[s.set, s.stage]] : [],
  );
  expect(steps.at(-1)![1]).toBeGreaterThan(0);
  expect(steps.at(-1)![0]).toBe(2);
});

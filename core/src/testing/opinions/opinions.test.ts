import { measure } from '../../measure';
import { review } from '../../review';
import { goodSessions } from './good';
import { mendedBy } from './mended';
import { randomSessions } from './random';
import { caseOf } from './typed';

test.each(goodSessions.map((typed) => [typed.name, typed] as const))(
  '%s is met with two notes at most',
  (_, typed) => {
    const { session, context } = caseOf(typed);
    const findings = review(measure(session, context));
    expect(findings.filter((f) => f.severity !== 'note').map((f) => f.what)).toEqual([]);
    expect(findings.map((f) => f.what).slice(2)).toEqual([]);
  },
);

test('the first remedy of the loudest finding, again and again, ends soon, undoes nothing and keeps what the client came for', () => {
  const walks = randomSessions(14, 5).map((typed) => mendedBy(caseOf(typed)));
  expect(walks.flatMap((walk) => walk.wrong)).toEqual([]);
  expect(walks.reduce((n, walk) => n + walk.steps.length, 0)).toBeGreaterThan(10);
});

test('a session with nearly everything wrong is put right in eight steps, none of them undone', () => {
  const worst = caseOf({
    name: 'Out of a magazine',
    who: { trainingAge: 'over 3 years', massKg: 98, lagging: ['pecUpper'] },
    benches: 120,
    gym: 'small',
    minutes: 60,
    emphasis: 'chest',
    school: 'evidence',
    lines: [
      '4x10-12 pushdown leave 1 then 0 rest 60s',
      '4x6-8 bench press leave 0 then 0 rest 120s',
      '4x6-8 incline bench press 60 tuck 85 leave 2 then 1 rest 120s',
      '4x6-8 flat dumbbell press leave 2 then 1 rest 120s',
      '4x8-10 chest press machine leave 2 then 0 rest 90s',
      '4x10-12 front raise leave 2 then 0 rest 60s',
    ],
  });
  const before = review(measure(worst.session, worst.context));
  expect(before.filter((f) => f.severity !== 'note').length).toBeGreaterThan(7);
  const { steps, wrong, after } = mendedBy(worst);
  expect(wrong).toEqual([]);
  expect(steps.length).toBeLessThanOrEqual(8);
  expect(review(after).filter((f) => f.severity === 'stop')).toEqual([]);
});

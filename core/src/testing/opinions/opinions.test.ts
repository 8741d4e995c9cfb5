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

import fc from 'fast-check';
import { appraiseAtOnce } from '../appraise';
import { line, sampleContext, session, soundPush } from '../examples';
import { schoolOf, schools } from '../schools';
import { schoolIds } from '../session';
import { anyContext, anySession } from '../testing/any';
import { rejudged } from './rejudging';

const { evidence } = schools;

test('the same school changes nothing', () => {
  expect(rejudged(soundPush, sampleContext, evidence, { ...evidence, id: 'copy' })).toEqual({
    gone: [],
    comes: [],
    turned: [],
    dose: [],
  });
});

test('a voice turned, a rule silenced and a band moved are told as such', () => {
  const s = session([line('barbell-bench-press'), line('dumbbell-bench-press')]);
  const own = {
    ...evidence,
    id: 'own',
    voices: { 'redundant-presses': 'stop' as const, 'one-rep-range': 'off' as const },
    mainBand: { lo: 2, hi: 5 },
  };
  const { turned, comes, dose } = rejudged(s, sampleContext, evidence, own);
  expect(turned.map((t) => [t.finding.rule, t.was, t.finding.severity])).toEqual([
    ['redundant-presses', 'watch', 'stop'],
  ]);
  expect(comes.map((f) => f.key)).toContain('session-band chest');
  expect(dose.find((d) => d.group === 'chest')).toMatchObject({
    is: expect.stringContaining('of 2–5') as string,
  });
});

test('what goes and comes is the difference of two appraisals', () => {
  fc.assert(
    fc.property(anySession, anyContext, fc.constantFrom(...schoolIds), (s, context, to) => {
      const keys = (school: string): string[] =>
        appraiseAtOnce({ ...s, school }, context)
          .findings.filter((f) => f.dismissed === null)
          .map((f) => f.key);
      const [before, after] = [keys(s.school), keys(to)];
      const { gone, comes } = rejudged(s, context, schoolOf(s.school, context.schools), schools[to]);
      expect(gone.map((f) => f.key)).toEqual(before.filter((k) => !after.includes(k)));
      expect(comes.map((f) => f.key)).toEqual(after.filter((k) => !before.includes(k)));
    }),
    { numRuns: 15 },
  );
});

import { appraise, appraiseAtOnce } from '../appraise';
import { askedOn, healthQuestionIds, limitIds } from '../session';
import { sampleContext } from '../examples';
import { byName, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { atOneGo } from '../units';
import { schools } from '../schools';
import { beside } from './beside';
import { kinderTo } from './kinder';
import { rejudged } from './rejudging';
import { whenItHurts } from './when-it-hurts';

const told = (findings: ReturnType<typeof appraise>['findings']) =>
  findings.map((f) => [
    f.severity,
    f.key,
    f.what,
    f.why,
    ...f.fixes.map((x) => [x.label, x.effect.minutes, x.effect.sets, x.effect.gone, x.effect.comes]),
  ]);

test('what is found in the examples of the rules, and what mends it, is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'examples',
    byName(ruleCases, ({ session, context }) => told(appraise(session, context).findings)),
  );
});

test('what is found in sessions of any kind is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'random',
    byName([soundCase, ...randomCases(8)], ({ session, context }) =>
      told(appraise(session, context).findings),
    ),
  );
});

test('what is kinder, said when it hurts, judged by another school and beside another day is what it was', () => {
  const few = [soundCase, ...randomCases(2), ...ruleCases.filter((_, i) => i % 40 === 0)];
  expectPinned(
    import.meta.dirname,
    'others',
    byName(few, ({ session, context }, measured) => [
      limitIds.slice(0, 2).map((limit) => atOneGo(kinderTo(session, context, limit))),
      measured.lines
        .slice(0, 2)
        .map((m) => whenItHurts(measured, m.id, 'shoulder front', m.sets[0]?.kg ?? null)),
      rejudged(session, context, schools.evidence, schools.pump),
      beside(measured, measured),
    ]),
  );
});

test('what is found in many sessions is what it was', () => {
  pinMany(import.meta.dirname, randomCases(160).slice(8), ({ session, context }) => {
    const { findings } = appraiseAtOnce(session, context);
    return findings.map((f) => [f.severity, f.key, f.what, f.why, f.on]);
  });
});

test('a client with yeses on the health screen, with limits, without tests, is told what was told', () => {
  const { client } = sampleContext;
  const people = {
    'two yeses': { health: askedOn('2026-11-01', healthQuestionIds.slice(0, 2)) },
    'every yes': { health: askedOn('2026-11-01', healthQuestionIds) },
    'asked long ago': { health: askedOn('2024-11-01') },
    'every limit': { limits: limitIds.map((limit) => ({ limit, note: '' })) },
    'first year': { trainingAge: 'under 1 year' as const },
    'no tests': { tests: [] },
    'strength, on the platform': { aim: 'strength' as const, competes: 'bench' as const },
  };
  expectPinned(
    import.meta.dirname,
    'people',
    Object.fromEntries(
      Object.entries(people).map(([name, patch]) => [
        name,
        told(
          appraiseAtOnce(soundCase.session, { ...sampleContext, client: { ...client, ...patch } })
            .findings as never,
        ),
      ]),
    ),
  );
});

import fc from 'fast-check';
import { z } from 'zod';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { anyLine, schemesOf } from '../testing/any';
import { newIds } from '../testing/ids';
import { byName, randomCases, ruleCases, soundCase } from '../testing/cases';
import { entries } from '../movements';
import { bodyMeasures, LAGS, lastRatings, measureRange } from './body-log';
import { clientSchema } from './client';
import { linesOf, MOST_BOUTS, MOST_LINES, sessionSchema, type Session } from './document';
import { parseReserve, parseTempo, repSeconds, reserveText, tempoText, tempoWords } from './effort';
import { floorChangesSchema } from './floor-changes';
import { healthQuestions, mustAskFirst, yesTo } from './health';
import { homesOf } from './homes';
import { kindOf, owes } from './kinds';
import { briefOf, needsOf } from './needs';
import {
  parseScheme,
  promisedReps,
  schemeText,
  schemeWords,
  setCountOf,
  setTargets,
  turnedInto,
  withSetCount,
} from './schemes';
import { moduleOf, schemeKinds } from './schemes/all';
import { becoming, emptySession, startedFor } from './starting';
import { filledUp, missingParts } from './warming';

const cases = [soundCase, ...randomCases(16), ...ruleCases.filter((_, i) => i % 12 === 0)];
const lines = fc.sample(anyLine('l'), { seed: 5, numRuns: 40 });

test('what documents hold at most, and at least, is what it was', () => {
  expectPinned(import.meta.dirname, 'bounds', {
    session: z.toJSONSchema(sessionSchema),
    client: z.toJSONSchema(clientSchema),
    changes: z.toJSONSchema(floorChangesSchema),
    most: [MOST_BOUTS, MOST_LINES],
    measures: [bodyMeasures, measureRange, LAGS, healthQuestions],
  });
});

test('schemes of every kind have the sets, words and fields they had', () => {
  const schemes = Object.values(schemesOf).flatMap((of) => fc.sample(of, { seed: 7, numRuns: 5 }));
  expectPinned(
    import.meta.dirname,
    'schemes',
    Object.fromEntries(
      schemes.map((scheme, i) => {
        const line = { ...lines[i % lines.length]!, scheme };
        return [
          `${i} ${JSON.stringify(scheme)}`,
          [
            schemeText(scheme),
            schemeWords(scheme),
            setCountOf(scheme),
            setTargets(line),
            promisedReps(line),
            withSetCount(scheme, 2),
            schemeKinds.map((kind) => turnedInto(scheme, kind)),
            parseScheme(schemeText(scheme)),
          ],
        ];
      }),
    ),
  );
});

test('efforts and tempos are read and written as they were', () => {
  const efforts = ['2', '3-1', '0', '1.5', 'rpe 8', '8', '9', '2–0', 'x', '-1', '3 2'];
  const tempos = ['3110', '3-1-1-0', '31x1', '2-0-x-1', '4', '10-1-1-1', '3/1/1', 'slow'];
  expectPinned(import.meta.dirname, 'efforts', {
    ...Object.fromEntries(efforts.map((text) => [`effort ${text}`, parseReserve(text)])),
    ...Object.fromEntries(tempos.map((text) => [`tempo ${text}`, parseTempo(text)])),
    ...Object.fromEntries(
      lines.map(({ tempo, reserve }, i) => [
        `line ${i}`,
        [repSeconds(tempo), tempoText(tempo), tempoWords(tempo), reserveText(reserve)],
      ]),
    ),
  });
});

test('what a session is, needs and owes is what it was', () => {
  const owed = [
    'upper chest',
    'adduction',
    'stretch',
    'side delts',
    'rear delts',
    'long head',
    'triceps angles',
  ];
  const parts: Session['warmup'] = soundCase.session.warmup;
  expectPinned(import.meta.dirname, 'sessions', {
    ...byName(cases, ({ session, context: { client, todayIso } }) => [
      kindOf(session),
      owed.filter((of) => owes(session, of as 'stretch')),
      briefOf('s', session),
      needsOf(client, [briefOf('s', session)], todayIso),
      startedFor(session, { id: 'c2', client }, 'Again'),
      [mustAskFirst(client, todayIso), yesTo(client, todayIso)],
      lastRatings(client.ratings),
      missingParts(session.warmup),
      filledUp(session.warmup, newIds()),
      linesOf(session).map((l) => l.id),
    ]),
    empty: emptySession({ ...soundCase.session, school: 'pump' }),
    parts: missingParts(parts.slice(1)),
    homes: homesOf,
    becoming: Object.fromEntries(entries.map((e) => [e.id, becoming(e)])),
  });
});

test('schemes of every kind, many of each', () => {
  const many = Object.values(schemesOf).flatMap((of) => fc.sample(of, { seed: 9, numRuns: 60 }));
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    many,
    (scheme, i) => `${i} ${scheme.kind}`,
    (scheme, i) => [
      scheme,
      schemeText(scheme),
      schemeWords(scheme),
      parseScheme(schemeText(scheme)),
      setTargets({ ...lines[i % lines.length]!, scheme }),
      [1, 3, 7].map((n) => withSetCount(scheme, n)),
      schemeKinds.map((to) => turnedInto(scheme, to)),
      promisedReps({ ...lines[i % lines.length]!, scheme }),
    ],
  );
});

test('the lists of schemes are read from text, and schemes from what coaches type, as they were', () => {
  const typed = [
    '',
    ' ',
    '10',
    '10,8,6',
    '10 8 6',
    '15 30 45 60',
    '10–12, 8',
    '8-10/6',
    '5, 5, 5, 5',
    'x',
    '-5',
    '30, 45, x',
  ];
  const spoken = [
    '3x8',
    '3 x 8-12',
    '10-8-6',
    '5x5',
    '3xf',
    '4x30s',
    '12+6+6',
    '3x10 drop 2',
    '1x5 3x8',
    '50 reps',
    '2x12 rp 3',
  ];
  expectPinned(import.meta.dirname, 'typed', {
    ...Object.fromEntries(
      schemeKinds.map((kind) => [
        `fields of ${kind}`,
        moduleOf({ kind }).fields.map((field) =>
          field.is === 'list' ? [field.key, typed.map((text) => field.read(text))] : field,
        ),
      ]),
    ),
    ...Object.fromEntries(
      schemeKinds.flatMap((kind) => {
        const scheme = moduleOf({ kind });
        const begun = [2, 5].map((sets) => scheme.begin(sets, { lo: 8, hi: 10 }));
        return [[kind, [begun, begun.map((b) => scheme.plain(b)), spoken.map((text) => scheme.read(text))]]];
      }),
    ),
  });
});

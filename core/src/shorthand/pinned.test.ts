import { readFileSync } from 'node:fs';
import { entries } from '../movements';
import { schools } from '../schools';
import { byName, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { newIds } from '../testing/ids';
import type { PasteContext } from './message/model';
import { readPasted } from './pasted';
import { readHead, readWarmup } from './read-session-text';
import { writeSession } from './session-text';
import { blocksOfTyped, readTyped } from './typed';
import { lineFromTyped, readTypedLine } from './typed-line';

const corpus = (file: string): { text: string; unit: 'kg' | 'lb'; as: string }[] =>
  readFileSync(new URL(`corpus/${file}.jsonl`, import.meta.url), 'utf8')
    .split('\n')
    .filter(Boolean)
    .map((row) => JSON.parse(row) as { text: string; unit: 'kg' | 'lb'; as: string });

const context = (unit: 'kg' | 'lb'): PasteContext => ({ unit, school: 'evidence', newId: newIds() });

const read = (text: string, unit: 'kg' | 'lb') => {
  const typed = readTypedLine(text, unit);
  const line = lineFromTyped(typed, schools.evidence, 'x');
  const { entry, patch, partly, choices, unknown } = typed;
  return [entry?.id, patch, partly, choices.map((c) => c.entry.id), unknown, line?.scheme];
};

/** Ways of writing one thing and another, with figures that are read one way and the other. */
const ways = [
  '3x8',
  '3 x 8-12',
  '4x6@80',
  '80kg 3x5',
  '3x5 80',
  '5x5 100 kg',
  '12x8',
  '80x8',
  '80x8 80x7 75x6',
  '8/8/6',
  '10-8-6-4',
  '3 sets of 12',
  '3 sets 8 reps',
  '2x20 then amrap',
  '3x amrap',
  'amrap x3',
  '3xf',
  '5,5,5',
  '4x8 rir 2',
  '4x8 2 rir',
  '4x8 rpe 8',
  '4x8 rpe 8.5',
  '@9',
  'rir 3-1',
  '3-4 sets 8-10',
  'top 5 then 3x8 -10%',
  '1x5 3x8 -15%',
  'drop 3x10 2 drops 20%',
  'last set drop 2x',
  'rest pause 3x8',
  'rp 12 3 bouts',
  'myo 15 4',
  'burn out 50',
  'hold 3x30s',
  '3 x 30 sec',
  '90s rest',
  'rest 2 min',
  'r 2:30',
  'rest 1-2 min',
  'tempo 3-1-1-0',
  '31x1',
  '4010',
  'slow 4s down',
  '2s pause',
  'pause at the bottom',
  '30°',
  '30 deg incline',
  '45 incline',
  'neutral grip',
  'grip 1.5',
  'close grip',
  'wide',
  'elbows tucked',
  '75%',
  '3x5 75-80%',
  'at 70 % of max',
  'each side',
  'per side 20',
  '2x20kg',
  '20 each',
  '45 lb',
  '135/185/225',
  '60x10 70x8 80x6',
  '60/8 65/6',
  'bar only',
  '+10kg',
  'bw+20',
  'assisted -20',
  '8 reps',
  'x12',
  '1 warm up',
  'w/u 2x15',
  'to failure',
  'not to failure',
  'last set to failure',
  '1 in reserve',
  'leave 2',
  '2.5 kg',
  '12,5 kg',
  '82,5x5',
  'full range',
  'half reps',
  'lengthened partials',
  'feet up',
  'standing',
  'seated',
  'superset with',
  'A1',
  '1a)',
  '3x8 (felt heavy)',
  '@ 30x0',
  '4 x 8, 2 min, rir 1',
  '4×8',
  '3·8',
  '10+5+5',
  '70-75 kg',
  '3x8 @ 70-75',
  '~80 kg',
  '2 plates',
  '2 plates a side',
  '1 plate each side',
  '20kg plate',
  'grip width 1.5',
  'grip 1.2 x',
  'tuck 45',
  '(90s)',
  '(2 min rest)',
  '(3s pause)',
  'grip 90°',
  'rest (2-3 min)',
  '4 sets, 8 reps, 60 kg, 2 left',
  '3 sets to failure',
  'to failure on the last',
  '2 x 10/8/6',
  'rir 2,1,0',
  '1-2 rir',
  '60% 3x5, 70% 2x3',
  'hold 45 seconds',
  '5 second negatives',
  'single arm 3x12',
  '3x8 per arm',
];
const lifts = ['bench press', 'incline db press', 'lateral raise', 'pushdown', 'dips', 'cable fly', 'ohp'];

test('the lines of every corpus are read as they were', () => {
  const rows = ['examples', 'more', 'unseen'].flatMap(corpus);
  expectPinned(
    import.meta.dirname,
    'corpus',
    Object.fromEntries(
      rows.map(({ text, unit, as }) => [
        text,
        as === 'typed' ? read(text, unit) : readPasted(text, context(unit)).rows.length,
      ]),
    ),
  );
});

test('ways of writing are read as they were, with each lift and by themselves', () => {
  expectPinned(
    import.meta.dirname,
    'ways',
    Object.fromEntries(
      ways.flatMap((way, i) => {
        const lift = lifts[i % lifts.length]!;
        const other = lifts[(i * 3 + 1) % lifts.length]!;
        return [
          [`${lift} ${way}`, read(`${lift} ${way}`, 'kg')],
          [`${way} ${other}`, read(`${way} ${other}`, 'lb')],
          [
            `${lift} ${way} ${ways[(i * 7 + 3) % ways.length]}`,
            read(`${lift} ${way} ${ways[(i * 7 + 3) % ways.length]}`, 'kg'),
          ],
        ];
      }),
    ),
  );
});

test('every name is found by its words, shortened and in part', () => {
  expectPinned(
    import.meta.dirname,
    'names',
    Object.fromEntries(
      entries.flatMap((e) => {
        const words = e.name.split(' ');
        return [e.name, words.slice(1).join(' '), `${words.at(-1)} ${words[0]}`, ...e.aliases].map((name) => {
          const { entry, choices, unknown } = readTypedLine(`${name} 3x10`, 'kg');
          return [name, [entry?.id, choices.map((c) => c.entry.id), unknown]];
        });
      }),
    ),
  );
});

test('sessions are written as text, and read back, as they were', () => {
  const cases = [soundCase, ...randomCases(12), ...ruleCases.filter((_, i) => i % 9 === 0)];
  expectPinned(
    import.meta.dirname,
    'texts',
    byName(cases, ({ session, context: { client } }) => {
      const { unit } = client;
      const text = writeSession(session, { unit });
      const typed = readTyped(text, context(unit));
      return [text, blocksOfTyped(text, typed, context(unit)).map(({ id: _id, ...block }) => block)];
    }),
  );
  expectPinned(import.meta.dirname, 'heads', {
    heads: [
      '60 min',
      'Push day',
      'for chest · 75 minutes',
      'school pump',
      'emphasis: side delts',
      'spotter',
    ].map((text) => readHead(text)),
    warmups: ['warm-up: rotator 2x15', 'face pull 2 x 15', 'bike 5 min', '5 minutes rowing'].map((t) =>
      readWarmup(t, 'w'),
    ),
  });
});

test('messages are read as they were', () => {
  const messages = JSON.parse(readFileSync(new URL('corpus/messages.json', import.meta.url), 'utf8')) as {
    name: string;
    rows: { text: string }[];
    unit?: 'kg' | 'lb';
  }[];
  expectPinned(
    import.meta.dirname,
    'messages',
    Object.fromEntries(
      messages.map(({ name, rows: written, unit = 'kg' }) => {
        const text = written.map((row) => row.text).join('\n');
        const { rows, ...rest } = readPasted(text, context(unit));
        return [
          name,
          [
            rows.map((r) => [
              r.line?.movement,
              r.line?.scheme,
              r.line?.loadKg,
              r.line?.reserve,
              r.line?.restS,
              r.unknown,
            ]),
            rest,
          ],
        ];
      }),
    ),
  );
});

/** A line written a little otherwise: another figure, another sign, no spaces, a comma, a unit. */
const otherwise: readonly ((text: string) => string)[] = [
  (text) => text.replace(/\d+/g, (n) => String(Number(n) + 1)),
  (text) => text.replace(/\d+/, (n) => String(Number(n) * 10)),
  (text) => text.replaceAll(' ', ''),
  (text) => text.toUpperCase(),
  (text) => text.replace(/(\d)\.(\d)/g, '$1,$2').replace(/(\d) ?x ?(\d)/g, '$1×$2'),
  (text) => text.replace(/[@,]/g, ' '),
  (text) => text.replace(/kg/g, 'lb').replaceAll('-', '–'),
  (text) => text.split(' ').reverse().join(' '),
  (text) => `${text} 2`,
  (text) => `3 ${text}`,
];

test('thousands of lines are read as they were', () => {
  const texts = [
    ...['examples', 'more', 'unseen'].flatMap(corpus).map(({ text }) => text),
    ...ways.map((way, i) => `${lifts[i % lifts.length]} ${way}`),
    ...ways.map((way, i) => `${way} ${ways[(i * 11 + 5) % ways.length]}`),
  ].filter((text) => !text.includes('\n') && text.length < 120);
  expectPinnedMany(
    [import.meta.dirname, 'many'],
    texts,
    (text, i) => `${i} ${text}`,
    (text, i) =>
      [0, 1, 2].map((k) => read(otherwise[(i * 3 + k) % otherwise.length]!(text), i % 2 ? 'kg' : 'lb')),
  );
});

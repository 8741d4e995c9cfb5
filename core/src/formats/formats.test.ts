import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { appraise, appraiseAtOnce } from '../appraise';
import { applyEdit, linesOf, parseScheme, setTargets } from '../session';
import { anyContext, anySession } from '../testing/any';
import { line, sampleClient, sampleContext, session, soundPush } from '../examples';
import { makeReport } from './report';
import { jsonSchemas } from './schemas';
import { loadText } from './load-words';
import { makeSheet, medicalSentence, reserveWords, stopSigns } from './sheet';

test.each(Object.entries(jsonSchemas()))('docs/formats/%s is current', (file, schema) => {
  const written: unknown = JSON.parse(
    readFileSync(new URL(`../../../docs/formats/${file}`, import.meta.url), 'utf8'),
  );
  expect(written).toEqual(JSON.parse(JSON.stringify(schema)));
});

test('the worked example of the front door is what it answers', () => {
  const read = (name: string): string =>
    readFileSync(new URL(`../../../docs/formats/${name}`, import.meta.url), 'utf8');
  const request = JSON.parse(read('appraise-request.json')) as {
    session: never;
    client: never;
    kit: never;
    today: string;
  };
  const context = { client: request.client, kit: request.kit, logged: [], todayIso: request.today };
  expect(JSON.parse(JSON.stringify(makeReport(appraise(request.session, context), context)))).toEqual(
    JSON.parse(read('appraise-response.json')),
  );
});

const sheetOf = (s = soundPush, context = sampleContext) => makeSheet(s, appraiseAtOnce(s, context), context);

test('a sheet says load, reps, reserve, tempo and rest in words, at most three cues, stop signs and the medical sentence', () => {
  const sheet = sheetOf();
  const bench = sheet.blocks[1]!.lines[0]!;
  expect(bench.sets).toBe('3 × 8–10');
  expect(bench.load).toMatch(/^\d+(\.\d+)? kg$/);
  expect(bench.reserve).toBe('Stop with three reps left on the first set, two reps on the last');
  expect(bench.rest).toBe('2 min');
  expect(sheet.tempo).toBe('2-1-1-0: lower 2 seconds, hold the stretch 1 second, lift 1 second');
  for (const l of sheet.blocks.flatMap((b) => b.lines)) expect(l.cues.length).toBeLessThanOrEqual(3);
  expect(sheet.stopSigns).toBe(stopSigns);
  expect(sheet.medical).toBe(medicalSentence);
});

test('a pair is explained and rests after the round', () => {
  const paired = applyEdit(soundPush, {
    do: 'pair',
    line: 'cable-lateral-raise',
    with: 'incline-rear-raise',
  });
  const block = sheetOf(paired).blocks.find((b) => b.how !== null)!;
  expect(block.how).toMatch(/^Superset/);
  expect(block.lines.map((l) => l.rest)).toEqual(['go to the next', '1 min 30 s']);
});

test('an own tempo stands with its movement', () => {
  const slow = session([
    line('push-up'),
    line('dumbbell-fly'),
    line('pushdown', { tempo: { lower: 4, stretched: 0, lift: 1, shortened: 1 } }),
  ]);
  expect(sheetOf(slow).blocks.map((b) => b.lines[0]!.tempo)).toEqual([
    null,
    null,
    '4-0-1-1: lower 4 seconds, lift 1 second, hold the top 1 second',
  ]);
});

test('loads in pounds, each hand said so, bodyweight said so', () => {
  const pounds = { ...sampleContext, client: { ...sampleClient, unit: 'lb' as const } };
  const text = (l: ReturnType<typeof line>, context = sampleContext) =>
    loadText(appraiseAtOnce(session([l]), context).lines[0]!, context.client.unit);
  expect(text(line('dumbbell-bench-press', { loadKg: 20 }))).toBe('20 kg each');
  expect(text(line('dumbbell-bench-press', { loadKg: 20.41165665 }), pounds)).toBe('45 lb each');
  expect(text(line('push-up'))).toBe('bodyweight');
  expect(text(line('cable-fly-shoulder-height'))).toBe('find the load');
});

test('reserve in words', () => {
  expect(reserveWords({ reserve: { first: 2, last: 0 } })).toBe(
    'Stop with two reps left on the first set, until the form would break on the last',
  );
  expect(reserveWords({ reserve: { first: 0, last: 0 } })).toBe('Go until the form would break');
  expect(reserveWords({ reserve: { first: 2.5, last: 0.5 } })).toBe(
    'Stop with two or three reps left on the first set, at most one rep on the last',
  );
});

test('whatever a sheet says of sets and reps is read back as those sets and reps', () => {
  fc.assert(
    fc.property(anySession, anyContext, (s, context) => {
      const told = makeSheet(s, appraiseAtOnce(s, context), context).blocks.flatMap((b) => b.lines);
      linesOf(s).forEach((l, i) => {
        const read = parseScheme(told[i]!.sets.replace(/ a side$/, ''))!;
        const reps = (scheme: typeof read) => setTargets({ scheme, reserve: l.reserve }).map((t) => t.reps);
        expect(reps(read)).toEqual(reps(l.scheme));
        expect(JSON.stringify(told[i])).not.toMatch(/ {2}/);
      });
    }),
    { numRuns: 25 },
  );
});

test('a sheet says that the first set finds the load, of a hold too, and where easier settings go', () => {
  const s = session([
    line('cable-fly-shoulder-height'),
    line('dumbbell-fly', { scheme: { kind: 'hold', sets: 2, seconds: 15 } }),
    line('barbell-bench-press', {
      scheme: {
        kind: 'mechanical drop',
        sets: 2,
        reps: { lo: 8, hi: 8 },
        knob: 'gripBiacromial',
        easier: [1.8],
      },
    }),
  ]);
  const lines = makeSheet(s, appraiseAtOnce(s, sampleContext), sampleContext).blocks.flatMap((b) => b.lines);
  expect(lines.map((l) => l.findsLoad)).toEqual([true, true, false]);
  expect(lines[2]!.how).toContain('grip 1.8 × shoulders');
});

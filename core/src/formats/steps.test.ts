import { readFileSync } from 'node:fs';
import { appraiseAtOnce } from '../appraise';
import { setTargets } from '../session/schemes';
import { sampleClient, sampleContext } from '../examples/samples';
import { documentSchemas } from './opening';
import { makeSheet } from './sheet';
import { newest, steps, versionOf, type DocumentKind, type Raw } from './steps';

const fixture = (kind: DocumentKind, version: number): Raw =>
  JSON.parse(readFileSync(new URL(`./fixtures/${kind}-${version}.json`, import.meta.url), 'utf8')) as Raw;

const kinds = Object.keys(steps) as DocumentKind[];
const everyVersion = kinds.flatMap((kind) =>
  Array.from({ length: versionOf(kind) }, (_, i): [DocumentKind, number] => [kind, i + 1]),
);

test.each(everyVersion)('a %s of version %p opens as one of the newest', (kind, version) => {
  const old = fixture(kind, version);
  expect([old.format, old.version]).toEqual([`drimbo.${kind}`, version]);
  const opened = documentSchemas[kind].parse(old) as unknown as Raw;
  expect(opened.version).toBe(versionOf(kind));
  expect(Object.keys(opened)).toEqual(expect.arrayContaining(Object.keys(old)));
  expect(documentSchemas[kind].parse(opened)).toEqual(opened);
});

test.each(everyVersion.filter(([kind, version]) => version === versionOf(kind)))(
  'a %s of today is left as it is',
  (kind, version) => {
    const now = fixture(kind, version);
    expect(newest(kind, now)).toBe(now);
  },
);

test.each([1, 2, 3, 4, 5, 6])(
  'a session of version %p is printed with every movement and set it had',
  (version) => {
    const session = documentSchemas.session.parse(fixture('session', version));
    const sheet = makeSheet(session, appraiseAtOnce(session, sampleContext), sampleContext);
    expect(sheet.blocks.map((b) => b.lines[0]!.name)).toHaveLength(session.blocks.length);
    expect(sheet.blocks[0]!.lines[0]!.sets).toContain('3 × 8');
  },
);

test('a drop set of version 1 has the same repetitions in every stage', () => {
  const line = documentSchemas.session.parse(fixture('session', 1)).blocks[0]!.lines[0]!;
  expect(setTargets(line).map((t) => t.reps)).toEqual(Array(5).fill({ lo: 8, hi: 10 }));
});

test('days that no calendar has become the nearest; a health screen without a day is asked for again', () => {
  expect(documentSchemas.session.parse(fixture('session', 2)).date).toBe('2026-02-28');
  const client = documentSchemas.client.parse(fixture('client', 1));
  expect([client.tests[0]!.date, client.health.askedOn]).toEqual(['2026-09-30', '']);
});

test('deleted tests, templates and what was deleted are empty in what was written before there were any', () => {
  expect(documentSchemas.client.parse(fixture('client', 2)).deletedTests).toEqual([]);
  const { templates, deleted } = documentSchemas.notebook.parse(fixture('notebook', 1));
  expect([templates, deleted]).toEqual([[], []]);
});

test('what is no document, or one of a version to come, is left as it is', () => {
  for (const kind of kinds)
    for (const other of [null, 7, 'x', [], {}, { version: 'two' }, { version: 1.5 }, { version: 99 }])
      expect(newest(kind, other)).toBe(other);
  expect(documentSchemas.client.safeParse({ ...sampleClient, version: 99 }).success).toBe(false);
});

test('a health screen of one box: no tick is no to each, a tick is a yes to nobody knows what, cleared stays cleared', () => {
  const old = fixture('client', 3);
  const health = (patch: Raw) =>
    documentSchemas.client.parse({ ...old, health: { ...(old.health as Raw), ...patch } }).health;
  const no = health({ askFirst: false, askedOn: '2026-10-01', clearedBy: '' });
  expect(Object.values(no.answers)).toEqual(Array.from({ length: 9 }, () => false));
  expect(health({ askFirst: false, askedOn: '', clearedBy: '' }).answers).toEqual({});
  const yes = health({ askFirst: true, askedOn: '2026-10-01', clearedBy: 'Dr Veld' });
  expect([yes.answers, yes.clearedBy, yes.clearedOn]).toEqual([{ other: true }, 'Dr Veld', '2026-10-01']);
});

test('a finding about several movements, set aside in an older session, is known by them in any order', () => {
  const old = fixture('session', 3);
  const dismissed = [
    { finding: 'redundant-presses b a', reason: 'x' },
    { finding: 'client-limits shoulder front a', reason: 'y' },
  ];
  expect(documentSchemas.session.parse({ ...old, dismissed }).dismissed.map((d) => d.finding)).toEqual([
    'redundant-presses a b',
    'client-limits shoulder front a',
  ]);
});

test('a gym from before blocks and raised handles could be missing has both', () => {
  const old = fixture('kit', 1);
  expect(documentSchemas.kit.parse(old).places).toEqual([
    ...(old.places as string[]),
    'press block',
    'raised handles',
  ]);
});

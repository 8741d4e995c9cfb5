import { readFileSync } from 'node:fs';
import { appraiseAtOnce } from '../appraise';
import { setTargets } from '../session';
import { sampleClient, sampleContext } from '../examples';
import { makeSheet } from '../formats';
import { broughtUp, CannotOpen, documentKinds, kinds, openKept, type DocumentKind, type Raw } from './index';

const versionOf = (kind: DocumentKind): number => kinds[kind].version;
const newest = (kind: DocumentKind, raw: unknown): unknown => {
  const found = broughtUp<object>(kinds[kind] as never, raw);
  return 'document' in found ? found.document : found.error.issues[0]!.message;
};

const fixture = (kind: DocumentKind, version: number): Raw =>
  JSON.parse(readFileSync(new URL(`./fixtures/${kind}-${version}.json`, import.meta.url), 'utf8')) as Raw;

/** Fields that a step has taken out. */
const gone: Partial<Record<DocumentKind, string[]>> = { block: ['double'] };

const everyVersion = documentKinds.flatMap((kind) =>
  Array.from({ length: versionOf(kind) }, (_, i): [DocumentKind, number] => [kind, i + 1]),
);

test.each(everyVersion)('a %s of version %p opens as one of the newest', (kind, version) => {
  const old = fixture(kind, version);
  expect([old.format, old.version]).toEqual([`drimbo.${kind}`, version]);
  const opened = kinds[kind].any.parse(old) as unknown as Raw;
  expect(opened.version).toBe(versionOf(kind));
  const kept = Object.keys(old).filter((key) => !(gone[kind] ?? []).includes(key));
  expect(Object.keys(opened)).toEqual(expect.arrayContaining(kept));
  expect(kinds[kind].any.parse(opened)).toEqual(opened);
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
    const session = kinds.session.any.parse(fixture('session', version));
    const sheet = makeSheet(session, appraiseAtOnce(session, sampleContext), sampleContext);
    expect(sheet.blocks.map((b) => b.lines[0]!.name)).toHaveLength(session.blocks.length);
    expect(sheet.blocks[0]!.lines[0]!.sets).toContain('3 × 8');
  },
);

test('a drop set of version 1 has the same repetitions in every stage', () => {
  const line = kinds.session.any.parse(fixture('session', 1)).blocks[0]!.lines[0]!;
  expect(setTargets(line).map((t) => t.reps)).toEqual(Array(5).fill({ lo: 8, hi: 10 }));
});

test('days that no calendar has become the nearest; a health screen without a day is asked for again', () => {
  expect(kinds.session.any.parse(fixture('session', 2)).date).toBe('2026-02-28');
  const client = kinds.client.any.parse(fixture('client', 1));
  expect([client.tests[0]!.date, client.health.askedOn]).toEqual(['2026-09-30', '']);
});

test('deleted tests, templates and what was deleted are empty in what was written before there were any', () => {
  expect(kinds.client.any.parse(fixture('client', 2)).deletedTests).toEqual([]);
  const { templates, deleted } = kinds.notebook.any.parse(fixture('notebook', 1));
  expect([templates, deleted]).toEqual([[], []]);
});

test('what is no document is left as it is for the schema to refuse', () => {
  for (const kind of documentKinds)
    for (const other of [null, 7, 'x', [], {}, { version: 'two' }, { version: 1.5 }])
      expect(newest(kind, other)).toBe(other);
});

test('one that a later version wrote is refused with what to do; a step that cannot be done says which and why', () => {
  const later = openKept(kinds.client, { ...sampleClient, version: 99 });
  expect('error' in later && later.error.issues).toEqual([
    expect.objectContaining({
      path: ['version'],
      message: `this client is of version 99, and this Drimbo knows versions up to ${versionOf('client')}: open it with a later one`,
    }),
  ]);
  const torn = broughtUp(
    {
      ...kinds.kit,
      steps: [
        {
          name: 'plates by kilogram',
          does: () => {
            throw new CannotOpen('a plate has no mass', ['plates', 2]);
          },
        },
      ],
    },
    { version: 1 },
  );
  expect('error' in torn && torn.error.issues[0]).toMatchObject({
    path: ['plates', 2],
    message: 'version 2 (plates by kilogram) cannot be made of it: a plate has no mass',
  });
});

test('a health screen of one box: no tick is no to each, a tick is a yes to nobody knows what, cleared stays cleared', () => {
  const old = fixture('client', 3);
  const health = (patch: Raw) =>
    kinds.client.any.parse({ ...old, health: { ...(old.health as Raw), ...patch } }).health;
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
  expect(kinds.session.any.parse({ ...old, dismissed }).dismissed.map((d) => d.finding)).toEqual([
    'redundant-presses a b',
    'client-limits shoulder front a',
  ]);
});

test('a gym from before blocks and raised handles could be missing has both', () => {
  const old = fixture('kit', 1);
  expect(kinds.kit.any.parse(old).places).toEqual([
    ...(old.places as string[]),
    'press block',
    'raised handles',
  ]);
});

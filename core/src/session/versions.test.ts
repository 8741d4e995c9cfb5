import { readFileSync } from 'node:fs';
import { sessionSchema } from './document';
import { setTargets } from './schemes';
import { latestSession, sessionVersion } from './versions';

const fixture = (version: number): unknown =>
  JSON.parse(readFileSync(new URL(`./fixtures/session-${version}.json`, import.meta.url), 'utf8'));

test.each(Array.from({ length: sessionVersion - 1 }, (_, i) => i + 1))(
  'a session of version %p opens as one of the newest, nothing of it lost',
  (version) => {
    const old = fixture(version) as Record<string, unknown>;
    const opened = sessionSchema.parse(old);
    expect(opened.version).toBe(sessionVersion);
    expect({ ...opened, version }).toEqual(old);
  },
);

test('a drop set of version 1 has the same repetitions in every stage', () => {
  const line = sessionSchema.parse(fixture(1)).blocks[0]!.lines[0]!;
  expect(setTargets(line).map((t) => t.reps)).toEqual(Array(5).fill({ lo: 8, hi: 10 }));
});

test('what is no session, or one of a version to come, is left as it is', () => {
  for (const other of [null, 7, 'x', {}, { version: 'two' }, { version: 99 }])
    expect(latestSession(other)).toEqual(other);
});

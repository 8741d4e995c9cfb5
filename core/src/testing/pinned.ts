import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** `npm test` looks at every so-manieth of many, `npm run mutate` and `npm run pin` at all. */
const SHARE = 5;
const isWhole = process.env.DRIMBO_PIN !== undefined;

/** Whether the i-th of many is looked at. */
export const isLookedAt = (i: number): boolean => isWhole || i % SHARE === 0;

/** Figures to five places, so that the last bits of a machine say nothing; what is not there is left out. */
const brief = (value: unknown): unknown => {
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) return String(value);
    return Math.abs(value) < 1e-9 ? 0 : Number(value.toPrecision(5));
  }
  if (Array.isArray(value)) return value.map(brief);
  if (value instanceof Map) return brief(Object.fromEntries(value));
  if (value instanceof Set) return brief([...value]);
  if (typeof value === 'function') return 'a function';
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, v]) => v !== undefined && typeof v !== 'function')
      .map(([key, v]) => [key, brief(v)]),
  );
};

/** An answer as a few letters: that it is another shows, what it was does not. For many that nobody reads one by one. */
const digest = (value: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(brief(value)) ?? 'null')
    .digest('base64url')
    .slice(0, 10);

/**
 * Holds answers to what they were when somebody last read them: a change of any shows as a line of the file in
 * `pinned/`. It says that an answer is the same, not that it is right: that is for worked answers. `npm run pin` writes
 * the files anew; what changes in them is read before it is kept.
 *
 * @example expectPinned(import.meta.dirname, 'clock', { 'three sets of ten': layTimeline(sets) });
 */
export function expectPinned(room: string, name: string, answers: Readonly<Record<string, unknown>>): void {
  const file = join(room, 'pinned', `${name}.json`);
  const now = Object.entries(answers).map(
    ([of, answer]) => `${JSON.stringify(of)}: ${JSON.stringify(brief(answer)) ?? 'null'}`,
  );
  if (process.env.DRIMBO_PIN === 'write') {
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, `{\n${now.join(',\n')}\n}\n`);
  }
  const was = new Set(
    readFileSync(file, 'utf8')
      .slice(2, -3)
      .split(/,\n(?=")/),
  );
  expect(now.filter((one) => !was.has(one))).toEqual([]);
  if (isWhole) expect(was.size).toBe(now.length);
}

/**
 * The same for many answers, kept as digests: which of them is another shows, not what it was. Only those that are
 * looked at are worked out.
 *
 * @example expectPinnedMany([import.meta.dirname, 'many'], entries, (e) => e.id, (e) => workOf(e.movement, e.rig, body, 40));
 */
export function expectPinnedMany<T>(
  [room, name]: readonly [room: string, name: string],
  of: readonly T[],
  nameOf: (one: T, i: number) => string,
  answer: (one: T, i: number) => unknown,
): void {
  const looked = of.flatMap((one, i): [string, string][] =>
    isLookedAt(i) ? [[nameOf(one, i), digest(answer(one, i))]] : [],
  );
  expectPinned(room, name, Object.fromEntries(looked));
}

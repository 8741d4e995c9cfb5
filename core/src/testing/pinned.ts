import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

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
  const text = `{\n${now.join(',\n')}\n}\n`;
  if (process.env.DRIMBO_PIN === 'write') {
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, text);
  }
  const was = readFileSync(file, 'utf8');
  if (was === text) return;
  // Only the answers that changed are worth reading.
  const [before, after] = [was, text].map((t) => t.slice(2, -3).split(',\n"'));
  const gone = before!.filter((one) => !after!.includes(one));
  const come = after!.filter((one) => !before!.includes(one));
  expect(come.slice(0, 5)).toEqual(gone.slice(0, 5));
  expect(text).toBe(was);
}

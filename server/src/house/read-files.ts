import { pipeline, type Readable } from 'node:stream';
import { neededInHeader, nulIn, setOfCells, tooDeep, type Wrong } from '@drimbo/core/formats';
import { type PerformedSet, performedSetSchema } from '@drimbo/core/log';
import { findNodeAtLocation, parseTree, type ParseError } from 'jsonc-parser';
import papaparse from 'papaparse';
import type { ZodType } from 'zod';

/** What a file says, or what is wrong with it. */
export type Read<T> = { is: T } | { wrong: Wrong[] };

/** So many faults of one file are told. */
const MOST_WRONG = 3;

const lineAt = (text: string, offset: number): number => text.slice(0, offset).split('\n').length;

/** A JSON file by its schema. What is wrong is named by path and line. */
export function readJson<T>(path: string, text: string, schema: ZodType<T>): Read<T> {
  const deep = tooDeep(text);
  if (deep !== null)
    return { wrong: [{ path, line: lineAt(text, deep), at: '', says: 'it is nested too deep' }] };
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    const errors: ParseError[] = [];
    parseTree(text, errors);
    const line = lineAt(text, errors[0]?.offset ?? text.length);
    return { wrong: [{ path, line, at: '', says: 'it is not JSON from this line on' }] };
  }
  const nul = text.includes('\\u0000') ? nulIn(raw) : null;
  if (nul !== null) return { wrong: [{ path, line: null, at: nul, says: 'it has a NUL in it' }] };
  const { success, data, error } = schema.safeParse(raw);
  if (success) return { is: data };
  const tree = parseTree(text);
  return {
    wrong: error.issues.slice(0, MOST_WRONG).map((issue) => {
      const steps = issue.path.map((step) => (typeof step === 'symbol' ? String(step) : step));
      // The field itself, or where it is missing, what it is missing in.
      const node =
        tree && (findNodeAtLocation(tree, steps) ?? findNodeAtLocation(tree, steps.slice(0, -1)) ?? tree);
      return {
        path,
        line: node ? lineAt(text, node.offset) : null,
        at: steps.join('.'),
        says: issue.message,
      };
    }),
  };
}

/** So many rows are handed on at a time. */
const PORTION = 400;

export interface SetRow {
  set: PerformedSet;
  /** Where it stands, the header being line 1. */
  line: number;
}

/** Text from bytes, whole letters at a time. Throws for what is no UTF-8. */
async function* lettersOf(stream: AsyncIterable<unknown>): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  for await (const bytes of stream) yield decoder.decode(bytes as Buffer, { stream: true });
  yield decoder.decode();
}

/** The rows of a table as they come in; what goes wrong with the stream is thrown where they are read. */
const rowsOf = (stream: Readable): AsyncIterable<Record<string, string>> =>
  pipeline(
    stream,
    lettersOf,
    papaparse.parse(papaparse.NODE_STREAM_INPUT, { header: true, skipEmptyLines: 'greedy' }),
    () => undefined,
  );

/**
 * A table of logged sets, a portion at a time as it comes in: as much is held as a portion has, however long the table
 * is. What is wrong is named by column and line, also what `take` finds; the rest is not looked at then.
 */
export async function readSets(
  path: string,
  stream: Readable,
  take: (portion: readonly SetRow[]) => Promise<Wrong[]>,
): Promise<Wrong[]> {
  const wrong: Wrong[] = [];
  let portion: SetRow[] = [];
  let line = 1;
  try {
    for await (const cells of rowsOf(stream)) {
      line += 1;
      const missing = line === 2 ? neededInHeader.filter((name) => !(name in cells)) : [];
      if (missing.length > 0)
        return [{ path, line: 1, at: '', says: `the header has no ${missing.join(', ')}` }];
      if (nulIn(cells) !== null) return [{ path, line, at: nulIn(cells)!, says: 'it has a NUL in it' }];
      if ('__parsed_extra' in cells)
        return [{ path, line, at: '', says: 'it has more cells than the header' }];
      const { success, data: set, error } = performedSetSchema.safeParse(setOfCells(cells));
      if (success) portion.push({ set, line });
      else wrong.push({ path, line, at: error.issues[0]!.path.join('.'), says: error.issues[0]!.message });
      if (wrong.length >= MOST_WRONG) return wrong;
      if (portion.length < PORTION || wrong.length > 0) continue;
      wrong.push(...(await take(portion)));
      portion = [];
    }
  } catch (error) {
    wrong.push({ path, line, at: '', says: `it cannot be read from here on: ${(error as Error).message}` });
  } finally {
    stream.destroy();
  }
  return wrong.length > 0 || portion.length === 0 ? wrong : take(portion);
}

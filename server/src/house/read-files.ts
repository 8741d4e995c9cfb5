import { neededInHeader, setOfCells } from '@drimbo/core/formats/sets-table';
import { performedSetSchema, type PerformedSet } from '@drimbo/core/log/performed-set';
import { findNodeAtLocation, parseTree, type ParseError } from 'jsonc-parser';
import papaparse from 'papaparse';
import type { ZodType } from 'zod';
import type { Wrong } from '@drimbo/core/formats/plan';

/** What a file says, or what is wrong with it. */
export type Read<T> = { is: T } | { wrong: Wrong[] };

const lineAt = (text: string, offset: number): number => text.slice(0, offset).split('\n').length;

/** A JSON file by its schema. What is wrong is named by path and line. */
export function readJson<T>(path: string, text: string, schema: ZodType<T>): Read<T> {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    const errors: ParseError[] = [];
    parseTree(text, errors);
    const line = lineAt(text, errors[0]?.offset ?? text.length);
    return { wrong: [{ path, line, at: '', says: 'it is not JSON from this line on' }] };
  }
  const { success, data, error } = schema.safeParse(raw);
  if (success) return { is: data };
  const tree = parseTree(text);
  return {
    wrong: error.issues.slice(0, 3).map((issue) => {
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

/** A table of logged sets. What is wrong is named by column and line. */
export function readSets(path: string, text: string): Read<PerformedSet[]> {
  const { data, errors, meta } = papaparse.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const missing = neededInHeader.filter((name) => !meta.fields?.includes(name));
  if (missing.length > 0)
    return { wrong: [{ path, line: 1, at: '', says: `the header has no ${missing.join(', ')}` }] };
  if (errors.length > 0)
    return {
      wrong: errors.slice(0, 3).map((e) => ({ path, line: (e.row ?? 0) + 2, at: '', says: e.message })),
    };
  const sets: PerformedSet[] = [];
  const wrong: Wrong[] = [];
  data.forEach((cells, i) => {
    const { success, data: set, error } = performedSetSchema.safeParse(setOfCells(cells));
    if (success) sets.push(set);
    else if (wrong.length < 3) {
      const issue = error.issues[0]!;
      wrong.push({ path, line: i + 2, at: issue.path.join('.'), says: issue.message });
    }
  });
  return wrong.length > 0 ? { wrong } : { is: sets };
}

import { z } from 'zod';
import { soundPush, sampleClient, sampleKit } from '../examples';
import { kinds, type DocumentKind } from './index';

const wordsFor = (schema: z.ZodType, input: unknown): string =>
  schema.safeParse(input).error!.issues[0]!.message;

test.each<[z.ZodType, unknown, string]>([
  [z.string().min(1), '', 'this cannot be empty'],
  [z.string().min(8), 'abc', 'at least 8 letters'],
  [z.string().max(2), 'abc', 'at most 2 letters'],
  [z.number().max(500), 600, '500 or less'],
  [z.number().positive(), 0, 'more than 0'],
  [z.number().min(1), 0, '1 or more'],
  [z.number(), 'ten', 'this has to be a number'],
  [z.number().int(), 1.5, 'this has to be a whole number'],
  [z.string(), undefined, 'this is missing'],
  [z.enum(['kg', 'lb']), 'st', 'one of kg, lb'],
  [z.literal('drimbo.kit'), 'x', 'this has to be drimbo.kit'],
  [z.array(z.string()).max(1), ['a', 'b'], 'at most 1 of these'],
  [z.object({}).strict(), { colour: 1 }, 'nothing is known here by the name colour'],
  [z.iso.date(), 'today', 'this is not in the form it has to have'],
  [z.union([z.string(), z.number()]), true, 'this is none of the things that can stand here'],
  [z.string().min(1, 'Give a name.'), '', 'Give a name.'],
])('%# says %p', (schema, input, words) => expect(wordsFor(schema, input)).toBe(words));

/** Every leaf and branch of a document in turn, each as what it must not be. */
function* worst(document: unknown): Generator<unknown> {
  const bad = ['', 'x'.repeat(20_000), -1e9, 1e9, 1.23456789, null, true, [], {}, ['?'], undefined];
  const at = (path: readonly (string | number)[], value: unknown): unknown => {
    const copy = structuredClone(document) as Record<string | number, unknown>;
    let here = copy;
    for (const step of path.slice(0, -1)) here = here[step] as Record<string | number, unknown>;
    here[path.at(-1)!] = value;
    return copy;
  };
  function* walk(node: unknown, path: (string | number)[]): Generator<unknown> {
    if (path.length > 0) for (const value of bad) yield at(path, value);
    if (node !== null && typeof node === 'object')
      for (const [key, inner] of Object.entries(node).slice(0, 12)) yield* walk(inner, [...path, key]);
  }
  yield* walk(document, []);
}

/** How a schema speaks when nobody tells it how. */
const ofSchema =
  /Too (small|big)|Invalid (input|option|string|key|element|union|format)|Unrecognized|expected|received|NaN|undefined|>=|<=/;

test.each<[DocumentKind, unknown]>([
  ['session', soundPush],
  ['client', sampleClient],
  ['kit', sampleKit],
])('nothing that can stand in a %s is refused in the words of a schema', (kind, document) => {
  const said = new Set<string>();
  for (const bad of worst(document)) {
    const { error } = kinds[kind].any.safeParse(bad);
    for (const issue of error?.issues ?? []) said.add(issue.message);
  }
  expect(said.size).toBeGreaterThan(8);
  expect([...said].filter((message) => ofSchema.test(message))).toEqual([]);
});

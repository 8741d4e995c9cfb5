import type { Block, Line, Session } from '../session/document';
import type { Documents } from './opening';
import type { DocumentKind } from './steps';

type Parts = Map<string, unknown>;

/** Where two versions of one document differ. */
export interface Part {
  key: string;
  mine: unknown;
  theirs: unknown;
  /** Whose it is that differs from what both began with. */
  changedBy: 'mine' | 'theirs' | 'both';
}

const LINE = 'line:';
const ORDER = 'order';

type Order = (Omit<Block, 'lines'> & { lines: string[] })[];

function taken(kind: DocumentKind, document: object): Parts {
  const parts: Parts = new Map(Object.entries(document));
  if (kind !== 'session') return parts;
  const { blocks } = document as Session;
  parts.delete('blocks');
  parts.set(
    ORDER,
    blocks.map(({ lines, ...block }) => ({ ...block, lines: lines.map((l) => l.id) })),
  );
  for (const line of blocks.flatMap((b) => b.lines)) parts.set(LINE + line.id, line);
  return parts;
}

function together(kind: DocumentKind, parts: Parts): object {
  const whole = [...parts].filter(([, value]) => value !== undefined);
  if (kind !== 'session') return Object.fromEntries(whole);
  const head = whole.filter(([key]) => key !== ORDER && !key.startsWith(LINE));
  const blocks = (parts.get(ORDER) as Order).map((block) => ({
    ...block,
    lines: block.lines.map((id) => parts.get(LINE + id) as Line),
  }));
  return { ...Object.fromEntries(head), blocks };
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * The parts in which two versions differ: fields, and of a session its movements one by one and their order.
 * `base` is what both began with; where it is not known everything counts as changed by both.
 */
export function differing<K extends DocumentKind>(
  kind: K,
  base: Documents[K] | null,
  mine: Documents[K],
  theirs: Documents[K],
): Part[] {
  const [m, t] = [taken(kind, mine), taken(kind, theirs)];
  const b = base && taken(kind, base);
  const keys = [...new Set([...m.keys(), ...t.keys()])];
  return keys
    .filter((key) => !same(m.get(key), t.get(key)))
    .map((key) => ({
      key,
      mine: m.get(key),
      theirs: t.get(key),
      changedBy: !b
        ? 'both'
        : same(b.get(key), m.get(key))
          ? 'theirs'
          : same(b.get(key), t.get(key))
            ? 'mine'
            : 'both',
    }));
}

/**
 * My version with the parts of these keys as they are in theirs. A movement that the chosen order names is taken
 * from whichever version has it.
 */
export function merged<K extends DocumentKind>(
  kind: K,
  mine: Documents[K],
  theirs: Documents[K],
  fromTheirs: ReadonlySet<string>,
): Documents[K] {
  const [m, t] = [taken(kind, mine), taken(kind, theirs)];
  const parts: Parts = new Map();
  for (const key of new Set([...m.keys(), ...t.keys()])) {
    const [first, second] = fromTheirs.has(key) ? [t, m] : [m, t];
    const isLine = key.startsWith(LINE);
    parts.set(key, first.has(key) || !isLine ? first.get(key) : second.get(key));
  }
  return together(kind, parts) as Documents[K];
}

/** Both versions in one where no part was changed on both sides; null where the coach has to choose. */
export function mergedAlone<K extends DocumentKind>(
  kind: K,
  base: Documents[K] | null,
  mine: Documents[K],
  theirs: Documents[K],
): Documents[K] | null {
  const parts = differing(kind, base, mine, theirs);
  if (parts.some((part) => part.changedBy === 'both')) return null;
  const fromTheirs = parts.filter((part) => part.changedBy === 'theirs').map((part) => part.key);
  return merged(kind, mine, theirs, new Set(fromTheirs));
}

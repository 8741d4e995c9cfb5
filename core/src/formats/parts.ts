import type { Notebook } from '../movements/notebook';
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

/** A document in parts and back: field by field, or finer where two people work on different things in one list. */
interface Way {
  apart: (document: object) => Parts;
  together: (parts: Parts) => object;
}

const byField: Way = {
  apart: (document) => new Map(Object.entries(document)),
  together: (parts) => Object.fromEntries([...parts].filter(([, value]) => value !== undefined)),
};

const session: Way = {
  apart: (document) => {
    const { blocks, ...head } = document as Session;
    const parts = byField.apart(head);
    parts.set(
      ORDER,
      blocks.map(({ lines, ...block }) => ({ ...block, lines: lines.map((l) => l.id) })),
    );
    for (const line of blocks.flatMap((b) => b.lines)) parts.set(LINE + line.id, line);
    return parts;
  },
  together: (parts) => {
    const head = [...parts].filter(([key]) => key !== ORDER && !key.startsWith(LINE));
    const blocks = (parts.get(ORDER) as Order).map((block) => ({
      ...block,
      lines: block.lines.map((id) => parts.get(LINE + id) as Line),
    }));
    return { ...byField.together(new Map(head)), blocks };
  },
};

/** Own movements, names and cues one by one. */
const notebook: Way = {
  apart: (document) => {
    const { own, hidden, shown, cues, templates, deleted, ...head } = document as Notebook;
    const parts = byField.apart(head);
    for (const movement of own) parts.set(`own:${movement.id}`, movement);
    for (const id of hidden) parts.set(`hidden:${id}`, id);
    for (const id of shown) parts.set(`shown:${id}`, id);
    for (const [id, list] of Object.entries(cues)) parts.set(`cues:${id}`, list);
    for (const template of templates) parts.set(`template:${template.id}`, template);
    for (const gone of deleted) parts.set(`deleted:${'own' in gone ? gone.own.id : gone.template.id}`, gone);
    return parts;
  },
  together: (parts) => {
    const there = [...parts].filter(([, value]) => value !== undefined);
    const of = (stem: string) =>
      there.filter(([key]) => key.startsWith(stem)).map(([key, value]) => [key.slice(stem.length), value]);
    const head = there.filter(([key]) => !/^(own|hidden|shown|cues|template|deleted):/.test(key));
    return {
      ...Object.fromEntries(head),
      own: of('own:').map(([, movement]) => movement),
      hidden: of('hidden:').map(([id]) => id),
      shown: of('shown:').map(([id]) => id),
      cues: Object.fromEntries(of('cues:') as [string, unknown][]),
      templates: of('template:').map(([, template]) => template),
      deleted: of('deleted:').map(([, gone]) => gone),
    };
  },
};

const ways: Record<DocumentKind, Way> = {
  session,
  notebook,
  client: byField,
  kit: byField,
  school: byField,
  block: byField,
};

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
  const [m, t] = [ways[kind].apart(mine), ways[kind].apart(theirs)];
  const b = base && ways[kind].apart(base);
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
  const [m, t] = [ways[kind].apart(mine), ways[kind].apart(theirs)];
  const parts: Parts = new Map();
  for (const key of new Set([...m.keys(), ...t.keys()])) {
    const [first, second] = fromTheirs.has(key) ? [t, m] : [m, t];
    const isLine = key.startsWith(LINE);
    parts.set(key, first.has(key) || !isLine ? first.get(key) : second.get(key));
  }
  return ways[kind].together(parts) as Documents[K];
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

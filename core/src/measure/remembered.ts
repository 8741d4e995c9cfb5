import type { ChosenLoads } from '../loads';
import type { Line } from '../session';
import type { Stores } from '../set-model';
import type { Context } from './context';
import type { DressedLine } from './model';

/**
 * What is kept between keystrokes. An edit makes new objects for what it changes and leaves the others as
 * they were, so everything hangs on the line itself: what is kept is stale when the line or the context is
 * another object, and chosen loads also when the client is another bit tired or rests otherwise. Nothing is ever
 * taken out by hand; lines that are gone take theirs with them.
 */

type Dressed = Omit<DressedLine, 'blockId'>;
const dressed = new WeakMap<Line, { context: Context; dressed: Dressed }>();

export function rememberDressed(line: Line, context: Context, make: () => Dressed): Dressed {
  let known = dressed.get(line);
  if (known?.context !== context) dressed.set(line, (known = { context, dressed: make() }));
  return known.dressed;
}

/** What a line's loads follow from beside the line and the context. */
interface Met {
  restsS: readonly number[];
  stores: Stores;
}
interface Known<T> {
  /** The figures of `Met` in a row. */
  met: Float64Array;
  result: T;
}
/** How many states a line is remembered for: as it stands, and as the fixes of the review would have it. */
const MOST = 12;

function inARow({ restsS, stores: { fast, slow, atOnce } }: Met): Float64Array {
  const n = fast.length;
  const row = new Float64Array(restsS.length + 3 * n);
  row.set(restsS);
  row.set(fast, restsS.length);
  row.set(slow, restsS.length + n);
  row.set(atOnce, restsS.length + 2 * n);
  return row;
}

function same(a: Float64Array, b: Float64Array): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i += 1) if (a[i] !== b[i]) return false;
  return true;
}

/** A memory of what was made of a line, for every state it was met in. */
export function remembering<T>() {
  const memory = new WeakMap<Line, { context: Context; known: Known<T>[] }>();
  return (line: Line, context: Context, meeting: Met, make: () => T): T => {
    let of = memory.get(line);
    if (of?.context !== context) memory.set(line, (of = { context, known: [] }));
    const { known } = of;
    const met = inARow(meeting);
    const at = known.findIndex((k) => same(k.met, met));
    // What was asked for last is kept longest: the session as it stands outlives what is tried with it.
    const [found] = at < 0 ? [{ met, result: make() }] : known.splice(at, 1);
    known.unshift(found!);
    known.length = Math.min(known.length, MOST);
    return found!.result;
  };
}

/** The loads chosen for a line when it begins. */
export const rememberChosen = remembering<ChosenLoads>();

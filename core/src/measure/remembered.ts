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
interface Chosen {
  /** The figures of `Met` in a row. */
  met: Float64Array;
  result: ChosenLoads;
}
/** How many states a line is remembered for: as it stands, and as the fixes of the review would have it. */
const MOST = 12;
const chosen = new WeakMap<Line, { context: Context; known: Chosen[] }>();

const inARow = ({ restsS, stores: { fast, slow, atOnce } }: Met): Float64Array =>
  Float64Array.from([...restsS, ...fast, ...slow, ...atOnce]);

const same = (a: Float64Array, b: Float64Array): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

export function rememberChosen(
  line: Line,
  context: Context,
  meeting: Met,
  make: () => ChosenLoads,
): ChosenLoads {
  let of = chosen.get(line);
  if (of?.context !== context) chosen.set(line, (of = { context, known: [] }));
  const { known } = of;
  const met = inARow(meeting);
  const at = known.findIndex((k) => same(k.met, met));
  // What was asked for last is kept longest: the session as it stands outlives what is tried with it.
  const [found] = at < 0 ? [{ met, result: make() }] : known.splice(at, 1);
  known.unshift(found!);
  known.length = Math.min(known.length, MOST);
  return found!.result;
}

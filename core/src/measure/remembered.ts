import type { Prescription } from '../loads';
import type { Line } from '../session';
import type { Context } from './context';
import type { DressedLine } from './model';

/**
 * What is kept between keystrokes. An edit makes new objects for what it changes and leaves the others as
 * they were, so everything hangs on the line itself: what is kept is stale when the line or the context is
 * another object, and a prescription also when the client is another bit tired. Nothing is ever taken out
 * by hand; lines that are gone take theirs with them.
 */

type Dressed = Omit<DressedLine, 'blockId'>;
const dressed = new WeakMap<Line, { context: Context; dressed: Dressed }>();

export function rememberDressed(line: Line, context: Context, make: () => Dressed): Dressed {
  let known = dressed.get(line);
  if (known?.context !== context) dressed.set(line, (known = { context, dressed: make() }));
  return known.dressed;
}

interface Loaded {
  losses: readonly number[];
  result: Prescription;
}
/** How many bits of tiredness a line is remembered for: as it stands, and as the fixes of the review would have it. */
const MOST = 12;
const loaded = new WeakMap<Line, { context: Context; known: Loaded[] }>();

const same = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

export function rememberLoaded(
  line: Line,
  context: Context,
  losses: readonly number[],
  make: () => Prescription,
): Prescription {
  let of = loaded.get(line);
  if (of?.context !== context) loaded.set(line, (of = { context, known: [] }));
  const { known } = of;
  const at = known.findIndex((k) => same(k.losses, losses));
  // What was asked for last is kept longest: the session as it stands outlives what is tried with it.
  const [found] = at < 0 ? [{ losses, result: make() }] : known.splice(at, 1);
  known.unshift(found!);
  known.length = Math.min(known.length, MOST);
  return found!.result;
}

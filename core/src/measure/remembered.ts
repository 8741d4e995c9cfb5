import type { Prescription } from '../loads/prescribe';
import type { Line } from '../session/document';
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
  context: Context;
  losses: readonly number[];
  result: Prescription;
}
const loaded = new WeakMap<Line, Loaded>();

const same = (a: readonly number[], b: readonly number[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

export function rememberLoaded(
  line: Line,
  context: Context,
  losses: readonly number[],
  make: () => Prescription,
): Prescription {
  let known = loaded.get(line);
  if (known?.context !== context || !same(known.losses, losses))
    loaded.set(line, (known = { context, losses, result: make() }));
  return known.result;
}

import { type Context, measure, type Measured } from '../measure';
import { review } from '../review';
import { applyEdit, type Edit, type Session } from '../session';
import { planFor } from './plan';
import { bestOrder, type Found } from './search';

/** What a better order changes, found by doing it. */
export interface BetterOrder {
  edit: Edit;
  /** Blocks by the names of their lines, as they would stand. */
  order: string[];
  minutes: number;
  /** Sets that keep more of the max than before, or less: percentage points at the start of the line's first set. */
  kept: { name: string; points: number }[];
  gone: string[];
  comes: string[];
  /** Better than this by so much at most, where the search stopped early; nothing where it is proven. */
  openBy: number | null;
}

const firstLoss = (s: Measured, id: string): number => s.lines.find((m) => m.id === id)?.sets[0]?.loss ?? 0;
/** Percentage points of the max below which nobody notices. */
const NOTICED = 1;

/** Puts the blocks of a session into another order. */
const inOrder = (session: Session, order: readonly number[]): Edit => ({
  do: 'put',
  values: { blocks: order.map((i) => session.blocks[i]!) },
});

function told(before: Measured, { order, cost, bound }: Found): BetterOrder | null {
  if (order.every((block, place) => block === place)) return null;
  const edit = inOrder(before.session, order);
  const after = measure(applyEdit(before.session, edit), before.context);
  const [was, is] = [review(before), review(after)];
  const keys = (list: typeof was): Set<string> => new Set(list.map((f) => f.key));
  const [wasKeys, isKeys] = [keys(was), keys(is)];
  return {
    edit,
    order: order.map((i) =>
      before.session.blocks[i]!.lines.map((l) => before.lines.find((m) => m.id === l.id)!.name).join(' + '),
    ),
    minutes: (after.timeline.totalS - before.timeline.totalS) / 60,
    kept: after.lines
      .map((m) => ({ name: m.name, points: 100 * (firstLoss(before, m.id) - firstLoss(after, m.id)) }))
      .filter((k) => Math.abs(k.points) >= NOTICED)
      .sort((a, b) => b.points - a.points),
    gone: was.filter((f) => !isKeys.has(f.key)).map((f) => f.what),
    comes: is.filter((f) => !wasKeys.has(f.key)).map((f) => f.what),
    openBy: bound < cost - 1e-6 ? (cost - bound) / cost : null,
  };
}

/**
 * The best order of a session's blocks for its client, with what it would change; null where it stands best as it
 * is. Blocks that are held stay at their place. A model's estimate; stops after every few hundred beginnings.
 */
export function* betterOrder(session: Session, context: Context): Generator<void, BetterOrder | null> {
  const before = measure(session, context);
  const found = yield* bestOrder(planFor(before));
  return told(before, found);
}

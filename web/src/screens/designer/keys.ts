import type { MeasuredLine } from '@drimbo/core/measure/model';
import { linesOf, type Block } from '@drimbo/core/session/document';
import type { KeyboardEvent } from 'react';
import { newId } from '../../data/queries';
import type { Designer } from '../../state/use-designer';

/** What the keys do, as the help tells it. */
export const keyHelp: { keys: string; does: string }[] = [
  { keys: 'A', does: 'Add a movement by typing' },
  { keys: '↑ ↓', does: 'Walk the line-up' },
  { keys: 'Enter', does: 'Edit the sets and reps of the movement; Tab goes on to its other figures' },
  { keys: 'Alt ↑ ↓', does: 'Move it up or down' },
  { keys: 'P', does: 'Pair it with the next; in a pair or round, part them' },
  { keys: 'J', does: 'Join the next movement to its pair or round, up to six in turn' },
  { keys: 'D', does: 'Duplicate it' },
  { keys: 'Delete', does: 'Take it out' },
  { keys: 'Ctrl Z', does: 'Undo, without limit' },
  { keys: 'Ctrl Shift Z', does: 'Redo' },
  { keys: '/', does: 'Find a client, a session, a movement, a gym; or the max of a set: 100 x 5' },
  { keys: '?', does: 'This list' },
];

const focusName = (id: string): void => {
  requestAnimationFrame(() =>
    document.querySelector<HTMLElement>(`[data-name="${CSS.escape(id)}"]`)?.focus(),
  );
};

/** The most movements that are done in turn. */
const MOST_IN_TURN = 6;

/** The block below the one a line stands in, where both together are few enough to be done in turn. */
export function joinable({ session }: Pick<Designer, 'session'>, m: MeasuredLine): Block | null {
  const at = session.blocks.findIndex((b) => b.id === m.blockId);
  const next = session.blocks[at + 1];
  return next && session.blocks[at]!.lines.length + next.lines.length <= MOST_IN_TURN ? next : null;
}

/** Takes the block below into the round of a line: two make a pair, three a tri-set. */
export function joinNext(designer: Designer, m: MeasuredLine): void {
  const next = joinable(designer, m);
  if (next)
    designer.edit(
      { do: 'all', edits: next.lines.map((l) => ({ do: 'pair', line: m.id, with: l.id })) },
      `join ${m.name.toLowerCase()} and the next`,
    );
}

/** Pairs a line with the block below it, or parts the block it stands in. */
export function pairOrPart(designer: Designer, m: MeasuredLine): void {
  const { session, edit } = designer;
  const block = session.blocks.find((b) => b.id === m.blockId)!;
  if (block.lines.length > 1) {
    edit(
      { do: 'part', block: block.id, newBlocks: block.lines.slice(1).map(() => newId('block')) },
      'part the pair',
    );
    return;
  }
  joinNext(designer, m);
}

/** Keys on a movement's name in the line-up. */
export function lineKeys(designer: Designer) {
  return (e: KeyboardEvent, m: MeasuredLine): void => {
    if (e.ctrlKey || e.metaKey) return;
    const { session, edit, select } = designer;
    const order = linesOf(session).map((l) => l.id);
    const at = order.indexOf(m.id);
    const block = session.blocks.findIndex((b) => b.id === m.blockId);
    const name = m.name.toLowerCase();
    const walk = (to: string | undefined): void => {
      if (to === undefined) return;
      select(to);
      focusName(to);
    };
    const acts: Record<string, () => void> = {
      ArrowDown: () =>
        e.altKey ? edit({ do: 'move line', line: m.id, to: block + 1 }, `move ${name}`) : walk(order[at + 1]),
      ArrowUp: () =>
        e.altKey
          ? block > 0
            ? edit({ do: 'move line', line: m.id, to: block - 1 }, `move ${name}`)
            : undefined
          : walk(order[at - 1]),
      Enter: () =>
        document
          .querySelector<HTMLElement>(`[data-line="${CSS.escape(m.id)}"] :is(input, textarea)`)
          ?.focus(),
      Delete: () => {
        edit({ do: 'remove line', line: m.id }, `take out ${name}`);
        walk(order[at + 1] ?? order[at - 1]);
      },
      d: () =>
        edit(
          { do: 'duplicate line', line: m.id, newLine: newId('line'), newBlock: newId('block') },
          `duplicate ${name}`,
        ),
      p: () => pairOrPart(designer, m),
      j: () => joinNext(designer, m),
    };
    acts.Backspace = acts.Delete!;
    const act = acts[e.key.length === 1 ? e.key.toLowerCase() : e.key];
    if (!act) return;
    e.preventDefault();
    e.stopPropagation();
    act();
    if (e.altKey) focusName(m.id);
  };
}

/** True when keys belong to what is being typed. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

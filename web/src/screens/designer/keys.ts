import type { MeasuredLine } from '@drimbo/core/measure/measure';
import { linesOf } from '@drimbo/core/session/document';
import type { KeyboardEvent } from 'react';
import { newId } from '../../data/queries';
import type { Designer } from '../../designer/use-designer';

/** What the keys do, as the help tells it. */
export const keyHelp: { keys: string; does: string }[] = [
  { keys: 'A', does: 'Add a movement by typing' },
  { keys: '↑ ↓', does: 'Walk the line-up' },
  { keys: 'Enter', does: 'Edit the sets and reps of the movement; Tab goes on to its other figures' },
  { keys: 'Alt ↑ ↓', does: 'Move it up or down' },
  { keys: 'P', does: 'Pair it with the next; in a pair, part them' },
  { keys: 'D', does: 'Duplicate it' },
  { keys: 'Delete', does: 'Take it out' },
  { keys: 'Ctrl Z', does: 'Undo, without limit' },
  { keys: 'Ctrl Shift Z', does: 'Redo' },
  { keys: '/', does: 'Find a client, a session or a movement' },
  { keys: '?', does: 'This list' },
];

const focusName = (id: string): void => {
  requestAnimationFrame(() =>
    document.querySelector<HTMLElement>(`[data-name="${CSS.escape(id)}"]`)?.focus(),
  );
};

/** Pairs a line with the block below it, or parts the block it stands in. */
export function pairOrPart(designer: Designer, m: MeasuredLine): void {
  const { session, edit } = designer;
  const at = session.blocks.findIndex((b) => b.id === m.blockId);
  const block = session.blocks[at]!;
  if (block.lines.length > 1) {
    edit(
      { do: 'part', block: block.id, newBlocks: block.lines.slice(1).map(() => newId('block')) },
      'part the pair',
    );
    return;
  }
  const next = session.blocks[at + 1];
  if (next)
    edit(
      { do: 'all', edits: next.lines.map((l) => ({ do: 'pair', line: m.id, with: l.id })) },
      `pair ${m.name.toLowerCase()}`,
    );
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
      Enter: () => document.querySelector<HTMLElement>(`[data-line="${CSS.escape(m.id)}"] input`)?.focus(),
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

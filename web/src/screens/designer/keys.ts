import type { MeasuredLine } from '@drimbo/core/measure';
import { type Block, linesOf } from '@drimbo/core/session';
import { newId } from '../../data/ids';
import type { Designer } from '../../state/use-designer';

export const nameOf = (lineId: string): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-name="${CSS.escape(lineId)}"]`);

/** Now, and once more where a row that moved lost it on the way. */
const focusName = (lineId: string): void => {
  nameOf(lineId)?.focus();
  requestAnimationFrame(() => {
    if (document.activeElement === document.body) nameOf(lineId)?.focus();
  });
};

/** Goes to the sets and reps of a movement. */
export const editLine = (lineId: string): void =>
  document.querySelector<HTMLElement>(`[data-line="${CSS.escape(lineId)}"] :is(input, textarea)`)?.focus();

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

/** What a key does to the chosen movement; null where it does nothing. */
export function lineAct(designer: Designer, m: MeasuredLine, key: string, alt: boolean): (() => void) | null {
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
  const move = (to: number): void => {
    if (to >= 0) edit({ do: 'move line', line: m.id, to }, `move ${name}`);
    focusName(m.id);
  };
  const remove = (): void => {
    edit({ do: 'remove line', line: m.id }, `remove ${name}`);
    walk(order[at + 1] ?? order[at - 1]);
  };
  const acts: Record<string, () => void> = alt
    ? { ArrowDown: () => move(block + 1), ArrowUp: () => move(block - 1) }
    : {
        ArrowDown: () => walk(order[at + 1] ?? m.id),
        ArrowUp: () => walk(order[at - 1] ?? m.id),
        Enter: () => editLine(m.id),
        Delete: remove,
        Backspace: remove,
        d: () =>
          edit(
            { do: 'duplicate line', line: m.id, newLine: newId('line'), newBlock: newId('block') },
            `duplicate ${name}`,
          ),
        p: () => pairOrPart(designer, m),
        j: () => joinNext(designer, m),
      };
  return acts[key.length === 1 ? key.toLowerCase() : key] ?? null;
}

/** True when keys belong to what is being typed. */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

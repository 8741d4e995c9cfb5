import { changedHead, changedLine } from './handed';
import type { Block, Line, Session, WarmupItem } from './document';

type Header = Pick<
  Session,
  | 'title'
  | 'minutes'
  | 'emphasis'
  | 'school'
  | 'spotter'
  | 'note'
  | 'kitId'
  | 'status'
  | 'date'
  | 'clientId'
  | 'ramp'
  | 'kind'
  | 'done'
>;

/** A change to a session, as data. Ids that do not exist leave the session as it was. */
export type Edit =
  | { do: 'head'; patch: Partial<Header> }
  | { do: 'line'; line: string; patch: Partial<Omit<Line, 'id'>> }
  | { do: 'add block'; at: number; block: Block }
  | { do: 'remove line'; line: string }
  | { do: 'move line'; line: string; to: number }
  | { do: 'duplicate line'; line: string; newLine: string; newBlock: string }
  | { do: 'pair'; line: string; with: string }
  | { do: 'part'; block: string; newBlocks: string[] }
  | { do: 'block'; block: string; patch: Partial<Pick<Block, 'betweenS' | 'held'>> }
  | { do: 'add warmup'; at: number; item: WarmupItem }
  | { do: 'warmup'; item: string; patch: Partial<Omit<WarmupItem, 'id'>> }
  | { do: 'remove warmup'; item: string }
  | { do: 'move warmup'; item: string; to: number }
  | { do: 'dismiss'; finding: string; reason: string }
  | { do: 'recall'; finding: string }
  | { do: 'put'; values: Partial<Omit<Session, 'format' | 'version'>> }
  | { do: 'all'; edits: Edit[] };

const kindFor = (lines: readonly Line[]): Block['kind'] =>
  lines.length === 1 ? 'single' : lines.length === 2 ? 'superset' : 'giant';

const withLines = (block: Block, lines: Line[]): Block => ({ ...block, lines, kind: kindFor(lines) });

const blockIndexOf = (session: Session, line: string): number =>
  session.blocks.findIndex((b) => b.lines.some((l) => l.id === line));

function moved<T>(list: readonly T[], from: number, to: number): T[] {
  const rest = list.filter((_, i) => i !== from);
  rest.splice(Math.max(0, Math.min(rest.length, to)), 0, list[from]!);
  return rest;
}

const inserted = <T>(list: readonly T[], at: number, item: T): T[] => [
  ...list.slice(0, at),
  item,
  ...list.slice(at),
];

function removeLine(session: Session, line: string): Session {
  const blocks = session.blocks.flatMap((b) => {
    if (!b.lines.some((l) => l.id === line)) return [b];
    const lines = b.lines.filter((l) => l.id !== line);
    return lines.length === 0 ? [] : [withLines(b, lines)];
  });
  return { ...session, blocks };
}

function pair(session: Session, line: string, other: string): Session {
  const from = blockIndexOf(session, other);
  const into = blockIndexOf(session, line);
  if (from === -1 || into === -1 || from === into) return session;
  const guest = session.blocks[from]!.lines.find((l) => l.id === other)!;
  const target = session.blocks[into]!.id;
  const without = removeLine(session, other);
  return {
    ...without,
    blocks: without.blocks.map((b) => (b.id === target ? withLines(b, [...b.lines, guest]) : b)),
  };
}

/** Moves the block a line stands in to another place among the blocks. */
function moveLine(session: Session, line: string, to: number): Session {
  const from = blockIndexOf(session, line);
  if (from === -1) return session;
  return { ...session, blocks: moved(session.blocks, from, to) };
}

/** The session after an edit. The session given is not touched. */
export function applyEdit(session: Session, edit: Edit): Session {
  switch (edit.do) {
    case 'head':
      return changedHead(session, edit.patch);
    case 'put':
      return { ...session, ...edit.values };
    case 'all':
      return edit.edits.reduce(applyEdit, session);
    case 'line':
      return {
        ...session,
        blocks: session.blocks.map((b) =>
          b.lines.some((l) => l.id === edit.line)
            ? { ...b, lines: b.lines.map((l) => (l.id === edit.line ? changedLine(l, edit.patch) : l)) }
            : b,
        ),
      };
    case 'add block':
      return { ...session, blocks: inserted(session.blocks, edit.at, edit.block) };
    case 'remove line':
      return removeLine(session, edit.line);
    case 'move line':
      return moveLine(session, edit.line, edit.to);
    case 'duplicate line': {
      const at = blockIndexOf(session, edit.line);
      if (at === -1) return session;
      const line = session.blocks[at]!.lines.find((l) => l.id === edit.line)!;
      const copy: Block = {
        id: edit.newBlock,
        kind: 'single',
        betweenS: 10,
        lines: [{ ...line, id: edit.newLine }],
      };
      return { ...session, blocks: inserted(session.blocks, at + 1, copy) };
    }
    case 'pair':
      return pair(session, edit.line, edit.with);
    case 'part':
      return {
        ...session,
        blocks: session.blocks.flatMap((b) =>
          b.id === edit.block
            ? b.lines.map((l, i) => ({
                id: i === 0 ? b.id : edit.newBlocks[i - 1]!,
                kind: 'single' as const,
                betweenS: b.betweenS,
                lines: [l],
              }))
            : [b],
        ),
      };
    case 'block':
      return {
        ...session,
        blocks: session.blocks.map((b) => (b.id === edit.block ? { ...b, ...edit.patch } : b)),
      };
    case 'add warmup':
      return { ...session, warmup: inserted(session.warmup, edit.at, edit.item) };
    case 'warmup':
      return {
        ...session,
        warmup: session.warmup.map((w) => (w.id === edit.item ? { ...w, ...edit.patch } : w)),
      };
    case 'remove warmup':
      return { ...session, warmup: session.warmup.filter((w) => w.id !== edit.item) };
    case 'move warmup': {
      const from = session.warmup.findIndex((w) => w.id === edit.item);
      return from === -1 ? session : { ...session, warmup: moved(session.warmup, from, edit.to) };
    }
    case 'dismiss':
      return {
        ...session,
        dismissed: [
          ...session.dismissed.filter((d) => d.finding !== edit.finding),
          { finding: edit.finding, reason: edit.reason },
        ],
      };
    case 'recall':
      return { ...session, dismissed: session.dismissed.filter((d) => d.finding !== edit.finding) };
  }
}

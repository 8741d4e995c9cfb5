import { emptyNotebook, offeredEntries } from '../movements/notebook';
import { schools } from '../schools/schools';
import type { Block, Line, Session, WarmupItem } from '../session/document';
import { singleBlock } from '../session/starting';
import type { Entry } from '../movements/model';
import { wordsOf, type Match } from '../movements/search';
import { readHead, readWarmup, readWrittenLine, unescaped, type TextContext } from './session-text';
import { keepingUnknown, lineFromTyped, readTypedLine, type Understood } from './typed-line';

/** A piece of a pasted text and what became of it. */
export interface PastedRow {
  /** As it stood. */
  text: string;
  /** Null where no movement was recognised; then the text is kept. */
  line: Line | null;
  /** Goes in turn with the row before. */
  paired: boolean;
  name: string;
  understood: Understood[];
  unknown: string[];
  /** Other movements the words could mean. */
  choices: Match[];
}

export interface Pasted {
  rows: PastedRow[];
  warmup: WarmupItem[];
  head: Partial<Session>;
  /** Seconds between the movements of a pair, where the text says so, by the row it begins with. */
  between: ReadonlyMap<number, number>;
}

export interface PasteContext extends TextContext {
  school: Session['school'];
  /** Gives a new id for each stem. */
  newId: (stem: string) => string;
}

/** Numbers, dashes and dots that people put before a line. */
const bullet = /^\s*(?:[-•*–]|\(?[a-z\d]{1,2}[.):])\s+/i;
const pairing =
  /\s*,?\s*(?:(?:super\s?-?set(?:ted|s)?|super|ss|paired|pair)\s*(?:with|w\/|into)\s*|\s\+\s+(?=[a-z])|\bss\b\s*)/i;
/** Marks of movements done in turn: "A1." and "A2.", "1a)" and "1b)". */
const turn = /^\s*\(?(?:([a-z])\d|(\d)[a-z])[.):]\s+/i;
/** Words before a line whose movements are all done in turn. */
const inTurn = /^\s*(?:super|tri|giant)[\s-]?sets?\s*(?:of\s+|[:–-]\s*|\s)/i;
/** "then" before another movement, not before a figure or a setting. */
const next =
  /\s*[;]\s*|\s*,?\s+(?:and\s+)?then\s+(?=[a-z])(?!(?:(?:grip|bench|tuck|lean|raise)\s+-?[\d.]+°?(?!\d*\s*[x×*])|(?:wide|close|flat)\s*(?:,|;|$)|drop\b))/i;

/** One spoken line can hold several movements: "bench 4x8, then flys 3x12 super w/ pushups". */
function pieces(text: string, has: (piece: string) => boolean): { text: string; paired: boolean }[] {
  return text.split(next).flatMap((part) =>
    part.split(pairing).flatMap((half, i) => {
      const found: { text: string; paired: boolean }[] = [];
      for (const segment of half.split(/\s*,\s*/)) {
        const last = found[found.length - 1];
        if (last && !(has(segment) && has(last.text))) last.text += `, ${segment}`;
        else found.push({ text: segment, paired: i > 0 && found.length === 0 });
      }
      return found.filter((f) => f.text.trim() !== '');
    }),
  );
}

/**
 * Reads a whole pasted message or a written session. Tolerant: one movement a line or several, bullets,
 * pairs, remarks. Nothing is dropped: what is not understood stays in its row.
 */
export function readPasted(text: string, context: PasteContext): Pasted {
  const notebook = context.notebook ?? emptyNotebook;
  const pool = offeredEntries(notebook);
  const rows: PastedRow[] = [];
  const warmup: WarmupItem[] = [];
  const between = new Map<number, number>();
  let head: Partial<Session> = {};
  let turnBefore = '';
  const names = (piece: string): boolean => {
    const typed = readTypedLine(piece, context.unit, pool);
    return typed.entry !== null && (typed.choices[0]?.score ?? 0) >= 0.7;
  };

  for (const raw of text.slice(0, 20_000).split(/\r?\n/)) {
    if (raw.trim() === '') continue;
    const last = rows[rows.length - 1];
    const below = /^\s+(why|cue): (.*)$|^\s+(no cues)$/.exec(raw);
    if (below && last?.line) {
      if (below[3]) last.line.cues = [];
      else if (below[1] === 'why') last.line.note = unescaped(below[2]!);
      else last.line.cues = [...(last.line.cues ?? []), unescaped(below[2]!)];
      continue;
    }
    const title = /^# (.+)$/.exec(raw);
    const note = /^note: (.+)$/.exec(raw);
    const frame = readHead(raw);
    const item = readWarmup(raw, context.newId('warm'));
    if (title) head = { ...head, title: unescaped(title[1]!) };
    else if (note) head = { ...head, note: unescaped(note[1]!) };
    else if (frame) head = { ...head, ...frame };
    else if (item) warmup.push(item);
    else {
      const mark = turn.exec(raw);
      const turnHere = (mark?.[1] ?? mark?.[2] ?? '').toLowerCase();
      const paired = /^\s*\+ /.test(raw) || (turnHere !== '' && turnHere === turnBefore);
      turnBefore = turnHere;
      const unmarked = raw.replace(/^\s*\+ /, '').replace(bullet, '');
      const allInTurn = inTurn.test(unmarked);
      const bare = unmarked.replace(inTurn, '').trim();
      const block: Block = { id: '', kind: 'single', betweenS: -1, lines: [] as never };
      const written = bare.includes(' · ')
        ? readWrittenLine(bare, context, block, head.school ?? context.school, context.newId('line'))
        : null;
      if (written) {
        if (block.betweenS >= 0) between.set(rows.length, block.betweenS);
        rows.push({
          text: bare,
          line: written.line,
          paired,
          name: bare.split(/ · | \(/)[0]!,
          understood: [],
          unknown: written.unknown,
          choices: [],
        });
      } else
        for (const [at, piece] of pieces(bare, names).entries()) {
          const typed = readTypedLine(piece.text, context.unit, pool);
          rows.push({
            text: piece.text,
            line: lineFromTyped(typed, schools[head.school ?? context.school], context.newId('line')),
            paired: (paired || piece.paired || (allInTurn && at > 0)) && rows.length > 0,
            name: typed.entry?.name ?? '',
            understood: typed.understood.slice(1),
            unknown: typed.unknown,
            choices: typed.choices,
          });
        }
    }
  }
  return { rows, warmup, head, between };
}

/** A row with another movement than the one that was read, its figures kept. */
export function withEntry(row: PastedRow, entry: Entry, context: PasteContext): PastedRow {
  const typed = { ...readTypedLine(row.text, context.unit), entry };
  const line = lineFromTyped(typed, schools[context.school], context.newId('line'));
  const named = new Set(wordsOf([entry.name, ...entry.aliases].join(' ')));
  return {
    ...row,
    line,
    name: entry.name,
    understood: typed.understood.filter((u) => u.text !== row.name),
    unknown: line ? typed.unknown.filter((w) => !wordsOf(w).every((x) => named.has(x))) : row.unknown,
  };
}

/** The blocks of what was read; rows without a movement are left out, words nobody understood become notes. */
export function blocksOfPasted({ rows, between }: Pasted, newId: (stem: string) => string): Block[] {
  const blocks: Block[] = [];
  rows.forEach((row, i) => {
    if (!row.line) return;
    const line = keepingUnknown(row.line, row.unknown);
    const last = blocks[blocks.length - 1];
    if (row.paired && last && last.lines.length < 6) {
      last.lines.push(line);
      last.kind = last.lines.length === 2 ? 'superset' : 'giant';
    } else blocks.push({ ...singleBlock(newId('block'), line), betweenS: between.get(i) ?? 10 });
  });
  return blocks;
}

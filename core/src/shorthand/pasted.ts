import { emptyNotebook, type Entry, offeredEntries, wordsOf } from '../movements';
import { schoolOf } from '../schools';
import { type Block, type Session, singleBlock } from '../session';
import type { Pasted, PasteContext, PastedRow } from './message/model';
import { MessageReader } from './message/reader';
import { readHead, readWarmup, readWrittenLine } from './read-session-text';
import { unescaped } from './session-words';
import { keepingUnknown, lineFromTyped, readTypedLine } from './typed-line';

/** Letters of a message that are read at once. */
const LONGEST_MESSAGE = 20_000;

/**
 * Reads a whole pasted message or a written session. Tolerant: one movement a line or several, bullets, tables,
 * pairs, headings, remarks. Nothing is dropped: what is not understood stays in its row. A text too long to be a
 * session is refused whole.
 */
export function readPasted(text: string, context: PasteContext): Pasted {
  const none = { rows: [], warmup: [], head: {}, between: new Map<number, number>(), days: [] };
  if (text.length > LONGEST_MESSAGE)
    return {
      ...none,
      refused: `This text has ${text.length.toLocaleString('en-GB')} letters, more than the ${LONGEST_MESSAGE.toLocaleString('en-GB')} that are read at once. Paste it in parts.`,
    };
  const pool = offeredEntries(context.notebook ?? emptyNotebook);
  const between = new Map<number, number>();
  let head: Partial<Session> = {};
  const reader = new MessageReader(context, pool, () => head.school ?? context.school);
  const { rows, warmup } = reader;

  for (const raw of text.split(/\r?\n/)) {
    if (raw.trim() === '') {
      reader.blank();
      continue;
    }
    const last = rows[rows.length - 1];
    const below = /^ {2}(why|cue): (.*)$|^ {2}(no cues)$/.exec(raw);
    if (below && last?.line) {
      if (below[3]) last.line.cues = [];
      else if (below[1] === 'why') last.line.note = unescaped(below[2]!);
      else last.line.cues = [...(last.line.cues ?? []), unescaped(below[2]!)];
      continue;
    }
    const title = /^# (.+)$/.exec(raw);
    const note = /^note: (.+)$/.exec(raw);
    const frame = readHead(raw);
    const item = raw.includes(' · ') ? readWarmup(raw, context.newId('warm')) : null;
    if (title) head = { ...head, title: unescaped(title[1]!) };
    else if (note) head = { ...head, note: unescaped(note[1]!) };
    else if (frame) head = { ...head, ...frame };
    else if (item) warmup.push(item);
    else if (!written(raw)) reader.line(raw);
  }
  if (reader.title !== null && head.title === undefined && rows.some((r) => r.line))
    head = { title: reader.title.slice(0, 120), ...head };
  const days = reader.days
    .map((day, i, all) => ({ ...day, to: all[i + 1]?.from ?? rows.length }))
    .filter(({ from, to }) => rows.slice(from, to).some((r) => r.line));
  return { rows, warmup, head, between, days: days.length > 1 ? days : [], refused: null };

  /** A line as a session is written; false when it is not one. */
  function written(raw: string): boolean {
    if (!raw.includes(' · ')) return false;
    const bare = raw.replace(/^\s*\+ /, '').trim();
    const block: Block = { id: '', kind: 'single', betweenS: -1, lines: [] as never };
    const found = readWrittenLine(bare, context, block, head.school ?? context.school, context.newId('line'));
    if (!found) return false;
    if (block.betweenS >= 0) between.set(rows.length, block.betweenS);
    rows.push({
      text: bare,
      kind: 'movement',
      line: found.line,
      paired: /^\s*\+ /.test(raw) && rows.length > 0,
      name: bare.split(/ · | \(/)[0]!,
      understood: [],
      unknown: found.unknown,
      choices: [],
    });
    return true;
  }
}

/** A row with another movement than the one that was read, its figures kept. */
export function withEntry(row: PastedRow, entry: Entry, context: PasteContext): PastedRow {
  const typed = { ...readTypedLine(row.text, context.unit, undefined, context.help), entry };
  const line = lineFromTyped(typed, schoolOf(context.school), context.newId('line'));
  const named = new Set(wordsOf([entry.name, ...entry.aliases].join(' ')));
  const isOfName = (words: string): boolean => wordsOf(words).every((w) => named.has(w));
  return {
    ...row,
    kind: 'movement',
    line,
    name: entry.name,
    understood: typed.understood.filter((u) => u.text !== row.name),
    unknown: row.line
      ? typed.unknown.map((words) => (isOfName(words) ? '' : words)).filter(Boolean)
      : typed.unknown.filter((words) => !isOfName(words)),
  };
}

/** The blocks of what was read; rows without a movement are left out, words nobody understood become notes. */
export function blocksOfPasted(
  { rows, between }: Pick<Pasted, 'rows' | 'between'>,
  newId: (stem: string) => string,
): Block[] {
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

export type { Pasted, PasteContext, PastedRow } from './message/model';

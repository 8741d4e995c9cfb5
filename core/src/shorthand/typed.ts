import { emptyNotebook, type Entry, offeredEntries } from '../movements';
import type { Block, WarmupItem } from '../session';
import { blocksOfPasted, readPasted, withEntry, type PasteContext, type PastedRow } from './pasted';
import { readTypedLine, type TypedLine } from './typed-line';

/** What a line typed under the line-up comes to. */
export interface TypedText {
  /** The line as one movement, piece by piece. */
  line: TypedLine;
  /** The movements it names: one, or several that are done in turn or one after the other. */
  movements: PastedRow[];
  /** Things of a warm-up it names. */
  warmup: WarmupItem[];
  /** Why nothing can be made of it, and what to do; null where something can. */
  why: string | null;
}

const example = 'like “incline db press 3x10”';
const reasons = {
  heading: `This reads as a heading: name a movement, ${example}.`,
  remark: `This reads as a remark: name a movement, ${example}.`,
  unknown: `No movement recognised: name one, ${example}.`,
  movement: '',
};
const foreign =
  'The catalogue has no such movement: choose one of the nearest with the arrows, or make one of your own.';

/** Reads one line as it is typed: a movement, several of them, or something of the warm-up. Never throws. */
export function readTyped(text: string, context: PasteContext): TypedText {
  const pool = offeredEntries(context.notebook ?? emptyNotebook);
  const line = readTypedLine(text, context.unit, pool, context.help);
  const { rows, warmup, refused } = readPasted(text, context);
  const movements = rows.filter((row) => row.line !== null);
  const isRead = text.trim() === '' || movements.length > 0 || warmup.length > 0;
  const why = isRead ? null : (refused ?? (line.isForeign ? foreign : reasons[rows[0]?.kind ?? 'unknown']));
  return { line, movements, warmup, why };
}

/** The blocks of a typed line; where it names one movement or none, those of the one the coach chose for it. */
export function blocksOfTyped(
  text: string,
  typed: TypedText,
  context: PasteContext,
  chosen?: Entry,
): Block[] {
  const [first] = typed.movements;
  const isOne = typed.movements.length <= 1;
  const row: PastedRow = first ?? {
    text,
    kind: 'unknown',
    line: null,
    paired: false,
    name: '',
    understood: [],
    unknown: typed.line.unknown,
    choices: [],
  };
  const isOther = chosen !== undefined && isOne && first?.typed?.entry?.id !== chosen.id;
  const rows = isOther ? [withEntry(row, chosen, context)] : typed.movements;
  return blocksOfPasted({ rows, between: new Map() }, context.newId);
}

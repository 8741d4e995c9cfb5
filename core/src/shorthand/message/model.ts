import type { Match } from '../../movements';
import type { Line, Session, WarmupItem } from '../../session';
import type { TextContext } from '../session-words';
import type { ReadingHelp, TypedLine, Understood } from '../typed-line';

/** A piece of a pasted text and what became of it. */
export interface PastedRow {
  /** As it stood. */
  text: string;
  /** A movement, one nobody knows, a heading, or a remark to the client. */
  kind: 'movement' | 'unknown' | 'heading' | 'remark';
  /** Null where no movement was recognised; then the text is kept. */
  line: Line | null;
  /** Goes in turn with the movement before. */
  paired: boolean;
  name: string;
  understood: Understood[];
  unknown: string[];
  /** Other movements the words could mean. */
  choices: Match[];
  typed?: TypedLine;
}

export interface Pasted {
  rows: PastedRow[];
  warmup: WarmupItem[];
  head: Partial<Session>;
  /** Seconds between the movements of a pair, where the text says so, by the row it begins with. */
  between: ReadonlyMap<number, number>;
  /** Where the text holds several days: the title of each, and its rows. */
  days: { title: string; from: number; to: number }[];
  /** Why nothing was read at all; null where it was. */
  refused: string | null;
}

export interface PasteContext extends TextContext {
  school: Session['school'];
  /** Gives a new id for each stem. */
  newId: (stem: string) => string;
  help?: ReadingHelp;
}

import { schoolOf } from '../../schools';
import type { Entry } from '../../movements';
import { type WarmupItem, withSetCount } from '../../session';
import { lineFromTyped, readTypedLine, type TypedLine } from '../typed-line';
import type { PasteContext, PastedRow } from './model';
import { cleaned, type Cleaned } from './clean';
import { hasScheme, isDay, kindOf, slotsOf } from './kinds';
import { piecesOf } from './pieces';
import { headOf, isRule, rowText, type Table } from './table';
import { calledWarmup, typedWarmup } from './warm-up';
import { turnOpenings } from './words';

/** Lines after a heading whose movements are done in turn. */
interface Group {
  left: number;
  sets: number | null;
  isBegun: boolean;
  isBulleted: boolean | null;
}

/** Letters of a row to which lines below still belong. */
const LONGEST_ROW = 300;

const setsSaid = (text: string): number | null => {
  const m = /(?:^|x ?)(\d{1,2})(?: rounds?| times| sets?|$|\b)/i.exec(text);
  const n = Number(m?.[1]);
  return n >= 1 && n <= 12 ? n : null;
};

/** Reads the lines of a message one after the other; what a line means may hang on those before it. */
export class MessageReader {
  readonly rows: PastedRow[] = [];
  readonly warmup: WarmupItem[] = [];
  /** Rows that head a day, by the place of the row. */
  readonly days: { title: string; from: number }[] = [];
  title: string | null = null;
  private table: Table | null = null;
  private group: Group | null = null;
  private isWarmup = false;
  private turnBefore = '';
  /** A line of its own said that the next movement goes with the one before. */
  private joinsNext = false;

  constructor(
    private readonly context: PasteContext,
    private readonly pool: readonly Entry[],
    /** The school of the session when the line was read. */
    private readonly school: () => PasteContext['school'],
  ) {}

  blank(): void {
    if (this.group?.isBegun) this.group = null;
    this.isWarmup = false;
    this.turnBefore = '';
  }

  line(spaced: string): void {
    const raw = spaced.replace(/[^\S\t]{3,}/g, '   ');
    if (isRule(raw)) return;
    const head = headOf(raw);
    if (head) {
      this.table = head;
      return;
    }
    const asRow = this.table && rowText(raw, this.table, this.context.unit);
    if (this.table && !asRow) this.table = null;
    const clean = cleaned(asRow ?? raw);
    if (clean.text === '') return;
    if (this.warm(clean, raw) || this.opens(clean, raw) || this.setBySet(clean)) return;
    const goesOn = /^(?:super[\s-]?set(?:ted)?|ss|paired)\s*(?:with|w\/)\s+/i.exec(clean.text);
    if (goesOn && this.rows[this.rows.length - 1]?.line) {
      clean.text = clean.text.slice(goesOn[0].length);
      this.joinsNext = true;
    }
    const typed = this.read(clean.text);
    const kind = kindOf(clean.text, typed);
    if (kind === 'heading') this.heading(clean.text);
    else if (kind === 'dose' && this.joinsLast(clean, typed)) return;
    else if (kind === 'remark' || (kind === 'dose' && !hasScheme(typed))) this.remark(clean, raw);
    else this.movements(clean, typed);
  }

  private read(text: string): TypedLine {
    return readTypedLine(text, this.context.unit, this.pool, this.context.help);
  }

  /** Things of a warm-up: called so, or under its heading. */
  private warm({ text }: Cleaned, raw: string): boolean {
    const called = calledWarmup(text);
    if (called === '') {
      this.heading(text);
      this.isWarmup = true;
      return true;
    }
    const isInside = /\bwarm[\s-]?ups?\b/i.test(text);
    if (called === null && !this.isWarmup && !isInside) return false;
    const said = called ?? text;
    const { newId, unit } = this.context;
    const items = piecesOf(said, unit, (piece) => this.read(piece)).map((piece) => ({
      text: piece.text,
      item: typedWarmup(piece.text, newId('warm'), unit, this.pool),
    }));
    if (items.some(({ item }) => item))
      for (const { item, text: words } of items)
        if (item) this.warmup.push(item);
        else this.put({ text: words, kind: 'remark' });
    else if (called === null && !isInside && kindOf(text, this.read(text)) === 'heading') return false;
    else this.put({ text: raw.trim(), kind: 'remark' });
    return true;
  }

  /** "Superset:", "Superset x3:", "3 rounds:" over the lines that are done so. */
  private opens({ text }: Cleaned, raw: string): boolean {
    const isBegun = this.rows[this.rows.length - 1]?.line !== null;
    if (
      isBegun &&
      /^(?:super[\s-]?set(?:ted)?|ss|paired|pair|straight)? ?(?:with|w\/|into|\+|&)$/i.test(text)
    ) {
      this.joinsNext = true;
      return true;
    }
    const found = turnOpenings.find(([opening]) => opening.test(text));
    if (!found) return false;
    const rest = text.replace(found[0], '').replace(/^[\s:x\d–-]*(?:rounds?|times|sets?|of)?[\s:–-]*$/i, '');
    if (rest !== '') return false;
    this.group = { left: found[1] || 20, sets: setsSaid(text), isBegun: false, isBulleted: null };
    this.put({ text: raw.trim(), kind: 'heading' });
    return true;
  }

  /** "Set 1: 60kg x 10" under the name: one line a set. */
  private setBySet({ text }: Cleaned): boolean {
    const m = /^set (\d{1,2})\s?[:.)-]\s*(?=\S)/i.exec(text);
    const last = this.rows[this.rows.length - 1];
    if (!m || !last?.line || !last.typed || last.text.length > LONGEST_ROW) return false;
    this.rows[this.rows.length - 1] = this.rowOf(`${last.text}, ${text.slice(m[0].length)}`, last.paired);
    return true;
  }

  private heading(text: string): void {
    const bare = text.replace(/^[\s#=:–-]+|[\s=:–-]+$/g, '').trim();
    const isFirst = this.rows.length === 0 && this.warmup.length === 0;
    if (isFirst && isDay(bare) && bare.split(/\s+/).length <= 7 && !bare.includes(',')) this.title ??= bare;
    if (isDay(bare)) this.days.push({ title: bare, from: this.rows.length });
    this.group = null;
    this.isWarmup = false;
    this.put({ text, kind: 'heading' });
  }

  /** Sets, repetitions and rest under the name they belong to. */
  private joinsLast({ text, isIndented }: Cleaned, typed: TypedLine): boolean {
    const last = this.rows[this.rows.length - 1];
    if (!last?.line || !last.typed || last.text.length > LONGEST_ROW) return false;
    const before = last.typed;
    const said = slotsOf(before);
    const isNew = slotsOf(typed).every((slot) => !said.includes(slot));
    if (!isNew && !isIndented) return false;
    const joined = this.rowOf(`${last.text}, ${text}`, last.paired);
    // A scheme that came from the round stays.
    if (joined.line && joined.typed && !hasScheme(joined.typed)) {
      joined.line.scheme = last.line.scheme;
      joined.unknown = [...last.unknown, ...typed.unknown];
    }
    this.rows[this.rows.length - 1] = joined;
    return true;
  }

  private remark({ text, isIndented }: Cleaned, raw: string): void {
    const last = this.rows[this.rows.length - 1];
    if (isIndented && last?.line) {
      last.text = `${last.text}, ${text}`;
      last.unknown = [...last.unknown, text];
    } else this.put({ text: raw.trim(), kind: 'remark' });
  }

  private movements(clean: Cleaned, whole: TypedLine): void {
    const { turn } = clean;
    const turnHere = turn?.of ?? '';
    const paired = turnHere !== '' && turnHere === this.turnBefore;
    this.turnBefore = turnHere;
    const opening =
      /^(?:(super|tri|giant)[\s-]?sets?|ss)\b\s*(?:x ?(\d{1,2})|(\d{1,2}) rounds?)?\s*(?:of\b|[:–-])?\s*/i.exec(
        clean.text,
      );
    const closing = /[,\s]+(?:super|tri|giant)[\s-]?sets?(?:ted)?\.?$/i.exec(clean.text);
    let text = opening ? clean.text.slice(opening[0].length) : clean.text;
    if (closing) text = text.slice(0, text.length - closing[0].length);
    const rounds = /[,\s]+(?:x ?)?(\d{1,2}) ?(?:rounds?|times through)\.?$/i.exec(text);
    if (rounds && (opening ?? closing ?? /[+&,]/.test(text)))
      text = text.slice(0, text.length - rounds[0].length);
    const sets =
      Number(opening?.[2] ?? opening?.[3] ?? (text.length < clean.text.length ? rounds?.[1] : undefined)) ||
      null;
    const pieces = piecesOf(
      text,
      this.context.unit,
      (piece) => this.read(piece),
      text === clean.text ? whole : undefined,
    );
    const isTurn = opening !== null || closing !== null || (rounds !== null && sets !== null);
    const inGroup = this.inGroup(clean);
    inGroup.paired ||= this.joinsNext;
    this.joinsNext = false;
    const start = this.rows.length;
    for (const [at, piece] of pieces.entries()) {
      const isPaired =
        (at === 0 ? paired || inGroup.paired : piece.paired || isTurn || turnHere !== '') && start + at > 0;
      const row =
        pieces.length === 1 && text === clean.text
          ? this.rowOf(piece.text, isPaired, whole)
          : this.rowOf(piece.text, isPaired, piece.typed);
      this.rows.push(row);
    }
    this.share(start, sets ?? inGroup.sets, isTurn || pieces.some((p) => p.paired));
  }

  private inGroup({ isBulleted }: Cleaned): { paired: boolean; sets: number | null } {
    const { group } = this;
    if (!group || group.left === 0) return { paired: false, sets: null };
    group.isBulleted ??= isBulleted;
    if (group.isBulleted && !isBulleted) {
      this.group = null;
      return { paired: false, sets: null };
    }
    const paired = group.isBegun;
    group.isBegun = true;
    group.left -= 1;
    return { paired, sets: group.sets };
  }

  /** What was said once for all movements of a round: its sets, and the dose of the last where the others have none. */
  private share(start: number, sets: number | null, isTurn: boolean): void {
    const rows = this.rows.slice(start);
    const last = rows[rows.length - 1];
    const given = last?.typed?.patch.scheme;
    rows.forEach((row, i) => {
      if (!row.line || !row.typed) return;
      if (isTurn && i < rows.length - 1 && given && last.line && !hasScheme(row.typed))
        row.line.scheme = last.line.scheme;
      const bare = /(?:^|\s)(\d{1,3})\s*$/.exec(row.text) ?? /^(\d{1,3})(?=\s+[a-z])/i.exec(row.text);
      if (sets !== null && !hasScheme(row.typed) && bare && Number(bare[1]) >= 1 && Number(bare[1]) <= 100) {
        const n = Number(bare[1]);
        row.line.scheme = { kind: 'straight', sets, reps: { lo: n, hi: n } };
        row.unknown = row.unknown.filter((u) => u !== bare[1]);
      } else if (sets !== null && row.typed.partly.sets === undefined && row.typed.patch.scheme === undefined)
        row.line.scheme = withSetCount(row.line.scheme, sets);
    });
  }

  private rowOf(text: string, paired: boolean, known?: TypedLine): PastedRow {
    const typed = known ?? this.read(text);
    const line = lineFromTyped(typed, schoolOf(this.school()), this.context.newId('line'));
    return {
      text,
      kind: line ? 'movement' : 'unknown',
      line,
      paired,
      name: typed.entry?.name ?? '',
      understood: typed.understood.slice(typed.entry ? 1 : 0),
      unknown: typed.unknown,
      choices: typed.choices,
      typed,
    };
  }

  private put({ text, kind }: Pick<PastedRow, 'text' | 'kind'>): void {
    this.rows.push({
      text,
      kind,
      line: null,
      paired: false,
      name: '',
      understood: [],
      unknown: [],
      choices: [],
    });
  }
}

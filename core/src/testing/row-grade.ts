import { entries } from '../movements';
import { schools, startingLine } from '../schools';
import { type Line, repsText, tempoText } from '../session';

/** What a coach expects of one movement of a line; what is left out is as the movement is begun. */
export interface Expected {
  /** Entries any of which will do; null where the line names no movement of the catalogue. */
  m: string | string[] | null;
  s?: string | string[];
  r?: number | [number, number] | { lo: number; hi: number } | { last: number };
  load?: number | [number, number] | { each: number[] };
  pct?: [string, number];
  tempo?: string | Partial<Record<'lower' | 'stretched' | 'lift' | 'shortened', number>>;
  rest?: number | [number, number];
  rig?: Record<string, unknown>;
  /** A remark to be kept, words in their order. */
  n?: string;
  pair?: boolean;
  warm?: boolean;
  squeeze?: number;
  seconds?: number;
}

/** A row as it was read. */
export interface Row {
  line: Line | null;
  entry: string | null;
  paired: boolean;
  unknown: readonly string[];
  warm?: { seconds: number | null; sets: number; reps: number | null };
}

/** A scheme in the words of the expectations. */
function schemeWords({ scheme }: Line): string {
  switch (scheme.kind) {
    case 'straight':
      return `${scheme.sets}x${plain(scheme.reps)}`;
    case 'ascending':
      return `asc ${scheme.reps.join(',')}`;
    case 'descending':
      return `desc ${scheme.reps.join(',')}`;
    case 'list':
      return `list ${scheme.reps.map(plain).join(',')}`;
    case 'top and back-off':
      return `top ${plain(scheme.top)} ${scheme.sets}x${plain(scheme.reps)} ${scheme.lighter}`;
    case 'to failure':
      return `fail ${scheme.sets}`;
    case 'drop':
      return `drop ${scheme.sets}x${plain(scheme.reps)} ${scheme.drops}${scheme.on === 'last set' ? ' last' : ''}`;
    case 'rest-pause':
      return `rp ${scheme.sets}x${plain(scheme.reps)} ${scheme.bouts}`;
    case 'burn-out':
      return `burn ${scheme.total}`;
    case 'hold':
      return `hold ${scheme.sets} ${scheme.seconds}`;
    case 'mechanical drop':
      return `mech ${scheme.sets}x${plain(scheme.reps)} ${scheme.easier.join(',')}`;
  }
}
const plain = (r: { lo: number; hi: number }): string => repsText(r).replace('–', '-');

/** "*" stands for any figure, and words at the end may be left out. */
function schemeFits(got: string, want: string): boolean {
  const asked = want.split(' ');
  const given = got.split(' ');
  return asked.every((part, i) => part === '*' || part === given[i]);
}

const near = (a: number, b: number): boolean => Math.abs(a - b) <= 0.06 + Math.abs(b) * 0.005;
export const listed = <T>(one: T | T[]): T[] => (Array.isArray(one) ? one : [one]);
const wordsOf = (text: string): string[] => text.toLowerCase().match(/[a-z]+|\d+(?:\.\d+)?/g) ?? [];

/** True when the words stand in the text in their order, whatever stands between. */
function keeps(text: string, words: string): boolean {
  const has = wordsOf(text);
  let at = 0;
  return wordsOf(words).every((w) => {
    at = has.indexOf(w, at) + 1;
    return at > 0;
  });
}

/** What of a row is not as expected: read as something else, or not read at all. */
export function compare(row: Row, want: Expected, text: string): { wrong: string[]; missing: string[] } {
  const wrong: string[] = [];
  const missing: string[] = [];
  const line = row.line!;
  const entry = entries.find((e) => e.id === row.entry) ?? entries[0]!;
  const begun = startingLine(entry, schools.evidence, 'x');
  const told = (isSet: boolean, what: string): void => void (isSet ? wrong : missing).push(what);

  if (!listed(want.m ?? '').includes(row.entry ?? '')) wrong.push(`movement ${row.entry}`);
  const scheme = schemeWords(line);
  const schemeAsBegun = scheme === schemeWords(begun);
  if (want.s !== undefined && !listed(want.s).some((s) => schemeFits(scheme, s)))
    told(!schemeAsBegun, `scheme ${scheme}`);

  const { first, last } = line.reserve;
  const asBegun = first === begun.reserve.first && last === begun.reserve.last;
  const r = want.r;
  const reserveFits =
    r === undefined
      ? asBegun || scheme.startsWith('fail')
      : typeof r === 'number'
        ? first === r && last === r
        : Array.isArray(r)
          ? first === r[0] && last === r[1]
          : 'lo' in r
            ? Math.min(first, last) >= r.lo && Math.max(first, last) <= r.hi
            : last === r.last;
  if (!reserveFits) told(!asBegun, `reserve ${first}-${last}`);

  const got = line.loadKg;
  const loadFits =
    want.load === undefined
      ? got === null
      : typeof want.load === 'number'
        ? typeof got === 'number' && near(got, want.load)
        : Array.isArray(want.load)
          ? typeof got === 'number' && got >= want.load[0] && got <= want.load[1]
          : Array.isArray(got) &&
            got.length === want.load.each.length &&
            want.load.each.every((v, i) => near(got[i]!, v));
  if (!loadFits) told(got !== null, `load ${JSON.stringify(got)}`);

  const pct = line.percentOf;
  if (want.pct ? pct?.lift !== want.pct[0] || pct.percent !== want.pct[1] : pct !== undefined)
    told(pct !== undefined, `percent ${JSON.stringify(pct)}`);

  const tempoBegun = tempoText(line.tempo) === tempoText(begun.tempo);
  const tempoFits =
    want.tempo === undefined
      ? tempoBegun
      : typeof want.tempo === 'string'
        ? tempoText(line.tempo) === want.tempo
        : Object.entries(want.tempo).every(([k, v]) => line.tempo[k as 'lower'] === v);
  if (!tempoFits) told(!tempoBegun, `tempo ${tempoText(line.tempo)}`);

  const restBegun = line.restS === begun.restS;
  const restFits =
    want.rest === undefined
      ? restBegun
      : typeof want.rest === 'number'
        ? line.restS === want.rest
        : line.restS >= want.rest[0] && line.restS <= want.rest[1];
  if (!restFits) told(!restBegun, `rest ${line.restS}`);

  if ((want.squeeze ?? undefined) !== line.squeezeS)
    told(line.squeezeS !== undefined, `squeeze ${line.squeezeS}`);
  for (const [knob, value] of Object.entries(want.rig ?? {}))
    if (line.rig[knob as 'benchDeg'] !== value) wrong.push(`${knob} ${line.rig[knob as 'benchDeg']}`);
  if ((want.pair ?? false) !== row.paired) wrong.push(row.paired ? 'paired' : 'not paired');
  if (want.n !== undefined && !keeps(`${line.note} ${row.unknown.join(' ')}`, want.n))
    missing.push(`note of “${text}”`);
  return { wrong, missing };
}

/** The words a line keeps though nobody asks for them as a remark. */
export const leftOver = (row: Row, want: Expected): string[] =>
  row.unknown.filter((u) => want.n === undefined || !wordsOf(u).some((w) => wordsOf(want.n!).includes(w)));

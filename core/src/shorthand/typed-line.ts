import { entries } from '../movements/catalogue';
import type { Entry } from '../movements/model';
import { isNameWord, searchEntries, wordsOf, type Match } from '../movements/search';
import { choiceWords, type Rig } from '../movements/rig';
import type { School } from '../schools/schools';
import type { Line } from '../session/document';
import { parseReserve, parseTempo, reserveText, tempoText } from '../session/effort';
import { parseScheme, schemeText, turnedInto } from '../session/schemes';
import { schemeModules } from '../session/schemes/all';
import { REPS } from '../session/schemes/model';
import { startingLine } from '../schools/starting-line';
import { clockText, parseDuration } from '../units/time';
import { massText, toKg, type MassUnit } from '../units/mass';

/** A piece of the typed line and what it was taken for. */
export interface Understood {
  text: string;
  as: string;
}

export interface TypedLine {
  /** Null when no movement was recognised. */
  entry: Entry | null;
  /** Other movements the words could mean, best first. */
  choices: Match[];
  patch: Partial<Pick<Line, 'scheme' | 'reserve' | 'tempo' | 'restS' | 'loadKg' | 'squeezeS' | 'percentOf'>>;
  rig: Rig;
  /** Seconds to stay in the stretch, where nothing else is said of the tempo. */
  pauseS?: number;
  /** Said to go to failure. */
  toFailure: boolean;
  understood: Understood[];
  /** Words nothing was made of. Kept, never dropped. */
  unknown: string[];
}

interface Reader {
  pattern: RegExp;
  /** Reads sets and reps: the first that fits is the one. */
  scheme?: true;
  /** Takes the match into the line; returns what it was read as, or null to leave it alone. */
  take: (m: RegExpExecArray, out: TypedLine, unit: MassUnit) => string | null;
}

const figure = '(\\d+(?:\\.\\d+)?)';

const takeReserve = (text: string, out: TypedLine): string | null => {
  const reserve = parseReserve(text);
  if (!reserve) return null;
  out.patch.reserve = reserve;
  return `leave ${reserveText(reserve)}`;
};
const takeRest = (text: string, out: TypedLine): string | null => {
  const seconds = parseDuration(text);
  if (seconds === null || seconds > 900) return null;
  out.patch.restS = seconds;
  return `rest ${clockText(seconds)}`;
};
const takeScheme = (text: string, out: TypedLine): string | null => {
  const scheme = parseScheme(text);
  if (!scheme) return null;
  out.patch.scheme = scheme;
  return schemeText(scheme);
};

/** Schemes that coaches name in a line: "3x10 last drop 2 x 20%", "burn-out 40". */
const schemeReaders: Reader[] = schemeModules.flatMap((m) =>
  m.phrase ? [{ pattern: m.phrase, scheme: true, take: (found, out) => takeScheme(found[0], out) }] : [],
);

/** What a line can say besides the movement, tried in this order. */
const readers: Reader[] = [
  {
    pattern:
      /(?:@|\bat\b)?\s*\b(\d{2,3})\s*(?:%|percent)\s*of\s+(?:(?:the|his|her|their|my)\s+)?([a-z][a-z -]{2,30}?)(?:\s+max)?(?=\s*(?:[,;@]|$|\d|\brest|\bleav|\btempo|\brir))/i,
    take: (m, out) => {
      const percent = Number(m[1]);
      const [lift] = searchEntries(m[2]!, 1);
      if (percent < 10 || percent > 150 || !lift || lift.score < 0.7) return null;
      out.patch.percentOf = { lift: lift.entry.id, percent };
      return `${percent} % of ${lift.entry.name}`;
    },
  },
  {
    pattern: /\btempo\s+([\dx]{3,4}|[\dx]+(?:[-/][\dx]+){2,3})|\b([\dx]+(?:-[\dx]+){3})\b(?:\s+tempo)?/i,
    take: (m, out) => {
      const tempo = parseTempo(m[1] ?? m[2]!);
      if (!tempo) return null;
      out.patch.tempo = tempo;
      return `tempo ${tempoText(tempo)}`;
    },
  },
  {
    pattern:
      /\b(?:with\s+)?(?:(?:lengthened|stretched|stretch|bottom)[\s-]+(?:partials?|half)(?:\s+reps?)?|partials)\b/i,
    take: (_, out) => takeRange(out, 'lengthened half', 'stretched half only'),
  },
  {
    pattern: /\b(?:one[\s-]and[\s-]a[\s-]half|1\.5|1½)[\s-]*reps?\b|\bone[\s-]and[\s-]a[\s-]halfs?\b/i,
    take: (_, out) => takeRange(out, 'one and a half', 'one and a half reps'),
  },
  {
    pattern: /\b(?:paus(?:e|ing)|stop)\s+(\d{1,2})\s*(?:s|secs?|seconds)\b|\b(\d{1,2})\s*s(?:ec)?\s+pause\b/i,
    take: (m, out) => {
      const seconds = Number(m[1] ?? m[2]);
      if (seconds > 15) return null;
      out.pauseS = seconds;
      return `hold the stretch ${seconds} s`;
    },
  },
  {
    pattern: /\bsqueeze\s+(?:hard\s+)?(?:for\s+)?(\d{1,2})\s*s(?:ec(?:onds)?)?(?:\s+between(?:\s+sets)?)?/i,
    take: (m, out) => {
      const seconds = Number(m[1]);
      if (seconds < 5 || seconds > 30) return null;
      out.patch.squeezeS = seconds;
      return `squeeze ${seconds} s between sets`;
    },
  },
  {
    pattern: /\b(?:per|each|a)\s+(?:side|arm|hand)\b/i,
    take: () => 'each side',
  },
  {
    pattern:
      /\brest(?:ing)?\s+(\d+(?::\d\d)?(?:\.\d+)?\s*(?:seconds|secs?|s|minutes|mins?|m|'|")?)(?=\s|,|$)/i,
    take: (m, out) => takeRest(m[1]!, out),
  },
  {
    pattern: /\b(\d+(?::\d\d)?(?:\.\d+)?\s*(?:seconds|secs?|s|minutes|mins?|m|'|")?)\s+rest\b/i,
    take: (m, out) => takeRest(m[1]!, out),
  },
  {
    pattern:
      /\b(?:leave|leaving|rir)\s*:?\s*(\d(?:\.5)?(?:\s*(?:then|to|->|→|-|–)\s*\d(?:\.5)?)?)(?:\s+in reserve)?/i,
    take: (m, out) => takeReserve(m[1]!, out),
  },
  {
    pattern: /\b(\d(?:\.5)?(?:\s*(?:then|to|->|→|-|–)\s*\d(?:\.5)?)?)\s+(?:in reserve|rir|left)\b/i,
    take: (m, out) => takeReserve(m[1]!, out),
  },
  {
    pattern: /\b(?:to failure|amrap)\b/i,
    take: (_, out) => {
      out.toFailure = true;
      out.patch.reserve = { first: 0, last: 0 };
      return 'to failure';
    },
  },
  {
    pattern: /\b(\d{1,2})\s*sets?\s*(?:of|x|×)\s*(\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?)(?:\s*reps?)?/i,
    scheme: true,
    take: (m, out) => takeScheme(`${m[1]}x${m[2]}`, out),
  },
  {
    pattern: /\b(\d{1,2}\s*[x×*]\s*\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?)(?:\s*reps?)?\b/i,
    scheme: true,
    take: (m, out) => takeScheme(m[1]!, out),
  },
  {
    pattern: new RegExp(
      `(?:\\bpyramid(?:\\s+of)?\\s*:?\\s*)?(?<![-–.\\d])(${REPS}(?:\\s*[,/]\\s*${REPS})+(?:\\s+each its own)?)\\b(?:\\s*pyramid\\b)?`,
      'i',
    ),
    scheme: true,
    take: (m, out) => takeScheme(m[1]!, out),
  },
  {
    pattern: new RegExp(`(?:@|\\bat\\b|\\bwith\\b)?\\s*${figure}\\s*(kgs?|lbs?|pounds|kilos?)\\b`, 'i'),
    take: (m, out) => takeLoad(Number(m[1]), m[2]!.toLowerCase().startsWith('k') ? 'kg' : 'lb', out),
  },
  {
    pattern: new RegExp(`@\\s*${figure}(?!\\s*(?:°|deg))`),
    take: (m, out, unit) => takeLoad(Number(m[1]), unit, out),
  },
  {
    pattern: /\btuck(?:ed)?\s*(\d{2})\s*(?:°|deg(?:rees)?)?/i,
    take: (m, out) => takeKnob(out, 'tuckDeg', Number(m[1]), 20, 90, `tuck ${m[1]}°`),
  },
  {
    pattern: /(?:@|\bat\b)?\s*(-?\d{1,2})\s*(?:°|deg(?:rees)?\b)/i,
    take: (m, out) => takeKnob(out, 'benchDeg', Number(m[1]), -40, 90, `bench ${m[1]}°`),
  },
  {
    pattern: /\bgrip\s*(\d(?:\.\d+)?)\s*(?:x|×)?/i,
    take: (m, out) => takeKnob(out, 'gripBiacromial', Number(m[1]), 0.3, 3, `grip ${m[1]} × shoulders`),
  },
];

function takeRange(out: TypedLine, range: NonNullable<Rig['range']>, says: string): string {
  out.rig.range = range;
  return says;
}

function takeLoad(value: number, unit: MassUnit, out: TypedLine): string | null {
  const kg = Number(toKg(value, unit).toFixed(3));
  if (kg > 600) return null;
  out.patch.loadKg = kg;
  return massText(kg, unit);
}

function takeKnob(
  out: TypedLine,
  knob: 'tuckDeg' | 'benchDeg' | 'gripBiacromial',
  value: number,
  lo: number,
  hi: number,
  says: string,
): string | null {
  if (value < lo || value > hi) return null;
  out.rig[knob] = value;
  return says;
}

const fillers = new Set([
  'reps',
  'rep',
  'sets',
  'set',
  'of',
  'and',
  'on',
  'the',
  'at',
  'with',
  'a',
  'x',
  'each',
  'for',
  'then',
  '-',
  '·',
]);

/** Settings said in words that are not part of a name already found. */
const settingWords: Record<string, { rig: Rig; as: string }> = {
  neutral: { rig: { forearm: 'neutral' }, as: 'neutral grip' },
  underhand: { rig: { forearm: 'supinated' }, as: 'underhand' },
  supinated: { rig: { forearm: 'supinated' }, as: 'underhand' },
  seated: { rig: { stance: 'seated' }, as: 'seated' },
  kneeling: { rig: { stance: 'kneeling' }, as: 'kneeling' },
};

/** Letters of a line that are read; what stands behind them is kept as not understood. */
const LONGEST = 400;

/**
 * Reads one typed line: "4x6-8 incline db press 30° rest 2 min leave 3 then 1". Tolerant: any order,
 * short names, small slips. What was not understood is returned in `unknown`. Loads without a unit
 * are in `unit`; names are looked for in `pool`. Never throws.
 */
export function readTypedLine(text: string, unit: MassUnit, pool: readonly Entry[] = entries): TypedLine {
  const out: TypedLine = {
    entry: null,
    choices: [],
    patch: {},
    rig: {},
    toFailure: false,
    understood: [],
    unknown: [],
  };
  let rest = ` ${text.slice(0, LONGEST)} `;
  for (const reader of [...schemeReaders, ...readers]) {
    const m = reader.pattern.exec(rest);
    if (!m) continue;
    if (reader.scheme && out.patch.scheme) continue;
    const as = reader.take(m, out, unit);
    if (as === null) continue;
    out.understood.push({ text: m[0].trim(), as });
    rest = `${rest.slice(0, m.index)} ; ${rest.slice(m.index + m[0].length)}`;
  }
  out.understood = inOrder(out.understood, text);
  const words = rest.split(/[\s,;|]+/).filter((w) => w && !fillers.has(w.toLowerCase()));
  const nameWords = words.filter((w) => /[a-z]/i.test(w));
  out.unknown.push(...words.filter((w) => !/[a-z]/i.test(w)));

  const called = nameWords.filter((w) => isNameWord(w, pool));
  out.unknown.push(...nameWords.filter((w) => !called.includes(w)));
  readName(called, out, pool);
  dropRange(out);
  if (text.length > LONGEST) out.unknown.push(text.slice(LONGEST).trim());
  return out;
}

/** As it stands in the text; what cannot be found there any more comes last. */
function inOrder(understood: readonly Understood[], text: string): Understood[] {
  const place = (u: Understood): number => {
    const at = text.indexOf(u.text);
    return at < 0 ? text.length : at;
  };
  return [...understood].sort((a, b) => place(a) - place(b));
}

/** A range the movement does not have goes back to what was not understood. */
function dropRange(out: TypedLine): void {
  const { range } = out.rig;
  if (!range || !out.entry || out.entry.movement.knobs.range?.options.includes(range)) return;
  delete out.rig.range;
  const at = out.understood.findIndex((u) => u.as === choiceWords('range', range));
  if (at >= 0) out.unknown.push(...out.understood.splice(at, 1).map((u) => u.text));
}

/** Finds the movement; setting words ("neutral") go to the rig where another name then fits better. */
function readName(words: string[], out: TypedLine, pool: readonly Entry[]): void {
  const settings = words.filter((w) => settingWords[w.toLowerCase()]);
  const plain = words.filter((w) => !settings.includes(w));
  const whole = searchEntries(words.join(' '), 6, pool);
  const bare = settings.length > 0 ? searchEntries(plain.join(' '), 6, pool) : [];
  const useBare = (bare[0]?.score ?? 0) > (whole[0]?.score ?? 0) + 0.05;
  out.choices = useBare ? bare : whole;
  const best = out.choices[0];
  if (!best) {
    out.unknown.push(...words);
    return;
  }
  out.entry = best.entry;
  const named = useBare ? plain : words;
  const answers = new Set([best.entry.name, ...best.entry.aliases].flatMap(wordsOf));
  const missed = named.filter(
    (w) => !wordsOf(w).some((x) => [...answers].some((a) => a.startsWith(x) || x.startsWith(a))),
  );
  out.understood.unshift({ text: named.join(' '), as: best.entry.name });
  if (useBare)
    for (const word of settings) {
      const setting = settingWords[word.toLowerCase()]!;
      Object.assign(out.rig, setting.rig);
      out.understood.push({ text: word, as: setting.as });
    }
  if (best.score < 0.9) out.unknown.push(...missed);
}

/** The line a typed text asks for, begun as the school would; null without a movement. */
export function lineFromTyped(typed: TypedLine, school: School, id: string): Line | null {
  if (!typed.entry) return null;
  const started = startingLine(typed.entry, school, id);
  const line = { ...started, ...typed.patch, rig: { ...started.rig, ...typed.rig } };
  if (typed.pauseS !== undefined && !typed.patch.tempo)
    line.tempo = { ...line.tempo, stretched: typed.pauseS };
  return typed.toFailure && !typed.patch.scheme
    ? { ...line, scheme: turnedInto(line.scheme, 'to failure') }
    : line;
}

/** A line with the words nobody understood as its note, where it has none of its own. */
export const keepingUnknown = (line: Line, unknown: readonly string[]): Line =>
  unknown.length === 0 || line.note !== ''
    ? line
    : { ...line, note: `Not understood: ${unknown.join(' ')}`.slice(0, 400) };

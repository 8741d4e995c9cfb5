import type { Line, RepRange, Scheme, Tempo } from './document';

/** What one working set asks for. */
export interface SetTarget {
  reps: RepRange;
  /** Repetitions to leave in reserve. */
  reserve: number;
}

export const setCountOf = (scheme: Scheme): number =>
  scheme.kind === 'straight' ? scheme.sets : scheme.reps.length;

/** Reserve of set `i` of `n`: straight from the first to the last. */
export const reserveAt = (reserve: Line['reserve'], i: number, n: number): number =>
  n === 1 ? reserve.last : reserve.first + ((reserve.last - reserve.first) * i) / (n - 1);

type Targeted = Pick<Line, 'scheme' | 'reserve'>;
const remembered = new WeakMap<Targeted, SetTarget[]>();

/** The target of every working set of a line, in order. */
export function setTargets(line: Targeted): readonly SetTarget[] {
  let targets = remembered.get(line);
  if (!targets) remembered.set(line, (targets = computeTargets(line)));
  return targets;
}

function computeTargets(line: Targeted): SetTarget[] {
  const { scheme } = line;
  const n = setCountOf(scheme);
  return Array.from({ length: n }, (_, i) => {
    const reps = scheme.kind === 'straight' ? scheme.reps : { lo: scheme.reps[i]!, hi: scheme.reps[i]! };
    return { reps, reserve: reserveAt(line.reserve, i, n) };
  });
}

/** The same scheme with another number of sets; a pyramid repeats or drops its last step. */
export function withSetCount(scheme: Scheme, count: number): Scheme {
  if (scheme.kind === 'straight') return { ...scheme, sets: count };
  const reps = scheme.reps.slice(0, count);
  while (reps.length < count) reps.push(reps[reps.length - 1]!);
  return { ...scheme, reps };
}

export const repSeconds = (tempo: Tempo): number =>
  tempo.lower + tempo.stretched + tempo.lift + tempo.shortened;

const range = (r: RepRange): string => (r.lo === r.hi ? String(r.lo) : `${r.lo}–${r.hi}`);

/** "4 × 6–8", or "12, 9, 6, 4" for a pyramid. */
export function schemeText(scheme: Scheme): string {
  return scheme.kind === 'straight' ? `${scheme.sets} × ${range(scheme.reps)}` : scheme.reps.join(', ');
}

/** Reads what a coach types into the sets and reps cell; null when it is none of the forms. */
export function parseScheme(text: string): Scheme | null {
  const t = text.trim().toLowerCase().replace(/[×*]/g, 'x').replace(/[–—]/g, '-');
  const straight = /^(\d{1,2})\s*x\s*(\d{1,3})(?:\s*(?:-|to)\s*(\d{1,3}))?$/.exec(t);
  if (straight) {
    const sets = Number(straight[1]);
    const lo = Number(straight[2]);
    const hi = Number(straight[3] ?? straight[2]);
    if (sets < 1 || sets > 12 || lo < 1 || hi > 100 || lo > hi) return null;
    return { kind: 'straight', sets, reps: { lo, hi } };
  }
  const list = t.split(/\s*[,/]\s*|\s+/).map(Number);
  if (list.length < 2 || list.length > 12 || list.some((r) => !Number.isInteger(r) || r < 1 || r > 100))
    return null;
  const kind = list[0]! >= list[list.length - 1]! ? 'ascending' : 'descending';
  return { kind, reps: list };
}

/** "3 → 1", or "2" when it stays. */
export const reserveText = (reserve: Line['reserve']): string =>
  reserve.first === reserve.last ? String(reserve.last) : `${reserve.first} → ${reserve.last}`;

/** Reads "2", "3-1", "3 then 1", "3→1"; null otherwise. */
export function parseReserve(text: string): Line['reserve'] | null {
  const t = text.trim().toLowerCase();
  const match = /^(\d(?:\.5)?)(?:\s*(?:-+>?|→|–|to|then|,)\s*(\d(?:\.5)?))?$/.exec(t);
  if (!match) return null;
  const first = Number(match[1]);
  const last = match[2] === undefined ? first : Number(match[2]);
  return first > 8 || last > 8 ? null : { first, last };
}

/** "3-1-1-0". */
export const tempoText = (t: Tempo): string => [t.lower, t.stretched, t.lift, t.shortened].join('-');

/** Reads four figures, X meaning as fast as control allows (counted as 1 s); null otherwise. */
export function parseTempo(text: string): Tempo | null {
  const t = text.trim().toLowerCase();
  const parts = /^[\dx]{3,4}$/.test(t) ? [...t] : t.split(/[-/\s]+/);
  if (parts.length === 3) parts.push('0');
  if (parts.length !== 4 || parts.some((p) => !/^(x|\d{1,2})$/.test(p))) return null;
  const [lower, stretched, lift, shortened] = parts.map((p) => (p === 'x' ? 1 : Number(p))) as [
    number,
    number,
    number,
    number,
  ];
  const tempo = { lower, stretched, lift, shortened };
  return Object.values(tempo).some((s) => s > 15) || repSeconds(tempo) === 0 ? null : tempo;
}

/** The four figures in words, so that nobody mixes them up. */
export function tempoWords(t: Tempo): string {
  const count = (s: number): string => (s === 1 ? '1 second' : `${s} seconds`);
  const words = [`lower ${count(t.lower)}`];
  if (t.stretched > 0) words.push(`hold the stretch ${count(t.stretched)}`);
  words.push(`lift ${count(t.lift)}`);
  if (t.shortened > 0) words.push(`hold the top ${count(t.shortened)}`);
  return words.join(', ');
}

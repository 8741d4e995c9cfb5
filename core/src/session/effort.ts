import type { Rig } from '../movements';
import type { Line, Tempo } from './document';

/** Seconds of one repetition. */
export const repSeconds = (tempo: Tempo): number =>
  tempo.lower + tempo.stretched + tempo.lift + tempo.shortened;

/** Times a repetition's tempo that its range takes: one and a half repetitions are as much longer. */
export const rangeTime = (rig: Rig): number => (rig.range === 'one and a half' ? 1.5 : 1);

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
  const parts = /^[\dx]{3,4}$/.test(t) ? t.split('') : t.split(/[-/\s]+/);
  if (parts.length === 3) parts.push('0');
  if (parts.length !== 4 || parts.some((p) => !/^(x|\d{1,2}(\.\d)?)$/.test(p))) return null;
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

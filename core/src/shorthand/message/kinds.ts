import type { TypedLine } from '../typed-line';
import { addressing, forAll, headingWords } from './words';

/** What a line of a message is to the session. */
export type Kind = 'movement' | 'unknown' | 'dose' | 'heading' | 'remark';

const wordsIn = (text: string): string[] => text.toLowerCase().match(/[a-z']+/g) ?? [];

/** True where sets or repetitions are said. */
export const hasScheme = ({ patch, partly }: TypedLine): boolean =>
  patch.scheme !== undefined ||
  partly.sets !== undefined ||
  partly.reps !== undefined ||
  partly.toFailure === true;

/** True where anything of a dose is said. */
const hasDose = (typed: TypedLine): boolean =>
  hasScheme(typed) || Object.keys(typed.patch).length > 0 || Object.keys(typed.partly).length > 0;

/** What of a dose is said, by name. */
export const slotsOf = ({ patch, partly }: TypedLine): string[] =>
  [...Object.keys(patch), ...Object.keys(partly)].flatMap((key) =>
    key === 'scheme' ? ['sets', 'reps'] : [key],
  );

export const isNamed = ({ entry, choices }: TypedLine): boolean =>
  entry !== null && (choices[0]?.score ?? 0) >= 0.7;

/** Where in the line the name stands: its first letter, or null. */
const nameAt = ({ entry, stretches }: TypedLine): number | null =>
  stretches.find((s) => s.as === entry?.name)?.from ?? null;

export function kindOf(text: string, typed: TypedLine): Kind {
  const words = wordsIn(text);
  const named = isNamed(typed);
  const isHeadingOnly = words.every((w) => headingWords.has(w));
  const isPreparing = typed.entry?.movement.family === 'preparation';
  if ((!named || isPreparing) && isHeadingOnly && !hasScheme(typed)) return 'heading';
  if (words.length <= 4 && words[words.length - 1] === 'day' && !hasScheme(typed)) return 'heading';
  const opens = words[0] ?? '';
  if (typed.isForeign) return hasScheme(typed) || !addressing.has(opens) ? 'unknown' : 'remark';
  if (!named) {
    if (/:\s*$/.test(text) && !hasDose(typed)) return 'heading';
    const isForAll = words.some((w) => forAll.has(w));
    if (hasDose(typed) && !isForAll && isMostlyRead(text, typed)) return 'dose';
    return hasScheme(typed) && !addressing.has(opens) && !isForAll ? 'unknown' : 'remark';
  }
  if (hasScheme(typed)) return 'movement';
  if (addressing.has(opens)) return 'remark';
  // Named without sets: its own line, or a sentence that mentions it.
  const at = nameAt(typed) ?? 0;
  const before = wordsIn(text.slice(0, at)).length;
  const over = typed.unknown.flatMap(wordsIn).length;
  if (before > 1 || over > 8) return 'remark';
  return over > 4 && !hasDose(typed) ? 'remark' : 'movement';
}

/** Few words besides the figures. */
function isMostlyRead(text: string, typed: TypedLine): boolean {
  const over = typed.unknown.flatMap(wordsIn).length;
  return over <= (hasScheme(typed) ? 0 : 3) && over < Math.max(1, wordsIn(text).length);
}

/** A heading that begins a day of its own. */
export const isDay = (text: string): boolean =>
  /\b(?:day|session|workout|mon|tue|wed|thu|fri|sat|sun|push|pull|legs|upper|lower)/i.test(text) &&
  !/\b(?:super|tri|giant)[\s-]?set/i.test(text);

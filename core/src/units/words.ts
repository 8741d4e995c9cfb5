/** "an incline press machine", "a rack": the article by the sound a name begins with. */
export const withArticle = (name: string): string => `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`;

/** @example degrees(-15) // "−15°" */
export const degrees = (deg: number): string => `${deg < -0.5 ? '−' : ''}${Math.abs(Math.round(deg))}°`;

/** Things in a row: "a", "a and b", "a, b and c". */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]!}`;

/** Names as the beginning of a sentence: "Bench press, machine fly and chest dip". */
export const sentenceList = (names: readonly string[]): string =>
  listed(names.map((name, i) => (i === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1))));

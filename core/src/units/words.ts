/** "an incline press machine", "a rack": the article by the sound a name begins with. */
export const withArticle = (name: string): string => `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`;

/** @example counted(1, 'set') // "1 set" */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

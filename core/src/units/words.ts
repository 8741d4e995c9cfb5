/** "an incline press machine", "a rack": the article by the sound a name begins with. */
export const withArticle = (name: string): string => `${/^[aeiou]/i.test(name) ? 'an' : 'a'} ${name}`;

/** @example degrees(-15) // "−15°" */
export const degrees = (deg: number): string => `${deg < -0.5 ? '−' : ''}${Math.abs(Math.round(deg))}°`;

import { partWords } from './words';

/** Marks people put before a line, one after the other: bullets, numbers, boxes, pointing hands. */
const bullets: RegExp[] = [
  /^[-*•·▪◦●○►▶➤→>–—+]\s+/u,
  /^\[[ x✓]?\]\s*/i,
  /^\(?\d{1,2}[.):]\s*(?=\D)/,
  /^\(\d{1,2}\)\s*/,
  /^\d{1,2}\s?[-–]\s+(?=[a-z])/i,
  /^(?:ex|exercise|movement)\.?\s?\d{1,2}\s?[:.)-]\s*/i,
  /^\(?[a-z][.):]\s+(?=\S)/i,
  /^#{1,4}\s+/,
  /^\d{1,2}(?:st|nd|rd|th)(?: (?:exercise|lift|movement))?\s?:\s*/i,
  /^(?:then|next|finally|lastly|finish(?: up)? with)\s?[:,–-]?\s+(?=\S)/i,
];

/** Marks of movements done in turn: "A1.", "A2)", "1a)", "B1 Bench". */
const turnMark = /^\(?(?:([a-h])([1-6])|([1-9])([a-d]))(?:\s?[.):-]\s*|\s+)(?=[a-z])/i;

export interface Cleaned {
  text: string;
  /** The letter of a turn, and the place in it. */
  turn: { of: string; at: number } | null;
  isBulleted: boolean;
  isIndented: boolean;
}

/** Emphasis of a message and pictures at its edges; words and figures stay. */
const plain = (text: string): string =>
  text
    .replace(/(\d)\u{FE0F}?\u{20E3}/gu, '$1) ')
    .replace(/\*\*|__|`/g, '')
    .replace(/(^|\s)[*_](?=\S)/g, '$1')
    .replace(/(\S)[*_](?=\s|[:.,;!?]|$)/g, '$1')
    .replace(/(?:[\u{1F000}-\u{1FAFF}\u{2600}-\u{27BF}\u{2B00}-\u{2BFF}]|\u{FE0F})/gu, ' ');

/** A line without its bullets, numbers and emphasis. */
export function cleaned(raw: string): Cleaned {
  const isIndented = /^(?:\s{2,}|\t)/.test(raw);
  let text = plain(raw).trim();
  let isBulleted = false;
  let turn: Cleaned['turn'] = null;
  for (let round = 0; round < 4; round++) {
    const mark = turnMark.exec(text);
    if (mark && !turn) {
      turn = { of: (mark[1] ?? mark[3]!).toLowerCase(), at: Number(mark[2] ?? mark[4]!.charCodeAt(0)) };
      text = text.slice(mark[0].length).trim();
      continue;
    }
    const bullet = bullets.find((b) => b.test(text));
    if (!bullet) break;
    isBulleted = true;
    text = text.replace(bullet, '').trim();
  }
  // A bar at both ends is a row of a table.
  text = text.replace(/^\|\s*/, '').replace(/\s*\|$/, '');
  text = text.replace(/^=+\s*|\s*=+$/g, '').trim();
  // "Finisher: push-ups" names a part of the session first.
  const label = /^([a-z &/-]{3,30}):\s+(?=\S)/i.exec(text);
  const words = label?.[1]?.toLowerCase().match(/[a-z]+/g) ?? [];
  if (words.length > 0 && words.every((w) => partWords.has(w))) text = text.slice(label![0].length);
  return { text, turn, isBulleted, isIndented };
}

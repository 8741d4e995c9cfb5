/** A piece of a typed line: a figure, a word or a sign, and where it stands. */
export interface Token {
  kind: 'figure' | 'word' | 'sign';
  /** Lower case, signs that look alike made one: "x", "-", "'", '"', "°". */
  text: string;
  /** The figure itself; of a word that names one ("eight") as well. */
  value?: number;
  /** Letters from which and to which it stands. */
  from: number;
  to: number;
  /** Nothing stands between it and the piece before. */
  tight: boolean;
}

const ones =
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen'.split(' ');
const teens = 'sixteen seventeen eighteen nineteen'.split(' ');
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety hundred'.split(' ');
const figureWords = new Map<string, number>([
  ...[...ones, ...teens].map((word, i): [string, number] => [word, i]),
  ...tens.map((word, i): [string, number] => [word, (i + 2) * 10]),
]);

const signs: Record<string, string> = {
  '×': 'x',
  '✕': 'x',
  '✖': 'x',
  '⨯': 'x',
  х: 'x',
  Х: 'x',
  '–': '-',
  '—': '-',
  '−': '-',
  '‑': '-',
  '→': '-',
  '’': "'",
  '‘': "'",
  '′': "'",
  '“': '"',
  '”': '"',
  '″': '"',
  º: '°',
  '⁰': '°',
  '½': '½',
  '·': '·',
  '•': '·',
};
const known = new Set(`x-'"°½·,.;:/|()[]+*@%#&=~<>!?_\t\\`);
/** Words that stand right after "x" without a space: "3xAMRAP". */
const afterTimes = /^x(amrap|failure|fail|f|max|burn|rounds?|reps?|sets?)$/;

const isDigit = (c: string): boolean => c >= '0' && c <= '9';
const isLetter = (c: string): boolean => /[a-zà-öø-ÿ]/i.test(c);

/**
 * Cuts a line into figures, words and signs, in one pass. Letters and figures that touch are parted
 * ("80kg" is 80 and kg); what is no letter, figure or known sign (emoji, marks) is left out.
 *
 * @example tokensOf('Bench 3x8').map((t) => t.text) // ['bench', '3', 'x', '8']
 */
export function tokensOf(text: string): Token[] {
  const found: Token[] = [];
  let end = -1;
  const put = (token: Omit<Token, 'tight'>): void => {
    found.push({ ...token, tight: token.from === end });
    end = token.to;
  };
  let i = 0;
  while (i < text.length) {
    const c = text[i]!;
    const from = i;
    if (isDigit(c)) {
      while (i < text.length && isDigit(text[i]!)) i++;
      // A point is part of a figure, a comma only for who asks.
      if (text[i] === '.' && isDigit(text[i + 1] ?? '')) {
        i++;
        while (i < text.length && isDigit(text[i]!)) i++;
      }
      // A figure in a box of its own, as phones write it.
      if (text[i] === '️' || text[i] === '⃣') {
        while (text[i] === '️' || text[i] === '⃣') i++;
        put({ kind: 'figure', text: text.slice(from, from + 1), value: Number(c), from, to: i });
        put({ kind: 'sign', text: ')', from: i, to: i });
        continue;
      }
      put({ kind: 'figure', text: text.slice(from, i), value: Number(text.slice(from, i)), from, to: i });
    } else if (isLetter(c) && !signs[c]) {
      while (
        i < text.length &&
        !signs[text[i]!] &&
        (isLetter(text[i]!) || (text[i] === "'" && isLetter(text[i + 1] ?? '') && isLetter(text[i - 1]!)))
      )
        i++;
      word(text.slice(from, i).toLowerCase(), from, i);
    } else {
      i++;
      const sign = signs[c] ?? (known.has(c) ? c : null);
      if (sign === "'" && (signs[text[i] ?? ''] ?? text[i]) === "'") {
        i++;
        put({ kind: 'sign', text: '"', from, to: i });
      } else if (sign !== null) put({ kind: 'sign', text: sign, from, to: i });
    }
  }
  return found;

  function word(lower: string, from: number, to: number): void {
    const before = found[found.length - 1];
    const touches = from === end && before?.kind === 'figure';
    if (lower === 'x') put({ kind: 'sign', text: 'x', from, to });
    else if (touches && afterTimes.test(lower)) {
      put({ kind: 'sign', text: 'x', from, to: from + 1 });
      put({ kind: 'word', text: lower.slice(1), from: from + 1, to });
    } else {
      const value = figureWords.get(lower);
      const tensBefore = before?.kind === 'word' && before.value !== undefined && before.value >= 20;
      // "twenty five" is one figure.
      if (value !== undefined && value < 10 && value > 0 && tensBefore && before.value! % 10 === 0) {
        before.value! += value;
        before.text += ` ${lower}`;
        before.to = to;
        end = to;
      } else put({ kind: 'word', text: lower, from, to, ...(value === undefined ? {} : { value }) });
    }
  }
}

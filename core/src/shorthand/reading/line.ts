import type { MassUnit } from '../../units';
import type { Token } from './tokens';

/** A figure or a span of figures, and the piece after it. */
export interface Span {
  lo: number;
  hi: number;
  to: number;
}

/** The pieces of a line with what every reader asks of them. Places are numbers of pieces. */
export class Line {
  constructor(
    readonly tokens: readonly Token[],
    /** What a figure without a unit weighs. */
    readonly unit: MassUnit,
  ) {}

  get length(): number {
    return this.tokens.length;
  }
  text(i: number): string {
    return this.tokens[i]?.text ?? '';
  }
  is(i: number, ...texts: readonly string[]): boolean {
    return texts.includes(this.text(i));
  }
  isWord(i: number): boolean {
    return this.tokens[i]?.kind === 'word';
  }
  isTight(i: number): boolean {
    return this.tokens[i]?.tight ?? false;
  }

  /** The words one after the other from here; the place after them, or null. */
  run(i: number, ...words: readonly (string | readonly string[])[]): number | null {
    for (const [at, word] of words.entries())
      if (!(typeof word === 'string' ? this.is(i + at, word) : word.includes(this.text(i + at)))) return null;
    return i + words.length;
  }

  /** Past words that may stand here. */
  past(i: number, ...words: readonly string[]): number {
    let at = i;
    while (this.is(at, ...words)) at++;
    return at;
  }

  /** A whole or broken figure, in digits or words; with `comma` "82,5" is one. */
  figure(i: number, comma = false): { value: number; to: number } | null {
    const token = this.tokens[i];
    if (token?.value === undefined) return null;
    if (this.is(i + 1, '½') && this.isTight(i + 1)) return { value: token.value + 0.5, to: i + 2 };
    const after = this.tokens[i + 2];
    const isBroken =
      comma &&
      token.kind === 'figure' &&
      this.is(i + 1, ',') &&
      this.isTight(i + 1) &&
      after?.kind === 'figure' &&
      after.tight &&
      /^(\d|25|75|50)$/.test(after.text);
    return isBroken
      ? { value: Number(`${token.text}.${after.text}`), to: i + 3 }
      : { value: token.value, to: i + 1 };
  }

  /** A whole figure; null for a broken one. */
  whole(i: number): number | null {
    const value = this.tokens[i]?.value;
    return value !== undefined && Number.isInteger(value) ? value : null;
  }

  /** "8", "8-10", "8 to 10"; with `slash` "8/10" too. The lower figure comes first. */
  span(i: number, { slash = false, comma = false } = {}): Span | null {
    const first = this.figure(i, comma);
    if (!first) return null;
    const joins = slash ? ['-', 'to', '/'] : ['-', 'to'];
    // "5 -10%" is 5 and less ten: a dash that joins stands the same way on both sides.
    const isEven = this.is(first.to, 'to') || this.isTight(first.to) === this.isTight(first.to + 1);
    const isTightSlash = !this.is(first.to, '/') || this.isTight(first.to);
    if (this.is(first.to, ...joins) && isEven && isTightSlash) {
      const second = this.figure(first.to + 1, comma);
      // "8-10-12" is a list, no span; "8-10 - 90s" is a span and something else.
      const goesOn =
        second &&
        this.is(second.to, '-', '/') &&
        this.isTight(second.to) === this.isTight(first.to) &&
        this.figure(second.to + 1) &&
        !this.is(first.to, 'to');
      if (second && second.value > first.value && !goesOn)
        return { lo: first.value, hi: second.value, to: second.to };
      if (goesOn) return null;
    }
    return { lo: first.value, hi: first.value, to: first.to };
  }

  /** Two or more figures with one of the signs between; null where there is one. */
  list(i: number, signs: readonly string[], { comma = false } = {}): { values: number[]; to: number } | null {
    const first = this.figure(i, comma);
    if (!first) return null;
    const values = [first.value];
    let to = first.to;
    const sign = this.text(to);
    if (!signs.includes(sign)) return null;
    while (this.is(to, sign)) {
      const next = this.figure(to + 1, comma);
      if (!next) break;
      values.push(next.value);
      to = next.to;
    }
    return values.length > 1 ? { values, to } : null;
  }

  /** "x", "*" or "by" between figures. */
  times(i: number): number | null {
    return this.is(i, 'x', '*', 'by') ? i + 1 : null;
  }

  /** True at the edge of a part of the line: its end, a comma, a bracket, a stroke. */
  isEdge(i: number): boolean {
    const token = this.tokens[i];
    if (!token) return true;
    if (['-', '·'].includes(token.text)) return !token.tight;
    return token.kind === 'sign' && [',', ';', '|', '/', '(', ')', '[', ']', '\t', ':'].includes(token.text);
  }
}

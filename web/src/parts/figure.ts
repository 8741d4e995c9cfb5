/**
 * Reads a figure from a range, ends included; a decimal comma counts as a point.
 *
 * @example figureFrom(35, 250)('81,5') // 81.5
 */
export const figureFrom =
  (lo: number, hi: number) =>
  (text: string): number | null => {
    const n = Number(text.replace(',', '.'));
    return text.trim() !== '' && Number.isFinite(n) && n >= lo && n <= hi ? n : null;
  };

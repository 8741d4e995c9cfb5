import { fromKg, markedUnit, type MassUnit, toKg } from '../units';

/** Plates or bells of one size. */
export interface Size {
  kg: number;
  pairs: number;
}

/**
 * Sizes as coaches list them: "2-30 by 2, 32.5, 35 x2, 45 lb"; null when it makes no sense. Figures
 * without a unit are in the usual one.
 */
export function readSizes(text: string, usual: MassUnit): Size[] | null {
  const sizes = new Map<number, number>();
  for (const part of text.split(/\s*[,;]\s*/)) {
    if (part.trim() === '') continue;
    const m =
      /^(\d+(?:\.\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:\.\d+)?)\s*(?:by|in|step)\s*(\d+(?:\.\d+)?))?(?:\s*(kg|lb))?(?:\s*[x×*]\s*(\d{1,2}))?$/i.exec(
        part.trim(),
      );
    if (!m) return null;
    const from = Number(m[1]);
    const to = Number(m[2] ?? m[1]);
    const step = Number(m[3] ?? 1);
    const unit = (m[4]?.toLowerCase() as MassUnit | undefined) ?? usual;
    const pairs = Number(m[5] ?? 1);
    if (from <= 0 || to < from || step <= 0 || pairs < 1 || (to - from) / step > 200) return null;
    for (let i = 0; from + i * step <= to + 1e-9; i++)
      sizes.set(Number(toKg(from + i * step, unit).toFixed(4)), pairs);
  }
  return [...sizes].map(([kg, pairs]) => ({ kg, pairs })).sort((a, b) => a.kg - b.kg);
}

const figure = (n: number): string => String(Number(n.toFixed(3)));

/** Sizes of one unit, runs of equal steps drawn together. */
function runsText(list: readonly Size[], unit: MassUnit, suffix: string): string[] {
  const sizes = [...list].sort((a, b) => a.kg - b.kg).map((s) => Number(fromKg(s.kg, unit).toFixed(3)));
  const counts = [...list].sort((a, b) => a.kg - b.kg).map((s) => s.pairs);
  const parts: string[] = [];
  let i = 0;
  while (i < sizes.length) {
    let last = i;
    const step = i + 1 < sizes.length ? sizes[i + 1]! - sizes[i]! : 0;
    while (
      last + 1 < sizes.length &&
      counts[last + 1] === counts[i] &&
      Math.abs(sizes[last + 1]! - sizes[last]! - step) < 1e-6
    )
      last += 1;
    const many = counts[i]! > 1 ? ` × ${counts[i]}` : '';
    if (last - i >= 2) {
      parts.push(`${figure(sizes[i]!)}–${figure(sizes[last]!)} by ${figure(step)}${suffix}${many}`);
      i = last + 1;
    } else {
      parts.push(`${figure(sizes[i]!)}${suffix}${many}`);
      i += 1;
    }
  }
  return parts;
}

/** Sizes the way `readSizes` takes them, those marked in the other unit last and with it. */
export function sizesText(list: readonly Size[], usual: MassUnit): string {
  const other: MassUnit = usual === 'kg' ? 'lb' : 'kg';
  const isOther = (s: Size): boolean => markedUnit(s.kg, usual) === other;
  return [
    ...runsText(
      list.filter((s) => !isOther(s)),
      usual,
      '',
    ),
    ...runsText(list.filter(isOther), other, ` ${other}`),
  ].join(', ');
}

/** Angles of a bench: "0 15 30 45" or with commas; null when one of them makes no sense. */
export function readAngles(text: string): number[] | null {
  const list = text
    .replace(/°/g, '')
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  if (list.length === 0 || list.length > 20 || list.some((n) => !Number.isFinite(n) || n < -40 || n > 90))
    return null;
  return [...new Set(list)].sort((a, b) => a - b);
}

/** A band at a length: what it pulls there. */
export interface BandPoint {
  lengthM: number;
  newtons: number;
}

/** Pulls of a band at some lengths: "0.5 m 0 N, 1.2 m 170 N"; null unless they are two to eight that grow. */
export function readBandPoints(text: string): BandPoint[] | null {
  const points = text
    .split(/\s*[,;]\s*/)
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const m = /^(\d+(?:\.\d+)?)\s*m?\s*[:=]?\s+(\d+(?:\.\d+)?)\s*n?$/i.exec(part.trim());
      return m && { lengthM: Number(m[1]), newtons: Number(m[2]) };
    });
  const good = points.filter(
    (p): p is BandPoint => p !== null && p.lengthM > 0 && p.lengthM <= 4 && p.newtons <= 2000,
  );
  const grows = good.every(
    (p, i) => i === 0 || (p.lengthM > good[i - 1]!.lengthM && p.newtons >= good[i - 1]!.newtons),
  );
  return good.length === points.length && good.length >= 2 && good.length <= 8 && grows ? good : null;
}

/** Points the way `readBandPoints` takes them. */
export const bandPointsText = (points: readonly BandPoint[]): string =>
  points.map((p) => `${figure(p.lengthM)} m ${figure(p.newtons)} N`).join(', ');

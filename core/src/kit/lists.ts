/** Sizes as coaches list them: "2-30 by 2, 32.5, 35 x2"; null when it makes no sense. Figures in the unit typed. */
export function readSizes(text: string): { size: number; count: number }[] | null {
  const sizes = new Map<number, number>();
  for (const part of text.split(/\s*[,;]\s*/)) {
    if (part.trim() === '') continue;
    const m =
      /^(\d+(?:\.\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:\.\d+)?)\s*(?:by|in|step)\s*(\d+(?:\.\d+)?))?(?:\s*[x×*]\s*(\d{1,2}))?$/i.exec(
        part.trim(),
      );
    if (!m) return null;
    const from = Number(m[1]);
    const to = Number(m[2] ?? m[1]);
    const step = Number(m[3] ?? 1);
    const count = Number(m[4] ?? 1);
    if (from <= 0 || to < from || step <= 0 || count < 1 || (to - from) / step > 200) return null;
    for (let i = 0; from + i * step <= to + 1e-9; i++) sizes.set(Number((from + i * step).toFixed(4)), count);
  }
  return [...sizes].map(([size, count]) => ({ size, count })).sort((a, b) => a.size - b.size);
}

/** Sizes the way `readSizes` takes them, runs of equal steps drawn together. */
export function sizesText(list: readonly { size: number; count: number }[]): string {
  const figure = (n: number): string => String(Number(n.toFixed(3)));
  const parts: string[] = [];
  let i = 0;
  while (i < list.length) {
    const first = list[i]!;
    let last = i;
    const step = i + 1 < list.length ? list[i + 1]!.size - first.size : 0;
    while (
      last + 1 < list.length &&
      list[last + 1]!.count === first.count &&
      Math.abs(list[last + 1]!.size - list[last]!.size - step) < 1e-6
    )
      last += 1;
    const many = first.count > 1 ? ` × ${first.count}` : '';
    if (last - i >= 2) {
      parts.push(`${figure(first.size)}–${figure(list[last]!.size)} by ${figure(step)}${many}`);
      i = last + 1;
    } else {
      parts.push(`${figure(first.size)}${many}`);
      i += 1;
    }
  }
  return parts.join(', ');
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

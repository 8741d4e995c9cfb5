import { type MassUnit, parseDuration, toKg } from '@drimbo/core/units';

/**
 * "24", "24, 22", "55 lb each", or empty for the computed load; without a unit in the client's. Null when
 * unreadable.
 */
export function readLoads(text: string, usual: MassUnit): { loadKg: number | number[] | null } | null {
  const t = text.trim().toLowerCase();
  if (t === '' || t === 'auto' || t === 'computed') return { loadKg: null };
  const said = new Set([...t.matchAll(/(kg|lb)s?\b/g)].map((m) => m[1] as MassUnit));
  if (said.size > 1) return null;
  const unit = [...said][0] ?? usual;
  const parts = t
    .replace(/\s*((kg|lb)s?|each|a side)\b/g, '')
    .trim()
    .split(/\s*[,/]\s*|\s+/);
  if (parts.length > 100 || parts.some((p) => !/^\d+(\.\d+)?$/.test(p))) return null;
  const kgs = parts.map((p) => Number(toKg(Number(p), unit).toFixed(3)));
  if (kgs.some((kg) => kg > 600)) return null;
  return { loadKg: kgs.length === 1 ? kgs[0]! : kgs };
}

/** Seconds within a pair: "10", "15 s", "at once"; null when unreadable or over two minutes. */
export function readBetween(text: string): number | null {
  const t = text.trim().toLowerCase();
  if (t === '' || t.startsWith('at')) return 0;
  const seconds = parseDuration(/^\d+$/.test(t) ? `${t}s` : t);
  return seconds === null || seconds > 120 ? null : seconds;
}

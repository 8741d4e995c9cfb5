/** Seconds as minutes and seconds: 105 → "1:45". */
export function clockText(seconds: number): string {
  const whole = Math.round(seconds);
  const minutes = Math.floor(whole / 60);
  return `${minutes}:${String(whole - minutes * 60).padStart(2, '0')}`;
}

/** Seconds in words for a sheet: 45 → "45 s", 120 → "2 min", 150 → "2 min 30 s". */
export function durationWords(seconds: number): string {
  const whole = Math.round(seconds);
  if (whole < 60) return `${whole} s`;
  const minutes = Math.floor(whole / 60);
  const rest = whole - minutes * 60;
  return rest === 0 ? `${minutes} min` : `${minutes} min ${rest} s`;
}

/** Reads "90", "90s", "1:30", "2 min", "2'"; returns seconds, or null when it is none of these. */
export function parseDuration(text: string): number | null {
  const t = text.trim().toLowerCase();
  const clock = /^(\d{1,2}):(\d{2})$/.exec(t);
  if (clock) return Number(clock[1]) * 60 + Number(clock[2]);
  const figure = /^(\d+(?:\.\d+)?)\s*(s|sec|secs|seconds|"|m|min|mins|minutes|')?$/.exec(t);
  if (!figure) return null;
  const value = Number(figure[1]);
  const unit = figure[2] ?? '';
  const inMinutes = unit.startsWith('m') || unit === "'" || (unit === '' && value < 10);
  return Math.round(inMinutes ? value * 60 : value);
}

/** A day as a person writes it: "2026-11-26" → "26 November 2026". */
export const dayWords = (iso: string): string =>
  new Date(`${iso.slice(0, 10)}T00:00:00Z`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  });

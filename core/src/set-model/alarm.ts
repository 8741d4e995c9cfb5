import { setModelTable } from './table';

const { sd, slack, at, from, back, shrink, quiet } = setModelTable.alarm;

/** Recovery as it is watched: the mean surprise of each session's first sets, and what has added up of falling behind. */
export interface Watch {
  seen: number[];
  sum: number;
  quiet: number;
}

export const noWatch: Watch = { seen: [], sum: 0, quiet: 0 };

/**
 * Goes on with an ordinary session: `surprise` is the mean of its first sets' against what was believed when it began.
 * A sum of what falls behind (Page 1954, from memory), against the sessions before. `alarm`: fewer sets are worth a thought.
 */
export function watched(watch: Watch, surprise: number): { watch: Watch; alarm: boolean } {
  const n = watch.seen.length;
  const before = watch.seen.slice(Math.max(0, n - back[1] + 1), Math.max(0, n - back[0] + 1));
  const usual = before.reduce((s, v) => s + v, 0) / (before.length + shrink);
  const seen = [...watch.seen, surprise];
  if (watch.quiet > 0) return { watch: { seen, sum: 0, quiet: watch.quiet - 1 }, alarm: false };
  if (n < from) return { watch: { seen, sum: 0, quiet: 0 }, alarm: false };
  const sum = Math.max(0, watch.sum - (surprise - usual) / sd - slack);
  const alarm = sum > at;
  return { watch: { seen, sum: alarm ? 0 : sum, quiet: alarm ? quiet : 0 }, alarm };
}

import { type PressingRegion, pressingRegions } from '../anatomy';
import type { Measured } from '../measure';
import type { Entry } from '../movements';
import { candidatesFor } from './candidates';
import { kindEntries } from './kindness';
import type { Job } from './overlap';
import { jobOf, jobOfEntry } from './swaps';

/** A movement that adds what a session lacks. */
export interface Complement {
  entry: Entry;
  /** Sum of credit × what the next set is worth, less what is done already. */
  gain: number;
  /** What it brings most of: region and what one hard set would add, as a share of what a session can give. */
  brings: { region: PressingRegion; adds: number }[];
  /** How far the nearest line of the session does the same. */
  overlap: number;
}

/**
 * Movements that do a different job from everything in the session, those first that add most where the
 * next set is worth most.
 */
export function differentJob(
  s: Pick<Measured, 'lines' | 'dose' | 'context'>,
  overlapOf: (a: Job, b: Job) => number,
  most = 6,
): Complement[] {
  const jobs = s.lines.map(jobOf);
  const best = new Map<string, Complement>();
  for (const entry of kindEntries(candidatesFor(s.context.kit, s.context.notebook), s.context.client)) {
    const job = jobOfEntry(entry);
    const brings = pressingRegions
      .map((region) => ({ region, adds: (job.credits[region] ?? 0) * s.dose.regions[region].next }))
      .filter((b) => b.adds > 0.005)
      .sort((a, b) => b.adds - a.adds);
    if (brings.length === 0) continue;
    const near = Math.max(0, ...jobs.map((j) => overlapOf(j, job)));
    const lags = new Set<string>(s.context.client.lagging);
    const worth = brings.slice(0, 4).reduce((t, b) => t + b.adds * (lags.has(b.region) ? 1.5 : 1), 0);
    const gain = worth * (1 - near * near);
    if ((best.get(entry.id)?.gain ?? 0) < gain)
      best.set(entry.id, { entry, gain, brings: brings.slice(0, 3), overlap: near });
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain).slice(0, most);
}

import type { Body, PressingRegion } from '@drimbo/core/anatomy';
import { bestNotch, sweepCatalogue } from '@drimbo/core/choosing';
import { type Notebook, offeredEntries } from '@drimbo/core/movements';
import { expose } from 'comlink';

/** What the sweep found for a name: the notch at which a set counts most for the region, and how much. */
export interface Measured {
  entryId: string;
  benchDeg: number | null;
  /** What one hard set counts for it, by the coach's table. */
  counts: number;
  /** Against the hardest-working region; null where the model cannot tell. A model's estimate. */
  effort: number | null;
}

const sweep = {
  /** Measures every name at every notch. Tells how far it is between 0 and 1. */
  async measure(
    notebook: Notebook,
    notches: number[],
    body: Body,
    region: PressingRegion,
    tell: (done: number) => void,
  ): Promise<Measured[]> {
    const pool = offeredEntries(notebook);
    const found: Measured[] = [];
    let done = 0;
    for (const { entry, rows } of sweepCatalogue(pool, notches, body)) {
      const best = bestNotch(rows, region);
      if (best && entry.movement.load.kind !== 'none')
        found.push({
          entryId: entry.id,
          benchDeg: best.benchDeg,
          counts: best.credits[region] ?? 0,
          effort: best.effort.get(region) ?? null,
        });
      done += 1;
      if (done % 6 === 0) {
        tell(done / pool.length);
        // Lets a stop through.
        await new Promise((resolve) => setTimeout(resolve));
      }
    }
    tell(1);
    return found;
  },
};

export type Sweep = typeof sweep;
expose(sweep);

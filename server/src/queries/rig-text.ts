import type { PerformedSet } from '@drimbo/core/log';
import { rigSchema } from '@drimbo/core/movements';

/** So many settings are known by their text: a house has some dozens. */
const MOST_RIGS = 5_000;
const rigs = new Map<string, PerformedSet['rig'] | null>();

/** The settings of a logged set from their text; null where they are none. */
export function rigIn(text: string): PerformedSet['rig'] | null {
  const known = rigs.get(text);
  if (known !== undefined) return known;
  let rig: PerformedSet['rig'] | null = null;
  try {
    rig = rigSchema.safeParse(JSON.parse(text)).data ?? null;
  } catch {
    // It is not even JSON.
  }
  if (rigs.size >= MOST_RIGS) rigs.clear();
  rigs.set(text, rig);
  return rig;
}

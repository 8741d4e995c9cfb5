import type { RegionId } from '../anatomy';
import { type Kit, missingFor } from '../kit';
import { creditsOf } from '../mechanics';
import {
  atHome,
  entries,
  type Entry,
  type FamilyId,
  type HardWhere,
  type LimitId,
  searchEntries,
} from '../movements';
import { kindEntries } from './kindness';

/** What a coach narrows the catalogue by. Null takes everything. */
export interface MovementFilter {
  text: string;
  region: RegionId | null;
  family: FamilyId | null;
  hardWhere: HardWhere | null;
  /** Only what this gym has. */
  kit: Kit | null;
  /** Only what this limit has nothing against; where a setting answers it, set up so. */
  kindTo: LimitId | null;
}

/** Entries that pass, the best name first where something is typed, else those that train the region most. */
export function filterEntries(filter: MovementFilter, pool: readonly Entry[] = entries): Entry[] {
  const found =
    filter.text.trim() === '' ? [...pool] : searchEntries(filter.text, pool.length, pool).map((m) => m.entry);
  const { region } = filter;
  const credit = (e: Entry): number => (region ? (creditsOf(e.movement, e.rig)[region] ?? 0) : 0);
  const kind = filter.kindTo === null ? found : kindEntries(found, { limits: [{ limit: filter.kindTo }] });
  const kept = kind.filter(
    (e) =>
      (filter.family === null || e.movement.family === filter.family) &&
      (filter.hardWhere === null || atHome(e.movement, e.rig).hardWhere === filter.hardWhere) &&
      (filter.kit === null || missingFor(filter.kit, e.movement, e.rig) === null) &&
      (region === null || credit(e) >= 0.25),
  );
  return region && filter.text.trim() === '' ? kept.sort((a, b) => credit(b) - credit(a)) : kept;
}

/** The regions one set counts most for: "upper chest 1, front delt .75". */
export const mainRegions = (e: Entry, most = 3): [RegionId, number][] =>
  (Object.entries(creditsOf(e.movement, e.rig)) as [RegionId, number][])
    .sort((a, b) => b[1] - a[1])
    .slice(0, most);

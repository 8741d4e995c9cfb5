import { findMovement, type WarmupPart, warmupParts } from '../movements';
import type { WarmupItem } from './document';

type Dose = Pick<WarmupItem, 'movement' | 'sets' | 'reps' | 'seconds'>;

/** What a part of the warm-up is when nobody says otherwise. Common practice. */
const usual: Record<WarmupPart, Dose> = {
  general: { movement: 'easy-cardio', sets: 1, reps: null, seconds: 240 },
  range: { movement: 'pass-through', sets: 1, reps: 10, seconds: null },
  activation: { movement: 'band-pull-apart', sets: 2, reps: 15, seconds: null },
};

/** The part an item serves; null for what serves none, like a static stretch. */
export const partOf = ({ movement }: Pick<WarmupItem, 'movement'>): WarmupPart | null =>
  findMovement(movement)?.prepares ?? null;

/** Parts a warm-up has nothing for. */
export const missingParts = (warmup: readonly WarmupItem[]): WarmupPart[] =>
  warmupParts.filter((part) => !warmup.some((item) => partOf(item) === part));

/**
 * A warm-up with the usual thing for every part it lacks, the parts in their order: general, range,
 * activation. What is there stays as it is; what serves no part comes last.
 */
export function filledUp(warmup: readonly WarmupItem[], newId: (stem: string) => string): WarmupItem[] {
  const added = missingParts(warmup).map((part) => ({ id: newId('warm'), note: '', ...usual[part] }));
  const place = (item: WarmupItem): number => {
    const part = partOf(item);
    return part ? warmupParts.indexOf(part) : warmupParts.length;
  };
  return [...warmup, ...added].sort((a, b) => place(a) - place(b));
}

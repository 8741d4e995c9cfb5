import { movementOf } from '@drimbo/core/movements';
import type { WarmupItem } from '@drimbo/core/session';
import { durationWords } from '@drimbo/core/units';

export const nameOf = (item: WarmupItem): string => movementOf(item.movement).variants[0]!.name;

/** "2 × 15", "4 min", "2 × 30 s". */
export const warmupDose = (item: WarmupItem): string =>
  item.seconds === null
    ? `${item.sets} × ${item.reps ?? 10}`
    : item.sets > 1
      ? `${item.sets} × ${durationWords(item.seconds)}`
      : durationWords(item.seconds);

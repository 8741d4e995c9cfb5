import { kindEntries, soFar } from '../choosing';
import { missingFor } from '../kit';
import type { Context } from '../measure';
import { type Entry, findEntry, fullRig, type Rig } from '../movements';
import type { Where } from './trace';

/** A variation of the bench press for a place where it sticks. */
interface Known {
  entry: string;
  rig?: Rig;
  says: string;
  why: string;
  /** What it brings beside: heavy practice near the lift, or more for the muscle. */
  brings: 'strength' | 'size' | 'both';
  /** How near it is to the lift itself, 0 to 1. Own estimate. */
  near: number;
}

const bench = 'barbell-bench-press';

/** Common practice; why stands beside each. */
const known: Record<Where, Known[]> = {
  'off the chest': [
    {
      entry: bench,
      rig: { range: 'paused' },
      says: 'Paused bench press',
      why: 'no help from the stretch: it starts dead on the chest',
      brings: 'strength',
      near: 1,
    },
    {
      entry: bench,
      rig: { range: 'hover' },
      says: 'Bench press held just over the chest',
      why: 'time where it is hardest, and tightness',
      brings: 'both',
      near: 0.95,
    },
    {
      entry: bench,
      rig: { range: 'pins' },
      says: 'Bench press off pins at the chest',
      why: 'starts dead every repetition',
      brings: 'strength',
      near: 0.9,
    },
    {
      entry: bench,
      rig: { range: 'one and a half' },
      says: 'One-and-a-half bench press',
      why: 'twice through the bottom for one time up',
      brings: 'size',
      near: 0.85,
    },
    {
      entry: 'feet-up-bench-press',
      says: 'Feet-up bench press',
      why: 'no drive from the legs: the chest starts it alone',
      brings: 'both',
      near: 0.9,
    },
    {
      entry: 'dumbbell-bench-press',
      says: 'Dumbbell bench press',
      why: 'more range at the bottom',
      brings: 'size',
      near: 0.6,
    },
    { entry: 'chest-dip', says: 'Dip', why: 'loaded where the chest is long', brings: 'size', near: 0.45 },
    {
      entry: 'close-grip-bench-press',
      says: 'Close-grip bench press',
      why: 'a longer way; some hold the wide grip for better',
      brings: 'both',
      near: 0.8,
    },
    {
      entry: 'wide-grip-bench-press',
      says: 'Wide-grip bench press',
      why: 'more stretch on the chest; some hold the close grip for better',
      brings: 'both',
      near: 0.75,
    },
  ],
  middle: [
    {
      entry: 'barbell-floor-press',
      says: 'Floor press',
      why: 'starts dead where it sticks, without the legs',
      brings: 'strength',
      near: 0.8,
    },
    {
      entry: bench,
      rig: { range: 'hover' },
      says: 'Bench press held a third of the way up',
      why: 'time where it sticks',
      brings: 'both',
      near: 0.95,
    },
    {
      entry: bench,
      rig: { added: 'chains' },
      says: 'Bench press with chains',
      why: 'more load the higher it comes: no coasting through',
      brings: 'strength',
      near: 0.9,
    },
    {
      entry: bench,
      rig: { range: 'mid pins' },
      says: 'Bench press off pins at mid height',
      why: 'overload where it sticks',
      brings: 'strength',
      near: 0.85,
    },
  ],
  lockout: [
    {
      entry: 'barbell-floor-press',
      says: 'Floor press',
      why: 'the upper half alone, heavy',
      brings: 'strength',
      near: 0.75,
    },
    {
      entry: 'close-grip-bench-press',
      says: 'Close-grip bench press',
      why: 'the triceps end it',
      brings: 'both',
      near: 0.85,
    },
    {
      entry: bench,
      rig: { added: 'chains' },
      says: 'Bench press with chains',
      why: 'heaviest at the top',
      brings: 'strength',
      near: 0.9,
    },
    {
      entry: bench,
      rig: { added: 'bands' },
      says: 'Bench press with bands',
      why: 'pulls hardest at the top',
      brings: 'strength',
      near: 0.9,
    },
    {
      entry: bench,
      rig: { range: 'mid pins' },
      says: 'Bench press off pins at mid height',
      why: 'overload where it sticks',
      brings: 'strength',
      near: 0.85,
    },
    {
      entry: 'lying-triceps-extension',
      says: 'Lying triceps extension',
      why: 'stronger triceps carry the lockout',
      brings: 'size',
      near: 0.4,
    },
    {
      entry: 'cable-overhead-extension',
      says: 'Overhead extension at the cable',
      why: 'the long head, stretched',
      brings: 'size',
      near: 0.35,
    },
  ],
};

export interface Variation {
  entry: Entry;
  says: string;
  why: string;
  /** 0 to 1; common practice in numbers, the order is what matters. */
  score: number;
  /** What speaks for and against it for this client. */
  parts: string[];
}

/** Comfort of a movement nobody complains of, 0 to 10. Own estimate. */
const USUAL = 7;

/**
 * What may be done for two to four weeks in place of the bench press, or after it, for the place where it sticks: what
 * this gym has and no limit of the client speaks against, the best for what the client trains for first.
 */
export function variationsFor(
  where: Where,
  { client, kit, logged }: Pick<Context, 'client' | 'kit' | 'logged'>,
): Variation[] {
  const wantsStrength = ['strength', 'both', 'peaking'].includes(client.aim);
  return known[where]
    .flatMap((k): Variation[] => {
      const found = findEntry(k.entry);
      if (!found) return [];
      const named: Entry = { ...found, rig: fullRig(found.movement, { ...found.rig, ...k.rig }) };
      if (missingFor(kit, named.movement, named.rig) !== null) return [];
      const [entry] = kindEntries([named], client);
      if (!entry) return [];
      const fits = k.brings === 'both' || (k.brings === 'strength') === wantsStrength;
      const done = logged.filter(
        (r) =>
          r.movement === entry.movement.id &&
          JSON.stringify(fullRig(entry.movement, r.rig)) === JSON.stringify(entry.rig),
      ).length;
      const fresh = 1 - Math.min(1, done / 40);
      const { comfort } = soFar(logged, entry.movement.id, entry.rig);
      return [
        {
          entry,
          says: k.says,
          why: k.why,
          score:
            0.5 * k.near + 0.35 * (fits ? 1 : 0.3) + 0.15 * fresh + 0.2 * (((comfort ?? USUAL) - USUAL) / 10),
          parts: [
            k.near >= 0.8 ? 'near the lift itself' : 'another lift for the same job',
            k.brings === 'both'
              ? 'brings strength and size'
              : `brings ${k.brings}${fits ? '' : ', which is not what is wanted most'}`,
            done === 0 ? 'new' : `${done} sets of it logged`,
            ...(comfort === null ? [] : [`${comfort.toFixed(0)} of 10 comfortable so far`]),
          ],
        },
      ];
    })
    .sort((a, b) => b.score - a.score);
}

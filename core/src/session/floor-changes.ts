import { z } from 'zod';
import { findMovement, rigSchema } from '../movements';
import { schemeSchema } from './schemes/all';

const id = z.string().min(1).max(60);
const name = z.string().min(1).max(80);

/** A change of what is left of a session, made while it was run. */
export const floorEditSchema = z.discriminatedUnion('do', [
  /** Another movement, or the same one set up otherwise; `loadKg` null lets it be worked out. */
  z
    .object({
      do: z.literal('become'),
      line: id,
      movement: id.refine((v) => findMovement(v) !== undefined, {
        message: 'no movement of this name in the catalogue',
      }),
      own: id.nullable(),
      rig: rigSchema,
      loadKg: z.number().min(0).max(600).nullable(),
    })
    .strict(),
  /** The same movement set up otherwise. */
  z.object({ do: z.literal('set up'), line: id, rig: rigSchema }).strict(),
  z
    .object({
      do: z.literal('effort'),
      line: id,
      reserve: z.object({ first: z.number().min(0).max(8), last: z.number().min(0).max(8) }).strict(),
    })
    .strict(),
  z.object({ do: z.literal('load'), line: id, loadKg: z.number().min(0).max(600) }).strict(),
  z.object({ do: z.literal('sets'), line: id, scheme: schemeSchema }).strict(),
  z.object({ do: z.literal('rest'), line: id, restS: z.number().int().min(0).max(900) }).strict(),
  z.object({ do: z.literal('drop'), line: id }).strict(),
  z.object({ do: z.literal('pair'), line: id, with: id }).strict(),
  z.object({ do: z.literal('move'), line: id, to: z.number().int().min(0).max(40) }).strict(),
]);
export type FloorEdit = z.infer<typeof floorEditSchema>;

/** The most changes of one session. */
const MOST_CHANGES = 120;
const LONGEST_WHY = 160;

/**
 * Something that was changed on the floor, in the order it happened. It stands beside the plan and leaves it as it is:
 * the session as it is run is the plan with its changes.
 */
export const floorChangeSchema = z.discriminatedUnion('is', [
  z
    .object({
      is: z.literal('edits'),
      id,
      edits: z.array(floorEditSchema).min(1).max(60),
      /** What was done in place of what, in names; null where no movement was changed. */
      swap: z.object({ line: id, from: name, to: name }).strict().nullable(),
      why: z.string().max(LONGEST_WHY),
    })
    .strict(),
  /** Sets of a line, counted from 0, that will not be done; null for all it has left. */
  z
    .object({
      is: z.literal('left out'),
      id,
      line: id,
      sets: z.array(z.number().int().min(0).max(239)).min(1).max(240).nullable(),
      why: z.string().max(LONGEST_WHY),
    })
    .strict(),
  /** An earlier change is taken back. */
  z.object({ is: z.literal('taken back'), id, of: id }).strict(),
]);
export type FloorChange = z.infer<typeof floorChangeSchema>;

export const floorChangesSchema = z
  .array(floorChangeSchema)
  .max(MOST_CHANGES, `at most ${MOST_CHANGES} changes of one session are kept`);

import { z } from 'zod';
import { attachments } from '../movements';

const id = z.string().min(1).max(60);
const kg = z.number().min(0).max(500);

/** How many choices one stack may give: every place of the pin with every sum of what can be added. */
export const MOST_CHOICES = 400;

/** The places of the pin of a stack. */
export const pinsOf = ({
  firstKg,
  stepKg,
  maxKg,
}: {
  firstKg: number;
  stepKg: number;
  maxKg: number;
}): number => Math.floor((maxKg - firstKg) / stepKg + 1e-9) + 1;

const stackSchema = z
  .object({
    id,
    name: z.string().max(60),
    /** Stations in the catalogue's words that this stack serves. */
    serves: z.array(z.string().max(60)).max(40),
    firstKg: kg.positive(),
    stepKg: kg.positive(),
    maxKg: kg.positive(),
    addOnsKg: z.array(kg.positive()).max(4),
    count: z.number().int().min(1).max(10),
    /** Load at the hand ÷ plates lifted. */
    ratio: z.number().min(0.25).max(2),
  })
  .strict()
  .superRefine((stack, context) => {
    if (stack.maxKg < stack.firstKg)
      context.addIssue({
        code: 'custom',
        message: 'the heaviest is lighter than the first',
        path: ['maxKg'],
      });
    const choices = pinsOf(stack) * 2 ** stack.addOnsKg.length;
    if (choices > MOST_CHOICES)
      context.addIssue({
        code: 'custom',
        message: `this step makes ${choices} loads of one stack, and ${MOST_CHOICES} are the most; take a larger step or fewer add-ons`,
        path: ['stepKg'],
        params: { by: choices - MOST_CHOICES },
      });
  });

/** What a gym has. Loads are stored in kilograms; `unit` is what its plates and bells are marked in. */
export const kitSchema = z
  .object({
    format: z.literal('drimbo.kit'),
    version: z.literal(2),
    name: z.string().min(1).max(80),
    unit: z.enum(['kg', 'lb']),
    bars: z
      .array(
        z
          .object({
            id,
            name: z.string().max(60),
            kg: kg.positive(),
            use: z.enum(['straight', 'curl', 'guided', 'landmine']),
          })
          .strict(),
      )
      .max(20, 'a gym holds at most twenty bars'),
    plates: z
      .array(z.object({ kg: kg.positive(), pairs: z.number().int().min(0).max(40) }).strict())
      .max(30, 'a gym holds at most thirty kinds of plates'),
    dumbbells: z
      .array(z.object({ kg: kg.positive(), pairs: z.number().int().min(1).max(10) }).strict())
      .max(200, 'a gym holds at most two hundred kinds of dumbbells'),
    stacks: z.array(stackSchema).max(60, 'a gym holds at most sixty stacks'),
    benches: z
      .array(
        z
          .object({
            id,
            name: z.string().max(60),
            notchesDeg: z.array(z.number().min(-40).max(90)).min(1).max(40),
          })
          .strict(),
      )
      .max(40, 'a gym holds at most forty benches'),
    rack: z.object({ count: z.number().int().min(0).max(10), safetyArms: z.boolean() }).strict(),
    places: z.array(z.string().max(60)).max(60),
    dipBelt: z.boolean(),
    /** Whether somebody is usually there to spot. */
    spotter: z.boolean().optional(),
    /** What can be clipped to a cable or worn; left out, everything usual is taken to be there. */
    attachments: z.array(z.enum(attachments)).max(attachments.length).optional(),
    /** Stations that are worth a word about how far apart they stand. */
    apart: z
      .array(
        z
          .object({ a: z.string().max(60), b: z.string().max(60), metres: z.number().min(0).max(200) })
          .strict(),
      )
      .max(30)
      .optional(),
    /** Chains to hang from a bar; `aSide` is how many there are for each end. */
    chains: z
      .array(
        z
          .object({
            id,
            name: z.string().max(60),
            kgPerMetre: z.number().positive().max(40),
            metres: z.number().positive().max(5),
            aSide: z.number().int().min(1).max(6),
          })
          .strict(),
      )
      .max(10)
      .optional(),
    /** Bands by their pull at some lengths, one for each end of a bar. */
    bands: z
      .array(
        z
          .object({
            id,
            name: z.string().max(60),
            points: z
              .array(
                z
                  .object({ lengthM: z.number().positive().max(4), newtons: z.number().min(0).max(2000) })
                  .strict(),
              )
              .min(2)
              .max(8),
          })
          .strict(),
      )
      .max(10)
      .optional(),
  })
  .strict();

export type Kit = z.infer<typeof kitSchema>;

/** A gym with nothing in it yet. */
export const emptyKit = (name: string, unit: Kit['unit']): Kit => ({
  format: 'drimbo.kit',
  version: 2,
  name,
  unit,
  bars: [],
  plates: [],
  dumbbells: [],
  stacks: [],
  benches: [],
  rack: { count: 0, safetyArms: false },
  places: [],
  dipBelt: false,
});

/** Metres between two stations; null where the kit does not say. */
export function metresApart(kit: Pick<Kit, 'apart'>, a: string, b: string): number | null {
  const known = kit.apart?.find((d) => (d.a === a && d.b === b) || (d.a === b && d.b === a));
  return known?.metres ?? null;
}

/** Every notch any bench of this gym has, ascending, without doubles. */
export function notchesOf(kit: Pick<Kit, 'benches'>): number[] {
  const all = new Set(kit.benches.flatMap((b) => b.notchesDeg));
  return [...all].sort((a, b) => a - b);
}

/** The notch nearest to a wished angle; the lower one of two equally near. Null without benches. */
export function nearestNotch(kit: Kit, deg: number): number | null {
  let best: number | null = null;
  for (const notch of notchesOf(kit))
    if (best === null || Math.abs(notch - deg) < Math.abs(best - deg)) best = notch;
  return best;
}

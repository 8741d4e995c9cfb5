import { trainingAges } from '@drimbo/core/session';
import { type MassUnit, readHeight, readMass } from '@drimbo/core/units';
import { z } from 'zod';

/** Bodyweights that are reckoned with, kilograms. */
const [LIGHTEST_KG, HEAVIEST_KG] = [35, 250];

/** What a form asks of somebody new: what nothing can be computed without, as it is typed. */
export const basicsSchema = (unit: MassUnit) =>
  z.object({
    name: z.string().trim().min(1, 'Give a name.').max(80, 'At most 80 letters.'),
    height: z.string().transform((text, ctx) => {
      const metres = readHeight(text);
      if (metres === null) ctx.addIssue({ code: 'custom', message: 'A height, like 178 cm or 5 ft 10.' });
      return metres ?? 0;
    }),
    mass: z.string().transform((text, ctx) => {
      const kg = readMass(text, unit);
      const isSound = kg !== null && kg >= LIGHTEST_KG && kg <= HEAVIEST_KG;
      if (!isSound)
        ctx.addIssue({
          code: 'custom',
          message: unit === 'kg' ? 'A bodyweight of 35 to 250 kg.' : 'A bodyweight of 80 to 550 lb.',
        });
      return kg ?? 0;
    }),
    trainingAge: z.enum(trainingAges),
  });

export const noBasics = { name: '', height: '', mass: '', trainingAge: '1 to 3 years' as const };

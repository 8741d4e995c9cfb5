import { z } from 'zod';
import { entries } from '../movements';
import { expectPinned } from '../testing/pinned';
import { schoolSchema } from './document';
import { bandShare, schoolOf, schools, shareOf, usualWeek } from './schools';
import { startingLine } from './starting-line';

test('the schools that ship say what they said, and start lines as they did', () => {
  expectPinned(import.meta.dirname, 'schools', {
    ...schools,
    usualWeek,
    bandShare,
    schema: z.toJSONSchema(schoolSchema),
    shares: Object.values(schools).map((s) => [shareOf(s, 'under 1 year'), shareOf(s, 'over 3 years')]),
    unknown: schoolOf('none-such').id,
    own: schoolOf('own', [{ ...schools.pump, id: 'own' }]).id,
    ...Object.fromEntries(
      Object.values(schools).flatMap((school) =>
        entries
          .filter((_, i) => i % 6 === 0)
          .map((e) => [`${school.id} ${e.id}`, startingLine(e, school, 'x')] as const),
      ),
    ),
  });
});

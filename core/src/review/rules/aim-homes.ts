import { type Measured, type MeasuredLine, isHeavyCompound } from '../../measure';
import { homesOf, promisedReps, type RepRange, repsText } from '../../session';
import type { FindingDraft, Rule } from '../model';
import { changeLine, setsOf } from '../questions';

const meets = (a: RepRange, b: RepRange): boolean => a.lo <= b.hi && b.lo <= a.hi;

function asked(m: MeasuredLine): RepRange[] {
  return promisedReps(m.line);
}

function look(s: Measured): FindingDraft[] {
  const { aim } = s.context.client;
  const home = homesOf[aim];
  const first = s.lines.find(isHeavyCompound);
  return s.lines.flatMap((m): FindingDraft[] => {
    // Reps of single joints are judged by what the joint can take.
    if (!isHeavyCompound(m) || m.movement.implement === 'bodyweight') return [];
    const isFirst = m === first;
    const sets = asked(m);
    const wanted = isFirst ? home.first : home.others;
    const ofSchool = isFirst ? s.school.homes.first : s.school.homes.others;
    const teaches: RepRange = { lo: m.home.homeReps[0], hi: m.home.homeReps[1] };
    // A home of the movement or the school answers as well; what fits none of the three is told.
    const outside = (r: RepRange): boolean =>
      !meets(r, wanted) && !meets(r, ofSchool) && (isFirst || !meets(r, teaches));
    if (sets.length === 0 || !sets.every(outside)) return [];
    return [
      {
        on: [m.id],
        what: `${m.name} asks for ${repsText(sets[0]!)} reps in ${home.words}.`,
        why: `${isFirst ? 'The first heavy lift' : 'What follows the first heavy lift'} is at home at ${repsText(wanted)} there${repsText(wanted) === repsText(ofSchool) ? '' : `, and at ${repsText(ofSchool)} in ${s.school.name.toLowerCase()}`}.`,
        fixes: () =>
          [wanted, ofSchool].map((range) => {
            const lo = Math.max(range.lo, Math.min(range.hi, teaches.lo));
            const reps = { lo, hi: Math.min(range.hi, lo + 3) };
            return {
              label: `Make it ${repsText(reps)}`,
              edit: changeLine(m.id, {
                scheme: { kind: 'straight' as const, sets: setsOf(m), reps },
                loadKg: null,
              }),
            };
          }),
      },
    ];
  });
}

export const aimHomes: Rule = {
  id: 'aim-homes',
  title: 'Reps away from the aim',
  severity: 'note',
  ground: 'common practice',
  look,
};

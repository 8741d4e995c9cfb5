import type { Work } from '../../mechanics';
import { workAt } from '../mechanics';
import { changeLine, isFreeWeight, isInclined, isPress } from '../questions';
import type { Measured, MeasuredLine } from '../../measure';
import type { Rule } from '../model';

/** What tucking changes, in words; empty where the model sees less than a tenth. */
function tuckedInstead(s: Measured, m: MeasuredLine, tuckDeg: number, incline: boolean): string {
  const flared = workAt(s, m);
  const tucked = workAt(s, m, { ...m.rig, tuckDeg });
  if (!flared || !tucked) return '';
  const upperFront = (w: Work): number => w.shares.pecUpper + w.shares.deltFront;
  const strain = tucked.points[0]!.frontStrain / Math.max(0.01, flared.points[0]!.frontStrain);
  const told = [
    ...(incline && upperFront(tucked) > 1.1 * upperFront(flared)
      ? ['upper chest and front delt together do more of the work']
      : []),
    ...(strain < 0.9 ? ['less of the force pushes the joint forward at the bottom'] : []),
  ];
  return told.length > 0 ? ` At ${tuckDeg}°, by the model, ${told.join(' and ')}.` : '';
}

export const flareOnIncline: Rule = {
  id: 'flare-on-incline',
  title: 'Elbows flared',
  severity: 'watch',
  ground: 'mechanics',
  look: (s) =>
    s.lines
      .filter(
        (m) =>
          isPress(m) &&
          (isFreeWeight(m) || m.movement.implement === 'guided bar') &&
          (m.rig.tuckDeg ?? 0) >= 80,
      )
      // With very wide hands on an incline it is a matter of its own.
      .filter((m) => !(isInclined(m) && (m.rig.gripBiacromial ?? 0) >= 2))
      .map((m) => {
        const incline = isInclined(m);
        const to = incline ? 45 : 60;
        return {
          on: [m.id],
          what: `${m.name} has the elbows out at ${Math.round(m.rig.tuckDeg!)}°.`,
          why:
            (incline
              ? 'On an incline flared elbows take work from upper chest and front delt and strain the front of the shoulder.'
              : 'Elbows straight out put the strain at the front of the shoulder for no more chest.') +
            tuckedInstead(s, m, to, incline),
          fixes: () => [
            {
              label: `Tuck to ${to}°`,
              edit: changeLine(m.id, {
                rig: { ...m.rig, tuckDeg: to },
              }),
            },
          ],
        };
      }),
};

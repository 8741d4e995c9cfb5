import { changeLine, isFreeWeight, isInclined, isPress } from '../questions';
import type { Rule } from '../model';

export const flareOnIncline: Rule = {
  id: 'flare-on-incline',
  title: 'Elbows flared',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.lines
      .filter((m) => isPress(m) && isFreeWeight(m) && (m.rig.tuckDeg ?? 0) >= 80)
      .map((m) => {
        const incline = isInclined(m);
        const wide = incline && (m.rig.gripBiacromial ?? 0) >= 2;
        return {
          on: [m.id],
          severity: wide ? ('stop' as const) : ('watch' as const),
          what: wide
            ? `${m.name} has the hands very wide and the elbows straight out on an incline.`
            : `${m.name} has the elbows out at ${Math.round(m.rig.tuckDeg!)}°.`,
          why: incline
            ? 'On an incline flared elbows take work from the upper chest and strain the front of the shoulder.'
            : 'Elbows straight out put the strain at the front of the shoulder for no more chest.',
          fixes: [
            {
              label: `Tuck to ${incline ? 45 : 60}°`,
              edit: changeLine(m.id, {
                rig: { ...m.rig, tuckDeg: incline ? 45 : 60, ...(wide ? { gripBiacromial: 1.4 } : {}) },
              }),
            },
          ],
        };
      }),
};

import { falls, mean, rises, six, triceps, type Asked, type Shares } from './asked';
import type { Truth } from './truth';
import type { Rig } from '../../movements';

const angles = [-15, 0, 15, 30, 45, 60];

interface Turned {
  name: string;
  id: string;
  rig: (who: Asked) => Rig;
  peak: number;
  level: number;
}

/** Presses at which the bench is turned; how often the upper chest peaks at 15–45° and the triceps stay level. */
const turned: Turned[] = [
  {
    name: 'barbell 1.8, 70°',
    id: 'barbell-bench-press',
    rig: () => ({ gripBiacromial: 1.8, tuckDeg: 70 }),
    peak: 100,
    level: 0,
  },
  { name: 'barbell 1.5, 60°', id: 'barbell-bench-press', rig: () => ({}), peak: 100, level: 98 },
  {
    name: 'barbell, any grip and tuck',
    id: 'barbell-bench-press',
    rig: ({ person }) => ({ gripBiacromial: person.grip, tuckDeg: person.tuck }),
    peak: 84.5,
    level: 74.5,
  },
  {
    name: 'dumbbells, any tuck',
    id: 'dumbbell-bench-press',
    rig: ({ person }) => ({ tuckDeg: person.tuck }),
    peak: 100,
    level: 26,
  },
];

const source = 'Rodríguez-Ridao et al. 2020, directions';

function ofBench({ name, id, rig, peak, level }: Turned): Truth[] {
  const at = (who: Asked) => angles.map((benchDeg) => who.usual(id, { ...rig(who), benchDeg }, 14));
  const column = (who: Asked, region: keyof Shares): number[] => at(who).map((a) => six(a)[region]);
  return [
    {
      name: `${name}: upper chest at 30° above flat`,
      source,
      holds: (who) => column(who, 'pecUpper')[3]! > column(who, 'pecUpper')[1]!,
    },
    {
      name: `${name}: upper chest peaks at 15–45°`,
      source,
      floor: peak,
      holds: (who) => {
        const upper = column(who, 'pecUpper');
        return [2, 3, 4].includes(upper.indexOf(Math.max(...upper)));
      },
    },
    { name: `${name}: middle chest falls`, source, holds: (who) => falls(column(who, 'pecMiddle'), 0.005) },
    { name: `${name}: lower chest falls`, source, holds: (who) => falls(column(who, 'pecLower'), 0.005) },
    {
      name: `${name}: front delt rises to 60°`,
      source,
      holds: (who) => rises(column(who, 'deltFront'), 0.01),
    },
    {
      name: `${name}: front delt at 60° above flat`,
      source,
      holds: (who) => column(who, 'deltFront')[5]! > column(who, 'deltFront')[1]!,
    },
    {
      name: `${name}: triceps within a quarter of flat`,
      source,
      floor: level,
      holds: (who) => {
        const share = at(who).map(triceps);
        return share.slice(1).every((x) => Math.abs(x / share[1]! - 1) < 0.25);
      },
    },
  ];
}

const inclined = (who: Asked) =>
  [90, 75, 60, 45].map((tuckDeg) =>
    who.usual('incline-barbell-press', {
      tuckDeg,
      gripBiacromial: who.person.inclineGrip,
      benchDeg: who.person.inclineBench,
    }),
  );

/** Trends nothing was fitted to, though they were seen. */
export const trends: Truth[] = [
  ...turned.flatMap(ofBench),
  {
    name: 'push-up, hands high to feet high: front delt up or level, middle and lower chest down',
    floor: 61,
    holds: (who) => {
      const e = [-0.6, -0.3, 0, 0.3, 0.6].map((elevationM) => six(who.usual('push-up', { elevationM }, 12)));
      return (
        falls(
          e.map((s) => s.pecMiddle + s.pecLower),
          0.01,
        ) && e[4]!.deltFront > e[0]!.deltFront - 0.01
      );
    },
  },
  {
    name: 'bench: front delt over three times the side, no rear',
    source: 'Campos et al. 2020',
    holds: (who) => {
      const { deltFront, deltSide, deltRear } = who.usual('barbell-bench-press').shares;
      return deltFront > 3 * deltSide && deltRear < 0.03;
    },
  },
  {
    name: 'lateral raise: rear delt takes part',
    source: 'Campos et al. 2020',
    holds: (who) => who.usual('dumbbell-lateral-raise').shares.deltRear > 0.05,
  },
  {
    name: 'incline, tuck 90 to 45: flexion torque rises',
    holds: (who) => rises(inclined(who).map((a) => mean(a, (p) => p.asked.shoulder[2]))),
  },
  {
    name: 'incline, tuck 90 to 45: upper chest of six up',
    floor: 0.5,
    holds: (who) => {
      const [flared, , , tucked] = inclined(who).map(six);
      return tucked!.pecUpper > flared!.pecUpper;
    },
  },
  {
    name: 'incline, tuck 90 to 45: front delt and upper chest up',
    holds: (who) => {
      const [flared, , , tucked] = inclined(who).map(six);
      return tucked!.pecUpper + tucked!.deltFront > flared!.pecUpper + flared!.deltFront;
    },
  },
];

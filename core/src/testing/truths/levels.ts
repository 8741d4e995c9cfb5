import { mostChest, triceps, type Answer, type Asked } from './asked';
import type { Truth } from './truth';

const ratios = {
  'triceps : chest': (a: Answer) => a.shares.triLateral / mostChest(a),
  'front delt : chest': (a: Answer) => a.shares.deltFront / mostChest(a),
  'triceps : front delt': (a: Answer) => a.shares.triLateral / a.shares.deltFront,
  'side : front delt': (a: Answer) => a.shares.deltSide / a.shares.deltFront,
  'chest : front delt': (a: Answer) => mostChest(a) / a.shares.deltFront,
  'chest : triceps': (a: Answer) => mostChest(a) / a.shares.triLateral,
  'front delt : triceps': (a: Answer) => a.shares.deltFront / a.shares.triLateral,
  'triceps of nine': triceps,
};

const rodriguez = 'Rodríguez-Ridao 2020; Saeterbakken 2017';

/**
 * Mean activity of the lateral triceps head and the front delt against the most active chest head, as
 * electrodes are compared: each as a share of its own most. Bands widened to the spread between studies.
 */
const bands: [string, keyof typeof ratios, number, number, string, number?][] = [
  ['barbell-bench-press', 'triceps : chest', 0.4, 1.1, rodriguez],
  ['barbell-bench-press', 'front delt : chest', 0.5, 1.1, 'Campos 2020'],
  ['barbell-bench-press', 'triceps of nine', 0.25, 0.42, 'follows from the two above', 71.5],
  ['incline-barbell-press', 'triceps : chest', 0.35, 1.1, rodriguez, 98.5],
  ['incline-barbell-press', 'front delt : chest', 0.7, 1.4, rodriguez],
  ['incline-barbell-press', 'triceps of nine', 0.25, 0.45, 'follows from the two above', 98.5],
  ['dumbbell-bench-press', 'triceps : chest', 0.25, 0.8, 'Saeterbakken 2011; Farias 2017'],
  ['dumbbell-bench-press', 'front delt : chest', 0.5, 1.1, 'Saeterbakken 2011'],
  ['push-up', 'triceps : chest', 0.6, 1.3, 'Youdas 2010; Calatayud 2014'],
  ['push-up', 'front delt : chest', 0.5, 1.2, 'Youdas 2010', 82],
  ['chest-dip', 'triceps : chest', 0.4, 1.4, 'McKenzie 2022, direction'],
  ['chest-dip', 'front delt : chest', 0.4, 1.1, 'McKenzie 2022, direction'],
  ['standing-barbell-press', 'triceps : front delt', 0.4, 1, 'Saeterbakken & Fimland 2013'],
  ['standing-barbell-press', 'side : front delt', 0.6, 1, 'Campos 2020 (.84)'],
  ['standing-barbell-press', 'chest : front delt', 0.1, 0.6, 'common practice'],
  ['pushdown', 'chest : triceps', 0, 0.15, 'common practice'],
  ['pushdown', 'front delt : triceps', 0, 0.15, 'common practice'],
  ['dumbbell-fly', 'triceps : chest', 0, 0.3, 'Welsch 2005; Campos 2020'],
  ['dumbbell-fly', 'front delt : chest', 0.3, 0.9, 'Welsch 2005; Campos 2020'],
];

/** A level as it comes out, to be printed beside its band. */
export const levelSeen = (name: string, who: Asked): number => {
  const [id, what] = name.split(', ') as [string, keyof typeof ratios];
  return ratios[what](who.usual(id));
};

export const levels: Truth[] = [
  ...bands.map(([id, what, low, high, source, floor]): Truth => {
    const name = `${id}, ${what}`;
    return {
      name: `${name}, ${low}–${high}`,
      source,
      ...(floor === undefined ? {} : { floor }),
      holds: (who) => {
        const seen = levelSeen(name, who);
        return seen >= low && seen <= high;
      },
    };
  }),
  {
    name: 'dumbbell against barbell bench, triceps : chest .4–.85 of it',
    source: 'Saeterbakken 2011; Farias 2017',
    holds: (who) => {
      const of = ratios['triceps : chest'];
      const share = of(who.usual('dumbbell-bench-press')) / of(who.usual('barbell-bench-press'));
      return share > 0.4 && share < 0.85;
    },
  },
];

export const levelNames = bands.map(([id, what]) => `${id}, ${what}`);

import { interpolate, median } from '../units';

/** Repetitions in a set above which no max is estimated. */
export const MOST_REPS = 36;

/**
 * Max ÷ load for a set that could have had R repetitions at failure. Epley 1985; Brzycki 1993
 * (JOPERD 64:88-90); Lombardi 1989; Mayhew et al. 1992 (J Appl Sport Sci Res 6:200-206); Wathan 1994;
 * O'Conner et al. 1989; Lander 1985. All from memory of the named source.
 */
export const formulas = {
  epley: (r: number) => 1 + r / 30,
  brzycki: (r: number) => 36 / (37 - r),
  lombardi: (r: number) => Math.pow(r, 0.1),
  mayhew: (r: number) => 100 / (52.2 + 41.9 * Math.exp(-0.055 * r)),
  wathan: (r: number) => 100 / (48.8 + 53.8 * Math.exp(-0.075 * r)),
  oconner: (r: number) => 1 + r / 40,
  lander: (r: number) => 100 / (101.3 - 2.67123 * r),
} as const;

export type FormulaId = keyof typeof formulas;
export const formulaIds = Object.keys(formulas) as FormulaId[];

/** As they are written in print. */
export const formulaName = (id: FormulaId): string =>
  id === 'oconner' ? 'O’Conner' : id[0]!.toUpperCase() + id.slice(1);
export type FormulaChoice = 'median' | FormulaId;

/** Repetitions over which one group of formulas hands over to the next. */
const HAND_OVER = { seven: [9, 12], four: [19, 22] } as const;

/** How far a hand-over has gone at R repetitions, an S from 0 to 1. */
function gone(r: number, [from, to]: readonly [number, number]): number {
  const t = Math.max(0, Math.min(1, (r - from) / (to - from)));
  return t * t * (3 - 2 * t);
}

function handedOver(r: number): number {
  if (r <= 1) return 1;
  const f = formulas;
  const seven = median(formulaIds.map((id) => f[id](Math.min(r, MOST_REPS))));
  const four = median([f.epley(r), f.mayhew(r), f.wathan(r), f.lombardi(r)]);
  const two = (f.mayhew(r) + f.wathan(r)) / 2;
  const [first, second] = [gone(r, HAND_OVER.seven), gone(r, HAND_OVER.four)];
  return ((1 - first) * seven + first * four) * (1 - second) + second * two;
}

/**
 * By whole repetitions. Which formula is the middle one changes from R to R, so each figure is evened with
 * its neighbours (a sixth each): no repetition costs much more than the one before.
 */
const medians = Array.from({ length: MOST_REPS + 1 }, (_, r) =>
  r <= 1 ? 1 : (handedOver(r - 1) + 4 * handedOver(r) + handedOver(r + 1)) / 6,
);

/**
 * Max ÷ load at R repetitions to failure (R may be a fraction).
 * 'median': the median of the seven for whole R to 9, handing over by 12 to that of Epley, Mayhew, Wathan
 * and Lombardi, and from 19 to 22 to the mean of Mayhew and Wathan; evened over neighbouring R, straight lines
 * between whole R so that it always rises and its steps are even.
 * A single is the max itself. Below one repetition the line of the first two is carried on down.
 * Throws RangeError above 36.
 */
export function maxOverLoad(reps: number, choice: FormulaChoice = 'median'): number {
  if (reps > MOST_REPS)
    throw new RangeError(`No max can be estimated from ${reps} repetitions; ${MOST_REPS} is the most.`);
  if (reps < 1) return 1 - (1 - reps) * 0.03;
  if (choice !== 'median') return reps === 1 ? 1 : formulas[choice](reps);
  const low = Math.floor(reps);
  const share = reps - low;
  return share === 0 ? medians[low]! : medians[low]! * (1 - share) + medians[low + 1]! * share;
}

/** Estimated max (kg) from a load (kg), reps done and reps left in reserve. Throws above 36 in all. */
export const estimatedMax = (
  loadKg: number,
  reps: number,
  reserve: number,
  choice: FormulaChoice = 'median',
): number => loadKg * maxOverLoad(reps + reserve, choice);

/** The inverse of the median, exact because it runs straight between whole repetitions. */
function repsByTable(wanted: number): number {
  if (wanted < 1) return 1 - (1 - wanted) / 0.03;
  let low = 1;
  let high = MOST_REPS;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (medians[middle]! <= wanted) low = middle;
    else high = middle;
  }
  return low + (wanted - medians[low]!) / (medians[high]! - medians[low]!);
}

/** Repetitions to failure at a load, given the max; 0 when it cannot be lifted, at most 36. */
export function repsAtLoad(maxKg: number, loadKg: number, choice: FormulaChoice = 'median'): number {
  if (loadKg <= 0) return MOST_REPS;
  const wanted = maxKg / loadKg;
  if (wanted <= maxOverLoad(0, choice)) return 0;
  const top = choice === 'brzycki' || choice === 'lander' ? MOST_REPS - 0.5 : MOST_REPS;
  if (wanted >= maxOverLoad(top, choice)) return top;
  if (choice === 'median') return repsByTable(wanted);
  let low = 0;
  let high = top;
  for (let i = 0; i < 24; i++) {
    const middle = (low + high) / 2;
    if (maxOverLoad(middle, choice) < wanted) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** One standard error of an estimate from R repetitions, as a fraction of the max. Common practice. */
export const estimateError = (reps: number): number =>
  interpolate(
    [
      { at: 1, value: 0.015 },
      { at: 3, value: 0.03 },
      { at: 5, value: 0.03 },
      { at: 10, value: 0.05 },
      { at: 15, value: 0.1 },
      { at: 25, value: 0.15 },
      { at: 36, value: 0.25 },
    ],
    reps,
  );

/** Which formulas the default estimate from R repetitions rests on, in words. */
export function estimateWords(reps: number): string {
  if (reps <= 1) return 'a single is the max itself';
  const [seven, four, two] = ['the median of seven formulas', 'that of four', 'the mean of two formulas'];
  if (reps <= HAND_OVER.seven[0]) return seven;
  if (reps < HAND_OVER.seven[1]) return `between ${seven} and ${four}`;
  if (reps <= HAND_OVER.four[0]) return 'the median of four formulas';
  return reps < HAND_OVER.four[1] ? `between the median of four formulas and ${two}` : two;
}

export const isRough = (reps: number): boolean => reps > 20;

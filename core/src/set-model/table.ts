/**
 * Every constant of the model of a set, in one place. Fitted values name what they were fitted to; what has no source is
 * an own estimate and says so. Logarithms are natural, times are seconds or weeks as the names say.
 */
export const setModelTable = {
  /**
   * log(max / load) = perRep · (R − 1)^power. Fitted to within 3 points of the training load chart of 2016 for 2–10
   * reps, of the median of the published formulas at 15–20, and of pooled bench figures (Nuzzo et al. 2024) at 25–45;
   * all from memory. Below one repetition a straight line.
   */
  curve: { perRep: 0.0465, power: 0.78, belowOne: 0.03, mostReps: 60 },
  /**
   * Two stores a region and one for the moment, fitted to reps set by set (Willardson & Burkett 2005 and 2006,
   * Ratamess et al. 2007, Senna et al. 2011; from memory). Shares of the max, on the logarithm.
   */
  tiring: {
    fast: 0.121,
    fastS: 76,
    slow: 0.03,
    slowS: 740,
    atOnceS: 26,
    /** Nearness to failure: what is added goes with (done ÷ possible) to this power. */
    power: 3.7,
    /** Reps possible when fresh at which a set adds half of what a long one does. */
    half: 3,
    /** So that ten to failure add the figures above. */
    atTen: 1.3,
    most: 0.6,
  },
  /** How reserve is told. People under-estimate by about one rep, less near failure (published 2022, from memory); spreads are own estimates. */
  telling: {
    bias: 0.5,
    biasSd: 0.45,
    weight0: 0.25,
    repsPerWeight: 3,
    weightMost: 1.4,
    countSd: 0.45,
    sd0: 0.55,
    sdPerRep: 0.28,
    /** Told so many or more, it is "at least". */
    aLot: 8,
    /** What rounding to whole repetitions costs on average. */
    whole: 0.15,
    /** A set of which nobody said anything, that went beyond what was expected. */
    unsaid: { more: 1, sd: 1.5 },
    /** Told none: a little is left all the same. */
    toldNone: 0.2,
  },
  /** What is known before anything was lifted. Own estimates; the curve differs between people by about a quarter (Hoeger et al. 1990, from memory). */
  before: {
    curveSd: 0.23,
    liftCurveSd: 0.13,
    tiringSd: 0.25,
    formSd: 0.02,
    strengthSd: 0.28,
    ownLiftSd: 0.04,
    familyShare: 0.4,
    benchPerMass: { 'under 1 year': 0.6, '1 to 3 years': 0.95, 'over 3 years': 1.3 },
    growth: {
      'under 1 year': { mean: 0.007, sd: 0.004 },
      '1 to 3 years': { mean: 0.0035, sd: 0.0025 },
      'over 3 years': { mean: 0.0012, sd: 0.0015 },
    },
    ownGrowthSd: 0.002,
    /** A lift nobody did yet is taken to be trained where log(max / load) is this. */
    zone: 0.25,
  },
  /** What makes one set differ from another, on the logarithm; the last three are factors. Own estimates. */
  noise: {
    set: 0.012,
    tired: 0.35,
    liftDay: 0.014,
    shared: 0.02,
    halfRep: 0.5,
    laterSet: 0.5,
    laterLift: 0.8,
    outlier: 3,
  },
  /** How a max wanders, a square root of a week. Own estimates. */
  drift: { common: 0.003, own: 0.005, growth: 0.0006, ownGrowth: 0.0006, idleWeeks: 3, idleTimes: 3 },
  /** No spread of what is learnt beside the maxima falls below these. */
  least: { tiringSd: 0.1, biasSd: 0.2, zoneWeight: 0.08 },
  /** What a set is worth less for each way of missing what was asked. Own estimates. */
  missing: {
    hard: 1.3,
    short: 1.2,
    over: 0.4,
    middle: 0.04,
    straightFrom: 4,
    /** Of the reserve, given up for the lowest of the range. */
    giveUp: 1.5,
    /** Reps above the range before the effort goes, as a share of its top. */
    stretch: 0.25,
    sdMost: 0.12,
    /** A first set expected to bring less than this share of the lowest of its range is none. */
    leastShare: 0.7,
    /** What the shortest later set costs its line, times the share of its lowest repetitions that is expected to be missing. */
    lateShort: 12,
    /** Another load than last time, and than the one in hand. */
    otherThanLast: 0.6,
    otherThanInHand: 0.5,
  },
  /** From session to session. Common practice (2–10 % a step; ACSM 2009, from memory) and own estimates. */
  raising: {
    sureSd: 0.06,
    mostUp: 0.1,
    down: { least: 0.05, most: 0.1 },
    stayAfterDown: 3,
    /** Said at the load from so much easier or harder than asked. */
    sayEasy: 2.5,
    sayHard: 1.5,
    freeSessions: 2,
  },
  lighterWeek: { sets: 0.6, reserve: 2, most: 0.95, least: 0.85 },
  /** How a lift stands. Own estimates. */
  standing: {
    weeks: 10,
    least: 6,
    spanDays: 28,
    daySd: 0.022,
    priorDf: 6,
    widen: 1.15,
    risingZ: 1.44,
    fallingZ: 2.33,
    holdingZ: 1.96,
    holdingBelow: 0.0025,
  },
  alarm: { sd: 0.024, slack: 0.4, at: 1.5, from: 6, back: [3, 13], shrink: 3, quiet: 3 },
} as const;

/** Told to have left so many, somebody says "a lot": it is at least that, and no figure. */
export const A_LOT = setModelTable.telling.aLot;

import type { CreditAdjustment, CreditModel } from '../model';
import type { ChoiceSpec, NumericSpec } from '../rig';

export const knob = (min: number, max: number, step: number, byDefault: number): NumericSpec => ({
  min,
  max,
  step,
  byDefault,
});
export const choice = (byDefault: string, ...others: string[]): ChoiceSpec => ({
  options: [byDefault, ...others],
  byDefault,
});

/**
 * Press credits by bench angle. Common practice; the directions (clavicular share highest near 30°,
 * sternal and costal falling, front delt rising to 60°, triceps flat) follow Rodríguez-Ridao et al.
 * 2020 (Int J Environ Res Public Health 17:7339), from memory.
 */
export const pressCreditsByBench: CreditModel['anchors'] = [
  {
    at: -15,
    credits: { pecUpper: 0.25, pecMiddle: 1, pecLower: 1, deltFront: 0.25, triLateral: 0.5, triMedial: 0.5 },
  },
  {
    at: 0,
    credits: { pecUpper: 0.5, pecMiddle: 1, pecLower: 0.75, deltFront: 0.5, triLateral: 0.5, triMedial: 0.5 },
  },
  {
    at: 15,
    credits: { pecUpper: 0.75, pecMiddle: 1, pecLower: 0.5, deltFront: 0.6, triLateral: 0.5, triMedial: 0.5 },
  },
  {
    at: 30,
    credits: {
      pecUpper: 1,
      pecMiddle: 0.75,
      pecLower: 0.25,
      deltFront: 0.75,
      triLateral: 0.5,
      triMedial: 0.5,
    },
  },
  {
    at: 45,
    credits: {
      pecUpper: 1,
      pecMiddle: 0.6,
      pecLower: 0.1,
      deltFront: 0.85,
      deltSide: 0.1,
      triLateral: 0.5,
      triMedial: 0.5,
    },
  },
  {
    at: 60,
    credits: {
      pecUpper: 0.75,
      pecMiddle: 0.25,
      deltFront: 1,
      deltSide: 0.25,
      triLateral: 0.5,
      triMedial: 0.5,
    },
  },
  { at: 75, credits: { pecUpper: 0.25, deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 } },
];

/** How far a chest press is one as its bench rises, and how far it has become an overhead press. */
const onTheChest = {
  knob: 'benchDeg' as const,
  anchors: [
    { at: 45, value: 1 },
    { at: 75, value: 0 },
  ],
};
const overhead = {
  knob: 'benchDeg' as const,
  anchors: [
    { at: 45, value: 0 },
    { at: 75, value: 1 },
  ],
};

/** Adjustments that hold on a chest press and fade as the bench becomes upright. */
export const onChestPress = (...changes: CreditAdjustment[]): CreditAdjustment[] =>
  changes.map((change) => ({ ...change, over: onTheChest }));
export const onOverheadPress = (change: CreditAdjustment): CreditAdjustment => ({
  ...change,
  over: overhead,
});

/** A bar gives the long head a little; hands inside the shoulders hand the press to the triceps. */
export const barGripCredits: CreditAdjustment[] = [
  {
    knob: 'gripBiacromial',
    anchors: [
      {
        at: 0.95,
        add: { triLateral: 0.5, triMedial: 0.5, pecUpper: -0.1, pecMiddle: -0.25, pecLower: -0.5 },
      },
      { at: 1.35, add: {} },
      { at: 1.5, add: {} },
      { at: 1.75, add: { triLateral: -0.25, triMedial: -0.25 } },
    ],
  },
  ...onChestPress({
    knob: 'gripBiacromial',
    anchors: [
      { at: 0.95, add: { triLong: 0.5 } },
      { at: 1.35, add: { triLong: 0.25 } },
      { at: 1.5, add: { triLong: 0.25 } },
      { at: 1.75, add: {} },
    ],
  }),
];

/** Elbows kept closer than the lift is meant for hand some of it to the triceps. Common practice. */
export const tuckedCredits: CreditAdjustment = {
  knob: 'tuckDeg',
  offMeant: true,
  anchors: [
    { at: -40, add: { triLateral: 0.2, triMedial: 0.2 } },
    { at: -10, add: {} },
  ],
};

/** Elbows flared more than an overhead press is meant for leave more of it to the side of the shoulder. Common practice. */
export const flaredCredits: CreditAdjustment = {
  knob: 'tuckDeg',
  offMeant: true,
  anchors: [
    { at: 0, add: {} },
    { at: 25, add: { deltSide: 0.25 } },
  ],
};

/** Of a pulley: low for the upper chest, high for the lower, as in flies. Common practice. */
export const pulleyCredits = (middle: number): CreditAdjustment => ({
  knob: 'pulleyStature',
  anchors: [
    { at: middle - 0.55, add: { pecUpper: 0.5, pecMiddle: -0.4, pecLower: -0.6, deltFront: 0.25 } },
    { at: middle, add: {} },
    { at: middle + 0.3, add: { pecUpper: -0.25, pecLower: 0.25 } },
  ],
});

export const floorPressCredits: CreditAdjustment = {
  knob: 'stance',
  is: 'floor',
  add: { pecMiddle: -0.25, pecLower: -0.25, triLateral: 0.25, triMedial: 0.25 },
};

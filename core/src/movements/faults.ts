/** What a coach sees go wrong, what it costs, and what puts it right. */
export interface Fault {
  seen: string;
  cost: string;
  fix: string;
}

export const faults: Record<string, Fault> = {
  rolledShoulders: {
    seen: 'Shoulders roll forward near the top',
    cost: 'The front delt takes the rep over and the chest gives up its stretch',
    fix: 'Keep the blades back and down and the chest tall right to the end',
  },
  flaredElbows: {
    seen: 'Upper arms straight out at 90°',
    cost: 'The front of the shoulder is strained, and on an incline the upper chest does less',
    fix: 'Bring the upper arm to about 45° on an incline, 45–75° on a flat bench',
  },
  slammedElbows: {
    seen: 'Elbows slammed or pushed past straight',
    cost: 'The joint carries the load instead of the muscle',
    fix: 'Finish softly, a touch short of straight',
  },
  openThumb: {
    seen: 'Thumb on the same side as the fingers',
    cost: 'The bar can roll out of the hand',
    fix: 'Close the thumb round the bar',
  },
  wideIncline: {
    seen: 'Hands very wide on an incline',
    cost: 'A shorter range and more strain on chest and shoulder',
    fix: 'Hands just outside the shoulders',
  },
  tappedBells: {
    seen: 'Bells knocked together at the top',
    cost: 'A rest where the chest has almost nothing to hold',
    fix: 'Bring them close and turn round before they touch',
  },
  declineDrift: {
    seen: 'Path drifts toward the head',
    cost: 'The lower fibres lose their line and the bar becomes hard to control',
    fix: 'Press straight up',
  },
  bouncedElbows: {
    seen: 'Elbows bounced off the floor',
    cost: 'Uneven reps and bruised elbows',
    fix: 'Let them settle, breathe, then press',
  },
  pressedFly: {
    seen: 'Elbows bend and straighten during the fly',
    cost: 'It turns into a press and the arms help',
    fix: 'Set one soft elbow and hold it all the way',
  },
  deepFly: {
    seen: 'Hands sink well below the chest',
    cost: 'The stretch leaves the chest for the shoulder capsule',
    fix: 'Stop with the hands level with the chest',
  },
  stackedFly: {
    seen: 'Reps finished with the bells above the shoulders',
    cost: 'Nothing pulls on the chest up there',
    fix: 'Turn round just before the bells are overhead of the joint',
  },
  deepDip: {
    seen: 'Sinking below what the shoulder allows',
    cost: 'The front of the shoulder takes the load',
    fix: 'Stop with the upper arm level',
  },
  swungRaise: {
    seen: 'Swing from the hips, or shoulders shrugged up',
    cost: 'Momentum and the upper traps do the lifting',
    fix: 'Go lighter, lead with the elbows, hold the top for a moment',
  },
  leanBack: {
    seen: 'Leaning back as the arms go up',
    cost: 'The lower back carries it',
    fix: 'Ribs down, lighter',
  },
  rowedRaise: {
    seen: 'The raise becomes a row',
    cost: 'The upper back takes over from the rear delt',
    fix: 'Keep the arm long',
  },
  leanedPushdown: {
    seen: 'Weight of the body put onto the handle',
    cost: 'Chest and bodyweight do the work',
    fix: 'Stand tall, upper arms hanging still',
  },
  driftingArms: {
    seen: 'Upper arms drift while the elbows move',
    cost: 'The shoulders start to press and the stretch is lost',
    fix: 'Keep the upper arms where they began, go lighter',
  },
  emptyRotation: {
    seen: 'Standing, bell in front, forearm turned out',
    cost: 'Gravity runs along the axis: nothing resists the rotation',
    fix: 'Lie on the side, rest the elbow on the knee, or use a band',
  },
  saggingHips: {
    seen: 'Hips sag or pike',
    cost: 'The range shrinks and the lower back takes strain',
    fix: 'Squeeze the seat and keep one straight line',
  },
  rushedPrep: {
    seen: 'Hurried through',
    cost: 'The joints start cold and the first set pays for it',
    fix: 'Move slowly through the whole range',
  },
  releasedSqueeze: {
    seen: 'Bells drift apart',
    cost: 'What is left is a light press: the squeeze was the point',
    fix: 'Lighter bells, pushed together from the first rep to the last',
  },
  turnedTrunk: {
    seen: 'The trunk turns or leans with the arm',
    cost: 'Hips and waist move the load instead of the target',
    fix: 'Feet set, free hand on something, less load',
  },
};

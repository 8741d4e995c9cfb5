import type { MeasuredLine } from './model';

/** Sets the main lift of a day keeps. Common practice. */
export const MAIN_SETS = 3;
/** Rest of a heavy lift that is not gone under, seconds. Common practice. */
export const HEAVY_REST_S = 120;

/** A press over several joints, for the chest or overhead. */
export const isHeavyCompound = ({ movement }: Pick<MeasuredLine, 'movement'>): boolean =>
  movement.compound && (movement.family === 'press' || movement.family === 'overhead');

/** The lift a day turns about: the first heavy one that is loaded, else the first. */
export const mainLift = ({ lines }: { lines: readonly MeasuredLine[] }): MeasuredLine | undefined => {
  const heavy = lines.filter(isHeavyCompound);
  return heavy.find((m) => m.movement.load.kind === 'external') ?? heavy[0];
};

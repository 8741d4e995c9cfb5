import type { Cues } from '..';

/** Cues in the order they are said. */
export const cueList = (cues: Cues): string[] => [cues.setUp, ...cues.path, cues.finish, cues.breathing];

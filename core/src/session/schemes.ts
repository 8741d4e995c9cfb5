import type { Line } from './document';
import { moduleOf, schemeModules, type Scheme } from './schemes/all';
import type { SetTarget } from './schemes/model';

export type { Scheme, SchemeKind } from './schemes/all';
import type { RepRange } from './schemes/model';
export type { RepRange, SetTarget } from './schemes/model';

type Targeted = Pick<Line, 'scheme' | 'reserve'>;
const remembered = new WeakMap<Targeted, SetTarget[]>();

/** Every bout of a line in order: its working sets, and the further stages of drops and rest–pauses. */
export function setTargets(line: Targeted): readonly SetTarget[] {
  let targets = remembered.get(line);
  if (!targets) remembered.set(line, (targets = moduleOf(line.scheme).bouts(line.scheme, line.reserve)));
  return targets;
}

/** Working sets of a scheme; the stages of a drop are one. */
export const setCountOf = (scheme: Scheme): number => moduleOf(scheme).plain(scheme).sets;

/** The same scheme with another number of sets; a list repeats or drops its last step. */
export const withSetCount = (scheme: Scheme, count: number): Scheme =>
  moduleOf(scheme).withSets(scheme, Math.max(1, Math.min(12, count)));

/** "4 × 6–8", "12, 9, 6, 4", "3 × 10, last drop 2 × −20 %": short, and read back by `parseScheme`. */
export const schemeText = (scheme: Scheme): string => moduleOf(scheme).text(scheme);

/** Reads what a coach types into the sets and reps cell; null when it is none of the forms. */
export function parseScheme(text: string): Scheme | null {
  for (const m of schemeModules) {
    const scheme = m.read(text);
    if (scheme) return scheme;
  }
  return null;
}

/** One sentence for the sheet beside the sets and reps; empty where those say it all. */
export const schemeWords = (scheme: Scheme): string => moduleOf(scheme).words(scheme);

/** Another scheme with the sets and reps of this one. */
export function turnedInto(scheme: Scheme, kind: Scheme['kind']): Scheme {
  const { sets, reps } = moduleOf(scheme).plain(scheme);
  return moduleOf({ kind }).begin(sets, reps);
}

/** Repetitions that the sets of a line promise; stages, holds and open sets promise none. */
export const promisedReps = (line: Targeted): RepRange[] =>
  setTargets(line)
    .filter((t) => t.stage === 0 && !t.open && t.holdS === undefined)
    .map((t) => t.reps);

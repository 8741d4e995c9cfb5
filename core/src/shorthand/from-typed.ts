import { type School, startingLine } from '../schools';
import { type Line, moduleOf, type Scheme, setCountOf, turnedInto, withSetCount } from '../session';
import type { TypedLine } from './reading/read-line';

type Partly = TypedLine['partly'];

/** How the sets go where the line said a part of it: the other part as the movement is begun. */
function completed(started: Scheme, { sets, reps, toFailure }: Partly): Scheme {
  let scheme = toFailure && !reps ? turnedInto(started, 'to failure') : started;
  if (reps) scheme = { kind: 'straight', sets: setCountOf(started), reps };
  if (sets !== undefined && sets >= 1) scheme = withSetCount(scheme, sets);
  return moduleOf(scheme).schema.safeParse(scheme).success ? scheme : started;
}

/** The line a typed text asks for, begun as the school would; null without a movement. */
export function lineFromTyped(typed: TypedLine, school: School, id: string): Line | null {
  if (!typed.entry) return null;
  const { partly } = typed;
  const started = startingLine(typed.entry, school, id);
  const line: Line = { ...started, ...typed.patch, rig: { ...started.rig, ...typed.rig } };
  if (!typed.patch.scheme) line.scheme = completed(started.scheme, partly);
  if (partly.lastReserve !== undefined)
    line.reserve = {
      first: Math.max(line.reserve.first, partly.lastReserve),
      last: partly.lastReserve,
    };
  if (partly.tempo) line.tempo = { ...line.tempo, ...partly.tempo };
  return line;
}

/** Letters a note of a line holds. */
const LONGEST_NOTE = 400;

/** A line with the words nobody understood as its note, as they were said, where it has none of its own. */
export const keepingUnknown = (line: Line, unknown: readonly string[]): Line =>
  unknown.length === 0 || line.note !== ''
    ? line
    : { ...line, note: unknown.join('; ').slice(0, LONGEST_NOTE) };

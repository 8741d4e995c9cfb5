import { nearestLoad } from '../kit/fitting';
import { choicesOf } from '../loads/prescribe';
import type { Measured, MeasuredLine } from '../measure/measure';
import type { Edit } from '../session/edits';
import { linesOf, type Line } from '../session/document';
import { setCountOf, turnedInto, withSetCount, type Scheme } from '../session/schemes';

/** Somebody the same session can be made to suit. */
export const suitings = {
  'first year': {
    name: 'somebody in their first year',
    about: 'One or two movements fewer, 2–3 plain sets of 8–12, 2–3 reps left, no techniques.',
  },
  returning: {
    name: 'somebody coming back from a break',
    about: 'Half the sets, a fifth off the loads, no techniques.',
  },
} as const;
export type Suiting = keyof typeof suitings;

/** Common practice. */
const RETURNING_LOAD = 0.8;

/** Holds stay holds; any other way of doing sets becomes plain ones. */
const plainly = (scheme: Scheme): Scheme =>
  scheme.kind === 'hold' || scheme.kind === 'straight' ? scheme : turnedInto(scheme, 'straight');

function firstYear(line: Line): Partial<Line> {
  const scheme = withSetCount(plainly(line.scheme), Math.max(2, Math.min(3, setCountOf(line.scheme))));
  return {
    scheme: scheme.kind === 'straight' ? { ...scheme, reps: { lo: 8, hi: 12 } } : scheme,
    reserve: { first: 3, last: 2 },
    loadKg: null,
    percentOf: undefined,
    squeezeS: undefined,
  };
}

type Suited = Pick<Measured, 'session' | 'context' | 'lines'>;

function comingBack(m: MeasuredLine, s: Suited): Partial<Line> {
  const loads = choicesOf(s.context.kit, m.movement);
  const kg = m.sets[0]?.kg ?? null;
  return {
    scheme: withSetCount(plainly(m.line.scheme), Math.ceil(setCountOf(m.line.scheme) / 2)),
    loadKg:
      kg === null || !loads || loads.length === 0 ? null : nearestLoad(loads, kg * RETURNING_LOAD).load.kg,
    percentOf: undefined,
    squeezeS: undefined,
  };
}

/** One edit that makes a session suit somebody else; undone as one. */
export function suited(s: Suited, suiting: Suiting): Edit {
  if (suiting === 'returning')
    return {
      do: 'all',
      edits: s.lines.map((m): Edit => ({ do: 'line', line: m.id, patch: comingBack(m, s) })),
    };
  const lines = linesOf(s.session);
  const fewer = lines.length > 5 ? 2 : lines.length > 3 ? 1 : 0;
  const kept = lines.length - fewer;
  return {
    do: 'all',
    edits: lines.map((line, i): Edit =>
      i < kept ? { do: 'line', line: line.id, patch: firstYear(line) } : { do: 'remove line', line: line.id },
    ),
  };
}

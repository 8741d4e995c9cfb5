import { nearestLoad } from '../kit';
import { choicesOf } from '../loads';
import { measure, type Measured, type MeasuredLine } from '../measure';
import {
  applyEdit,
  type Edit,
  type Line,
  linesOf,
  type Scheme,
  setCountOf,
  turnedInto,
  withSetCount,
} from '../session';
import { mayHaveMore } from './kindness';
import { worthOf } from './worth';

/** Somebody the same session can be adapted to. */
export const adaptations = {
  'first year': {
    name: 'somebody in their first year',
    about: 'One or two movements fewer, 2–3 plain sets of 8–12, 2–3 reps left, no techniques.',
  },
  returning: {
    name: 'somebody coming back from a break',
    about: 'Half the sets, a fifth off the loads, no techniques.',
  },
  advanced: {
    name: 'somebody advanced',
    about: 'A set is added where it does most, and the last movement ends with a technique.',
  },
} as const;
export type Adaptation = keyof typeof adaptations;

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

type Adapting = Pick<Measured, 'session' | 'context' | 'lines'>;

function comingBack(m: MeasuredLine, s: Adapting): Partial<Line> {
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

/** The line that one more set is worth most on. */
function worthMost(s: Adapting): MeasuredLine | null {
  const gains = s.lines
    .filter((m) => m.movement.family !== 'corrective' && setCountOf(m.line.scheme) < 6)
    .filter((m) => mayHaveMore(m, s.context.client))
    .map((m) => {
      const edit: Edit = { do: 'line', line: m.id, patch: moreSets(m) };
      return { m, worth: worthOf(measure(applyEdit(s.session, edit), s.context)) };
    });
  return gains.length === 0 ? null : gains.reduce((a, b) => (b.worth > a.worth ? b : a)).m;
}

const moreSets = (m: MeasuredLine): Partial<Line> => ({
  scheme: withSetCount(m.line.scheme, setCountOf(m.line.scheme) + 1),
});

/** A technique for the last isolation movement done in plain sets: a drop where loads change quickly, else rest–pause. */
function technique(s: Adapting): { m: MeasuredLine; kind: 'drop' | 'rest-pause' } | null {
  const last = s.lines.findLast(
    (m) => !m.movement.compound && m.movement.family !== 'corrective' && m.line.scheme.kind === 'straight',
  );
  const quick = last && ['dumbbells', 'dumbbell', 'cable', 'machine'].includes(last.movement.implement);
  return last ? { m: last, kind: quick ? 'drop' : 'rest-pause' } : null;
}

function advanced(s: Adapting): Edit {
  const more = worthMost(s);
  const spiced = technique(s);
  const edits: Edit[] = [];
  if (more) edits.push({ do: 'line', line: more.id, patch: moreSets(more) });
  if (spiced) {
    const { scheme } = spiced.m.line;
    const sets = setCountOf(scheme) + (more?.id === spiced.m.id ? 1 : 0);
    edits.push({
      do: 'line',
      line: spiced.m.id,
      patch: { scheme: withSetCount(turnedInto(scheme, spiced.kind), sets), loadKg: null },
    });
  }
  return { do: 'all', edits };
}

/** One edit that adapts a session to somebody else; undone as one. */
export function adapted(s: Adapting, adaptation: Adaptation): Edit {
  if (adaptation === 'returning')
    return {
      do: 'all',
      edits: s.lines.map((m): Edit => ({ do: 'line', line: m.id, patch: comingBack(m, s) })),
    };
  if (adaptation === 'advanced') return advanced(s);
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

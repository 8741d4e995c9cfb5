import type { Session } from '../session';
import { layOnClock } from './clocking';
import type { Context } from './context';
import { dressLine } from './dress';
import type { LaidOut, MeasuredLine } from './model';
import { rampLines } from './ramping';
import { liveThrough } from './tiring';
import { noRun } from '../set-model';

/** Seconds by which a pause may move before the loads are looked at again. */
const NOTICED_S = 2;

const unloaded = {
  sets: [],
  calibrate: false,
  missing: null,
  step: null,
  beside: [],
  ramps: [],
  seconds: 0,
  exertions: [],
  places: [],
  run: noRun,
};

/**
 * Loads and clock of a session: dress the lines, lay the clock, load and tire, ramp. The loads need to know how tired
 * the client is, which needs the clock; the clock needs the loads for plate changes: so the sets are laid once without
 * loads, loaded, then laid again with ramps and plates, and lived through once more where those moved a set.
 */
export function layOut(session: Session, context: Context): LaidOut {
  const isLight = context.isLight === true || session.light === true;
  const lines = session.blocks.flatMap((b) =>
    b.lines.map((l): MeasuredLine => ({ ...dressLine(l, b.id, context), ...unloaded, isLight })),
  );
  const byId = new Map(lines.map((m) => [m.id, m]));
  const rough = layOnClock(session, lines, context);
  liveThrough(rough, byId, context, isLight);
  rampLines(lines, session, context);
  const timeline = layOnClock(session, lines, context);
  const startsOf = (events: typeof rough.events): number[] =>
    events.filter((e) => e.kind === 'set').map((e) => e.startS);
  const [before, after] = [startsOf(rough.events), startsOf(timeline.events)];
  const gaps = (s: readonly number[]): number[] => s.map((x, i) => x - (s[i - 1] ?? x));
  const [a, b] = [gaps(before), gaps(after)];
  if (a.every((gap, i) => Math.abs(gap - b[i]!) < NOTICED_S)) return { lines, byId, timeline, isLight };
  liveThrough(timeline, byId, context, isLight);
  rampLines(lines, session, context);
  return { lines, byId, timeline: layOnClock(session, lines, context), isLight };
}

import type { Session } from '../session';
import { layOnClock } from './clocking';
import type { Context } from './context';
import { dressLine } from './dress';
import { loadLine } from './loading';
import type { LaidOut, MeasuredLine } from './model';
import { rampLines } from './ramping';
import { lossesIn } from './tiring';

/** A change in what is lost of the max that loads follow. */
const NOTICED = 0.01;

const unloaded = { sets: [], calibrate: false, missing: null, ramps: [], seconds: 0 };

/**
 * Loads and clock of a session: dress the lines, lay the clock, tire, load, ramp. The loads need to know how
 * tired the client is, which needs the clock; the clock needs the loads for plate changes: so the sets are
 * laid once without loads, loaded, then laid again with ramps and plates, and loaded once more where those
 * changed how tired the client is.
 */
export function layOut(session: Session, context: Context): LaidOut {
  const lines = session.blocks.flatMap((b) =>
    b.lines.map((l): MeasuredLine => ({ ...dressLine(l, b.id, context), ...unloaded })),
  );
  const byId = new Map(lines.map((m) => [m.id, m]));
  const load = (some: readonly MeasuredLine[], losses: ReadonlyMap<string, readonly number[]>): void => {
    for (const m of some) Object.assign(m, loadLine(m, losses.get(m.id) ?? [], context));
    rampLines(lines, session, context);
  };
  const rough = lossesIn(layOnClock(session, lines, context), byId);
  load(lines, rough);
  const timeline = layOnClock(session, lines, context);
  // Ramp sets give whatever was done before them time to recover.
  const rested = lossesIn(timeline, byId);
  const changed = lines.filter((m) =>
    (rested.get(m.id) ?? []).some((loss, i) => Math.abs(loss - (rough.get(m.id)![i] ?? 0)) > NOTICED),
  );
  if (changed.length === 0) return { lines, byId, timeline };
  load(changed, rested);
  return { lines, byId, timeline: layOnClock(session, lines, context) };
}

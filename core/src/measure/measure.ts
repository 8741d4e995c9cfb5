import { schoolOf } from '../schools';
import { linesOf, type Session, setCountOf } from '../session';
import { shareSeconds } from './clocking';
import type { Context } from './context';
import { doseOf } from './counting';
import { layOut } from './lay-out';
import type { Measured } from './model';
import { freshnessIn } from './tiring';

/** Loads, clock, fatigue and dose of a session. */
export function measure(session: Session, context: Context): Measured {
  const school = schoolOf(session.school, context.schools);
  const { lines, byId, timeline, isLight } = layOut(session, context);
  shareSeconds(lines, timeline);
  const freshness = freshnessIn(timeline, byId);
  const dose = doseOf(lines, session, school, context);
  return { session, context, school, lines, timeline, isLight, freshness, dose };
}

export const workingSets = (session: Session): number =>
  linesOf(session).reduce((n, l) => n + setCountOf(l.scheme), 0);

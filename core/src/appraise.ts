import { type Context, measure, type Measured, workingSets } from './measure';
import { type Finding, remedied, review } from './review';
import type { Session } from './session';

/** Everything a screen, a sheet or an export needs to know about a session. */
export interface Appraisal extends Pick<Measured, 'lines' | 'timeline' | 'freshness' | 'dose' | 'school'> {
  findings: Finding[];
  totals: {
    movements: number;
    workingSets: number;
    minutes: number;
    availableMinutes: number;
    overMinutes: number;
  };
}

/**
 * The front door: loads for every set on this kit, the timeline, freshness, dose and findings of a
 * session for this client. Pure: the same session and context give the same appraisal.
 * Loads in kg, times in seconds unless a name says minutes. Throws RangeError only for documents that
 * the session schema would have refused.
 */
export function appraise(session: Session, context: Context): Appraisal {
  const measured = measure(session, context);
  return told(measured, remedied(measured));
}

/** The same without the remedies of its findings, which take several times as long: for every keystroke. */
export function appraiseAtOnce(session: Session, context: Context): Appraisal {
  const measured = measure(session, context);
  return told(measured, review(measured));
}

function told(measured: Measured, findings: Finding[]): Appraisal {
  const { session } = measured;
  const minutes = measured.timeline.totalS / 60;
  return {
    lines: measured.lines,
    timeline: measured.timeline,
    freshness: measured.freshness,
    dose: measured.dose,
    school: measured.school,
    findings,
    totals: {
      movements: measured.lines.length,
      workingSets: workingSets(session),
      minutes,
      availableMinutes: session.minutes,
      overMinutes: minutes - session.minutes,
    },
  };
}

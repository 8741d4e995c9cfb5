import { type GroupId, groupIds } from '../anatomy';
import { type Context, measure } from '../measure';
import type { School } from '../schools';
import type { Session } from '../session';
import type { Finding } from './model';
import { review } from './review';

/** What another school, or a changed one, says differently of a session. */
export interface Rejudged {
  gone: Finding[];
  comes: Finding[];
  /** Findings that stay and are heard at another loudness. */
  turned: { finding: Finding; was: Finding['severity'] }[];
  /** Hard sets and bands by group, where either differs. */
  dose: { group: GroupId; was: string; is: string }[];
}

const figure = (n: number): string => String(Number(n.toFixed(1)));

/**
 * Judges a session by two schools and tells the difference; `from` is how it is judged now. Findings that are set
 * aside for the session or the client stay out.
 */
export function rejudged(session: Session, context: Context, from: School, to: School): Rejudged {
  const by = (school: School) => {
    const measured = measure({ ...session, school: school.id }, { ...context, schools: [school] });
    return { measured, findings: review(measured).filter((f) => f.dismissed === null) };
  };
  const [before, after] = [by(from), by(to)];
  const was = new Map(before.findings.map((f) => [f.key, f]));
  const is = new Set(after.findings.map((f) => f.key));
  const told = ({ measured }: typeof before, group: GroupId): string => {
    const { fractional, band } = measured.dose.groups[group];
    return `${figure(fractional)} of ${band ? `${figure(band.lo)}–${figure(band.hi)}` : 'any'}`;
  };
  return {
    gone: before.findings.filter((f) => !is.has(f.key)),
    comes: after.findings.filter((f) => !was.has(f.key)),
    turned: after.findings.flatMap((finding) => {
      const old = was.get(finding.key);
      return old && old.severity !== finding.severity ? [{ finding, was: old.severity }] : [];
    }),
    dose: groupIds
      .map((group) => ({ group, was: told(before, group), is: told(after, group) }))
      .filter((d) => d.was !== d.is),
  };
}

import type { Finding, Place } from './model';

/** The signs of one line: by the figure they stand at, the loudest open finding. */
export type LineSigns = Partial<Record<Place, Finding>>;

/**
 * Where the findings stand in the session: line by line and figure by figure, the loudest of those that are not set
 * aside. What is about the session as a whole stands nowhere.
 *
 * @example signsOf(appraisal.findings).get('bench')?.load?.what; // 'None of the 3 sets of …'
 */
export function signsOf(findings: readonly Finding[]): ReadonlyMap<string, LineSigns> {
  const signs = new Map<string, LineSigns>();
  // Findings come loudest first.
  for (const finding of findings)
    if (finding.dismissed === null)
      for (const id of finding.on) signs.set(id, { [finding.at]: finding, ...signs.get(id) });
  return signs;
}

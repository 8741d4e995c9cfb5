import type { Appraisal } from '../appraise';
import type { Context } from '../measure';
import { loadText } from './load-words';

/** An appraisal as plain data for machines: what `POST /api/appraise` answers with. */
export function makeReport(appraisal: Appraisal, context: Context) {
  return {
    format: 'drimbo.appraisal' as const,
    version: 1 as const,
    school: { id: appraisal.school.id, name: appraisal.school.name },
    totals: appraisal.totals,
    lines: appraisal.lines.map((m) => ({
      id: m.id,
      name: m.name,
      setup: m.detail,
      credits: m.credits,
      max: m.max,
      load: loadText(m, context.client.unit),
      calibrate: m.calibrate,
      missing: m.missing,
      minutes: m.seconds / 60,
      ramp: m.ramps.map(({ kg, reps }) => ({ kg, reps })),
      sets: m.sets,
    })),
    timeline: appraisal.timeline,
    freshness: appraisal.freshness,
    dose: appraisal.dose,
    findings: appraisal.findings,
  };
}

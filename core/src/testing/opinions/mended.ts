import { type GroupId, groupIds } from '../../anatomy';
import { mainLift, measure, type Measured } from '../../measure';
import { remedied } from '../../review';
import { applyEdit } from '../../session';
import type { Case } from '../cases';

/** A session mended by the first remedy of its first finding, as often as there is one louder than a note. */
export interface MendedWalk {
  steps: { rule: string; of: string; label: string }[];
  /** What is wrong with the way there; nothing where a coach would sign it. */
  wrong: string[];
  after: Measured;
}

const MOST_STEPS = 8;

/** Every figure and movement of a session by name, so that one that changes twice is seen. */
function figuresOf(m: Measured): Map<string, string> {
  const figures = new Map<string, string>();
  for (const { line } of m.lines)
    for (const [key, value] of Object.entries(line)) figures.set(`${line.id} ${key}`, JSON.stringify(value));
  return figures;
}

/** Next to nothing is left of a muscle that had work of its own. */
const isLost = (before: Measured, after: Measured, group: GroupId): boolean =>
  before.dose.groups[group].direct >= 1 &&
  after.dose.groups[group].fractional < 0.3 * before.dose.groups[group].fractional;

/** Does the first remedy of the loudest finding that has one, again and again, and watches what becomes of the session. */
export function mendedBy({ session, context }: Case): MendedWalk {
  const before = measure(session, context);
  const main = mainLift(before)?.movement.id;
  const changes = new Map<string, string[]>();
  const steps: MendedWalk['steps'] = [];
  const wrong: string[] = [];
  let now = before;
  for (;;) {
    const finding = remedied(now).find(
      (f) => f.dismissed === null && f.severity !== 'note' && f.fixes.length > 0,
    );
    if (!finding) break;
    if (steps.length === MOST_STEPS) {
      wrong.push(`more than ${MOST_STEPS} steps: ${finding.what}`);
      break;
    }
    const [fix] = finding.fixes;
    const figures = figuresOf(now);
    now = measure(applyEdit(now.session, fix!.edit), context);
    steps.push({ rule: finding.rule, of: finding.what, label: fix!.label });
    for (const [key, value] of figuresOf(now)) {
      const was = figures.get(key);
      if (was === undefined || was === value) continue;
      const seen = changes.get(key) ?? [was];
      if (seen.includes(value)) wrong.push(`undone: ${key} by “${fix!.label}”`);
      changes.set(key, [...seen, value]);
    }
  }
  const mustGo = steps.some((s) =>
    ['not-in-this-gym', 'client-limits', 'angle-not-on-bench'].includes(s.rule),
  );
  const first = mainLift(before);
  const isBeyond = first?.sets.every((set) => set.expectedReps === 0) ?? false;
  if (main && !mustGo && !isBeyond && !now.lines.some((m) => m.movement.id === main))
    wrong.push(`the main lift is gone: ${main}`);
  for (const group of groupIds)
    if (isLost(before, now, group)) wrong.push(`nothing for the ${group} any more`);
  for (const id of context.client.lagging)
    if (now.dose.regions[id].fractional < before.dose.regions[id].fractional - 0.5)
      wrong.push(`less for what lags: ${id}`);
  const most = Math.max(session.minutes * 60, before.timeline.totalS) + 60;
  if (now.timeline.totalS > most)
    wrong.push(`longer than there is time: ${Math.round(now.timeline.totalS / 60)} min`);
  return { steps, wrong, after: now };
}

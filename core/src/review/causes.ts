import { groupIds, type GroupId, regions } from '../anatomy';
import { loudness } from './loudness';
import type { Matter } from './model';

/** Rules that tell of too little of something, the nearest to its cause first. */
const tooLittle: readonly string[] = [
  'weak-point-short',
  'missing-upper-chest',
  'missing-long-head',
  'missing-side-delt',
  'missing-rear-or-rotation',
  'head-below-floor',
  'session-band',
];

/** Rules by which a movement is judged, with those that tell the same of it again. */
const sameMovement: Readonly<Record<string, readonly string[]>> = {
  'beginner-failure': ['failure-not-last', 'failure-first-compound', 'failure-before-heavy'],
  'failure-first-compound': ['failure-not-last'],
  'failure-before-heavy': ['failure-not-last'],
  'client-limits': ['short-of-range', 'uncounted-sets'],
  'redundant-presses': ['one-triceps-angle'],
  'helper-failure-in-pair': ['failure-not-last'],
  'muscle-failure': ['failure-not-last'],
  'over-max': ['short-of-range', 'beyond-reach'],
  'not-in-this-gym': ['angle-not-on-bench', 'uncounted-sets', 'load-not-makeable', 'rack-runs-out'],
  'rack-runs-out': ['uncounted-sets'],
  'uncounted-sets': ['reps-off-home'],
};

const groupOf = (of: NonNullable<Matter['moves']>['of']): GroupId | null =>
  groupIds.find((g) => g === of) ?? regions[of as keyof typeof regions].group;

/** Whether one matter is told with another: the same lack, or the same movement for the same reason. */
function isOf(symptom: Matter, cause: Matter): boolean {
  if (symptom === cause) return false;
  const [from, to] = [cause, symptom].map((m) => tooLittle.indexOf(m.rule)) as [number, number];
  if (from !== -1 && to !== -1) {
    // Pulling back is what a weak rear delt asks for, and more.
    if (symptom.rule === 'missing-rear-or-rotation') return cause.moves?.of === 'deltRear';
    if (cause.moves?.by !== 1 || symptom.moves?.by !== 1) return false;
    if (from > to || (from === to && cause.moves.of !== symptom.moves.of)) return false;
    const isWhole = groupIds.some((g) => g === symptom.moves!.of);
    return isWhole ? groupOf(cause.moves.of) === symptom.moves.of : cause.moves.of === symptom.moves.of;
  }
  if (sameMovement[cause.rule]?.includes(symptom.rule))
    return symptom.on.every((id) => cause.on.includes(id));
  // Sets that do not count are why a muscle is short of them.
  return (
    cause.rule === 'uncounted-sets' &&
    symptom.rule === 'session-band' &&
    symptom.moves?.by === 1 &&
    symptom.on.some((id) => cause.on.includes(id))
  );
}

/** One matter once: what only follows from another is told in its words, beside why it matters. */
export function causesFirst(all: readonly Matter[]): Matter[] {
  const parts = new Map<Matter, Matter[]>();
  const folded = new Set<Matter>();
  for (const symptom of all) {
    if (symptom.dismissed !== null || symptom.severity === 'stop') continue;
    const cause = all.find((m) => !folded.has(m) && isOf(symptom, m));
    if (!cause) continue;
    folded.add(symptom);
    parts.set(cause, [...(parts.get(cause) ?? []), symptom]);
  }
  return all
    .filter((m) => !folded.has(m))
    .map((m) => {
      const with_ = parts.get(m);
      if (!with_) return m;
      const severity = [m, ...with_].reduce((a, b) =>
        loudness[b.severity] < loudness[a.severity] ? b : a,
      ).severity;
      return { ...m, severity, why: [m.why, ...with_.map((p) => p.what)].join(' ') };
    });
}

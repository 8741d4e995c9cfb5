import { groupIds } from '../anatomy';
import { groupOfEmphasis } from '../session';
import { loudness } from './loudness';
import type { Matter } from './model';

/** Rules that tell of too little of something, the nearest to its cause first. */
const tooLittle: readonly string[] = [
  'raise-for-lower-chest',
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
  'redundant-presses': ['one-triceps-angle', 'fly-at-press-angle'],
  'helper-failure-in-pair': ['failure-not-last'],
  'muscle-failure': ['failure-not-last'],
  'over-max': ['short-of-range', 'beyond-reach'],
  'not-in-this-gym': ['angle-not-on-bench', 'uncounted-sets', 'load-not-makeable', 'rack-runs-out'],
  'rack-runs-out': ['uncounted-sets'],
  'uncounted-sets': ['reps-off-home'],
};

/** The same lack: of the part, or of the muscle it is a part of. */
function isSameLack(symptom: Matter, cause: Matter): boolean {
  const [from, to] = [cause, symptom].map((m) => tooLittle.indexOf(m.rule)) as [number, number];
  if (from === -1 || to === -1 || from > to) return false;
  // Pulling back is what a weak rear delt asks for, and more.
  if (symptom.rule === 'missing-rear-or-rotation') return cause.moves?.of === 'deltRear';
  if (cause.moves?.by !== 1 || symptom.moves?.by !== 1) return false;
  const { of } = symptom.moves;
  if (from === to) return cause.moves.of === of;
  return groupIds.some((g) => g === of) ? groupOfEmphasis(cause.moves.of) === of : cause.moves.of === of;
}

/** The same of a movement, or what only follows from it; a quiet word about one is no reason to be loud. */
function isSameMovement(symptom: Matter, cause: Matter): boolean {
  if (cause.dismissed !== null || !sameMovement[cause.rule]?.includes(symptom.rule)) return false;
  const isQuieter = loudness[cause.severity] > loudness[symptom.severity];
  return (!isQuieter || cause.rule === 'rack-runs-out') && symptom.on.every((id) => cause.on.includes(id));
}

/** Sets that do not count are why a muscle is short of them; one that is short is what lacks a fly. */
function isWhyShort(symptom: Matter, cause: Matter): boolean {
  if (cause.dismissed !== null) return false;
  if (['uncounted-sets', 'rack-runs-out'].includes(cause.rule) && symptom.rule === 'session-band')
    return symptom.moves?.by === 1 && symptom.on.some((id) => cause.on.includes(id));
  return (
    cause.rule === 'session-band' &&
    symptom.rule === 'missing-adduction' &&
    cause.moves?.of === 'chest' &&
    cause.moves.by === 1
  );
}

const isOf = (symptom: Matter, cause: Matter): boolean =>
  symptom !== cause &&
  (isSameLack(symptom, cause) || isSameMovement(symptom, cause) || isWhyShort(symptom, cause));

/** One matter once: what only follows from another is told in its words, beside why it matters. */
export function causesFirst(all: readonly Matter[]): Matter[] {
  const causes = new Map<Matter, Matter>();
  const rootOf = (m: Matter): Matter => (causes.has(m) ? rootOf(causes.get(m)!) : m);
  for (const symptom of all) {
    if (symptom.dismissed !== null || symptom.severity === 'stop') continue;
    const cause = all.find((m) => isOf(symptom, m) && rootOf(m) !== symptom);
    if (cause) causes.set(symptom, cause);
  }
  return all
    .filter((m) => !causes.has(m))
    .map((root) => {
      const parts = all.filter((m) => m !== root && rootOf(m) === root);
      if (parts.length === 0) return root;
      const [loudest] = [root, ...parts].sort((a, b) => loudness[a.severity] - loudness[b.severity]);
      return {
        ...root,
        severity: loudest!.severity,
        why: [root.why, ...parts.map((p) => p.what)].join(' '),
      };
    });
}

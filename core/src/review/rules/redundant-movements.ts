import { regionIds } from '../../anatomy';
import { DIRECT } from '../../dose';
import { sentenceList } from '../../units';
import { jobOf, jobOfEntry, kindEntries, sameRegions, sameReps } from '../../choosing';
import { missingFor } from '../../kit';
import { standOf } from '../../mechanics';
import type { Measured, MeasuredLine } from '../../measure';
import { entries, type FamilyId } from '../../movements';
import { becoming } from '../../session';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { isAlike, SAME_JOB } from '../alike';
import { changeLine, notchFor } from '../questions';

/** A movement as little like the others as this is another job. Own estimate. */
const OTHER_JOB = 0.6;
/** Other jobs that are tried. */
const TRIED = 6;
/** Repetitions that meet so far are the same reps. */
const SAME_REPS = 0.34;

const families: readonly FamilyId[] = ['press', 'overhead', 'fly', 'raise', 'rear', 'triceps'];

/** Lines that do one job, each group in the session's order. */
function groupsOf(lines: readonly MeasuredLine[]): MeasuredLine[][] {
  const left = lines.filter(
    (m) => families.includes(m.movement.family) && m.movement.implement !== 'bodyweight',
  );
  const groups: MeasuredLine[][] = [];
  while (left.length > 0) {
    const group = [left.shift()!];
    // Alike to one of the group is of the group.
    for (const of of group)
      for (let i = 0; i < left.length;)
        if (isAlike(jobOf(of), jobOf(left[i]!), SAME_JOB)) group.push(...left.splice(i, 1));
        else i++;
    if (group.length > 1) groups.push(group.sort((a, b) => lines.indexOf(a) - lines.indexOf(b)));
  }
  return groups;
}

/** Movements of the gym for the same muscle that do a job nothing here does yet, the nearest to it first. */
function otherJobs(s: Measured, m: MeasuredLine): FixDraft[] {
  const others = s.lines.filter((l) => l !== m).map(jobOf);
  const here = jobOf(m);
  const there = entries.filter(
    (e) => e.movement.family === m.movement.family && missingFor(s.context.kit, e.movement, e.rig) === null,
  );
  const near = kindEntries(there, s.context.client)
    .map((entry) => ({ entry, job: jobOfEntry(entry) }))
    .map((e) => ({ ...e, near: sameRegions(here.credits, e.job.credits) }))
    .sort((a, b) => b.near - a.near);
  const drafts: FixDraft[] = [];
  for (const { entry, job } of near) {
    if (drafts.length === TRIED) break;
    if (others.some((o) => isAlike(o, job, OTHER_JOB))) continue;
    drafts.push({
      label: `Turn it into ${entry.name.toLowerCase()}`,
      edit: changeLine(m.id, becoming(entry)),
    });
  }
  return drafts.slice(0, 2).map((draft, i) => ({ ...draft, instead: drafts.slice(2 + i * 2, 4 + i * 2) }));
}

/** The same press at another angle, where its bench turns. */
function otherAngle(s: Measured, m: MeasuredLine): FixDraft[] {
  if (m.rig.benchDeg === undefined || m.movement.family !== 'press') return [];
  const deg = notchFor(s, standOf(m.movement, m.rig).pressDeg >= 20 ? 0 : 30);
  return [
    {
      label: `Turn its bench to ${deg}°`,
      edit: changeLine(m.id, { rig: { ...m.rig, benchDeg: deg }, loadKg: null }),
    },
  ];
}

/** Twice for what lags, or what the session is for, is a choice. */
function isAsked(s: Measured, group: readonly MeasuredLine[]): boolean {
  const { lagging } = s.context.client;
  return regionIds
    .filter((id) => id === s.session.emphasis || lagging.includes(id))
    .some((id) => group.every((m) => (m.credits[id] ?? 0) >= DIRECT));
}

const named = (group: readonly MeasuredLine[]): string => sentenceList(group.map((m) => m.name));

function told(s: Measured, group: MeasuredLine[]): FindingDraft {
  const [first] = group as [MeasuredLine];
  const last = group[group.length - 1]!;
  const isPair = group.length === 2;
  const repsMeet = sameReps(jobOf(first).reps, jobOf(last).reps) > SAME_REPS;
  const isSameName = first.name === last.name;
  return {
    on: group.map((m) => m.id),
    severity: isPair && (!repsMeet || isAsked(s, group)) ? 'note' : 'watch',
    what: isPair
      ? `${last.name} does the job of ${isSameName ? 'the one before it' : first.name.toLowerCase()}.`
      : `${named(group)} are one job done ${group.length} times.`,
    why: repsMeet
      ? 'The same fibres at the same angle, hard at the same place: one of them should bring another angle, another range or another implement’s path.'
      : 'Other reps alone do not make it another movement: the fibres, the angle and the hard place are the same.',
    fixes: () => [...otherAngle(s, last), ...otherJobs(s, last)],
  };
}

export const redundantMovements: Rule = {
  id: 'redundant-presses',
  title: 'The same job twice',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => groupsOf(s.lines).map((group) => told(s, group)),
};

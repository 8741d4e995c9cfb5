import { groupCredit, type GroupId, groupNames } from '../../anatomy';
import type { Measured, MeasuredLine } from '../../measure';
import { groupOfEmphasis, repsText, setTargets } from '../../session';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine, setsOf } from '../questions';

/** Sets of one muscle from which it is worth two ranges. Own estimate. */
const ENOUGH_SETS = 9;
const ENOUGH_MOVEMENTS = 3;
/** Ranges that come so near are one: repetitions between their middles. */
const NEAR = 3;

const middles = (m: MeasuredLine): number[] =>
  setTargets(m.line)
    .filter((t) => t.stage === 0 && t.holdS === undefined)
    .map((t) => (t.reps.lo + t.reps.hi) / 2);

function other(m: MeasuredLine, middle: number): FixDraft[] {
  const [lo, hi] = m.home.homeReps;
  const ranges = [
    { lo: Math.max(lo, Math.round(middle + 4)), hi: Math.min(hi, Math.round(middle + 8)) },
    { lo: Math.max(lo, Math.round(middle - 7)), hi: Math.min(hi, Math.round(middle - 4)) },
  ].filter((r) => r.lo <= r.hi && r.lo >= 5);
  return ranges.map((reps) => ({
    label: `Make ${m.name.toLowerCase()} ${repsText(reps)}`,
    edit: changeLine(m.id, { scheme: { kind: 'straight', sets: setsOf(m), reps }, loadKg: null }),
  }));
}

function look(s: Measured, group: GroupId): FindingDraft[] {
  const lines = s.lines.filter((m) => groupCredit(m.credits, group) >= 0.5);
  const all = lines.flatMap(middles);
  if (
    lines.length < ENOUGH_MOVEMENTS ||
    all.length < ENOUGH_SETS ||
    Math.max(...all) - Math.min(...all) > NEAR
  )
    return [];
  const middle = all.reduce((a, b) => a + b, 0) / all.length;
  return [
    {
      on: lines.map((m) => m.id),
      about: group,
      keeps: true,
      what: `Every ${groupNames[group].toLowerCase()} set asks for about ${Math.round(middle)} reps.`,
      why: 'From five to thirty repetitions all grow; two ranges spread the work over joints and keep both strength and pump in it.',
      fixes: () => [...other(lines[lines.length - 1]!, middle), ...other(lines[0]!, middle)],
    },
  ];
}

export const oneRepRange: Rule = {
  id: 'one-rep-range',
  title: 'One rep range for a muscle',
  severity: 'note',
  ground: 'common practice',
  look: (s) => {
    const main = groupOfEmphasis(s.session.emphasis);
    return s.context.client.trainingAge === 'under 1 year' || !main ? [] : look(s, main);
  },
};

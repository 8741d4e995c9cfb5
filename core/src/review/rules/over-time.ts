import { groupCredit, groupIds } from '../../anatomy';
import { isForWeakPoint, shortening } from '../../choosing';
import { effortWorth } from '../../dose';
import type { Measured, MeasuredLine } from '../../measure';
import { type Edit, withSetCount } from '../../session';
import { changeLine, setsOf } from '../questions';
import type { FixDraft, Rule } from '../model';

/** Movements up to which the best cuts are looked for: each step tries every cut. */
const MOST_FITTED = 12;

/** What costs least of the worth for the minutes it saves, until it fits. */
function fitFix(s: Measured): FixDraft[] {
  if (s.lines.length > MOST_FITTED) return [];
  const edit = () => shortening(s.session, s.context, s.session.minutes);
  return [{ label: `Fit it into ${s.session.minutes} minutes`, edit }];
}

/** Two single isolation movements for different muscles that can take turns. */
function pairFix(s: Measured): FixDraft[] {
  const single = s.lines.filter(
    (m) => s.session.blocks.find((b) => b.id === m.blockId)!.kind === 'single' && !m.movement.compound,
  );
  for (const a of single)
    for (const b of single) {
      if (a === b || a.voice === b.voice || s.lines.indexOf(b) < s.lines.indexOf(a)) continue;
      return [
        {
          label: `Pair ${a.name.toLowerCase()} with ${b.name.toLowerCase()}`,
          edit: { do: 'pair', line: a.id, with: b.id },
        },
      ];
    }
  return [];
}

/** Rests of small movements down to the floor of the school; heavy lifts keep theirs. */
function restFix(s: Measured): FixDraft[] {
  const edits: Edit[] = s.lines.flatMap((m) => {
    const floor = s.school.restFloorS.isolation;
    return !m.movement.compound && m.line.restS > floor ? [changeLine(m.id, { restS: floor })] : [];
  });
  return edits.length > 0
    ? [{ label: 'Shorter rests on the small movements', edit: { do: 'all', edits } }]
    : [];
}

/** The set whose loss costs least: worth of the last set of a line where its muscle has most already. */
function setFix(s: Measured): FixDraft[] {
  const worth = (m: MeasuredLine): number =>
    groupIds.reduce((v, g) => v + s.dose.groups[g].next * groupCredit(m.credits, g), 0) *
    effortWorth(m.line.reserve.last);
  const cuttable = s.lines
    .filter((m) => setsOf(m) > 2 && !isForWeakPoint(s, m))
    .sort((a, b) => worth(a) - worth(b));
  return cuttable.slice(0, 1).map((m) => ({
    label: `Drop a set of ${m.name.toLowerCase()}`,
    edit: changeLine(m.id, { scheme: withSetCount(m.line.scheme, setsOf(m) - 1) }),
  }));
}

export const overTime: Rule = {
  id: 'over-time',
  title: 'Longer than the client has',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => {
    const over = Math.ceil(s.timeline.totalS / 60 - s.session.minutes - 0.5);
    if (over < 1 || s.lines.length === 0) return [];
    return [
      {
        on: [],
        severity: over > 15 ? 'stop' : 'watch',
        what: `The session runs ${over} ${over === 1 ? 'minute' : 'minutes'} over the ${s.session.minutes} there are.`,
        why: 'What does not fit is what gets skipped, and it is always the end.',
        fixes: () => [...fitFix(s), ...restFix(s), ...pairFix(s), ...setFix(s)],
      },
    ];
  },
};

import { choicesOf } from '../../loads/prescribe';
import type { Measured, MeasuredLine } from '../../measure/model';
import { movementOf } from '../../movements/catalogue';
import { variantOf } from '../../movements/settings';
import type { LiftRecord } from '../../strength/evidence';
import { maxOverLoad } from '../../strength/formulas';
import { movedShare } from '../../strength/max';
import { massText } from '../../units/mass';
import { dayWords } from '../../units/time';
import { changeLine } from '../questions';
import type { FindingDraft, Rule } from '../model';

const WATCH = 1.1;
const STOP = 1.2;

const withReserve = ({ reps, reserve }: { reps: number; reserve: number }): number =>
  Math.min(36, Math.max(1, reps + reserve));

/** The heaviest set of the last day this movement was done under the same name. */
function lastTime(s: Measured, m: MeasuredLine): LiftRecord | null {
  const name = variantOf(m.movement, m.rig).name;
  const done = s.context.logged.filter(
    (r) =>
      r.movement === m.movement.id &&
      r.date < s.context.todayIso &&
      variantOf(movementOf(r.movement), r.rig).name === name,
  );
  if (done.length === 0) return null;
  const day = done.reduce((a, r) => (r.date > a ? r.date : a), '');
  return done.filter((r) => r.date === day).reduce((a, r) => (r.loadKg > a.loadKg ? r : a));
}

function look(s: Measured, m: MeasuredLine): FindingDraft[] {
  const last = lastTime(s, m);
  const set = m.sets
    .filter((x) => x.target.stage === 0 && x.kg !== null)
    .reduce<(typeof m.sets)[number] | null>((a, x) => (a && a.kg! >= x.kg! ? a : x), null);
  if (!last || !set) return [];
  const body = movedShare(m.movement, m.rig) * s.context.client.massKg;
  const { formula, unit } = s.context.client;
  const before = last.loadKg + body;
  // Fewer repetitions carry more: what the last load would be at the new ones.
  const now = withReserve({ reps: set.target.reps.lo, reserve: set.target.reserve });
  const then = withReserve(last);
  const alike = now < then ? (before * maxOverLoad(then, formula)) / maxOverLoad(now, formula) : before;
  const jump = (set.kg! + body) / alike;
  if (jump <= WATCH + 1e-9 || alike <= 0) return [];
  const next = choicesOf(s.context.kit, m.movement)?.find((c) => c.kg > last.loadKg + 1e-9);
  const isSmallest = next !== undefined && set.kg! <= next.kg + 1e-9;
  const percent = Math.round((jump - 1) * 100);
  return [
    {
      on: [m.id],
      severity: isSmallest ? 'note' : jump > STOP ? 'stop' : 'watch',
      what: `${m.name} goes from ${massText(last.loadKg, unit)} to ${massText(set.kg!, unit)}, ${percent} % ${now < then ? 'more than its reps explain' : 'at once'}.`,
      why: isSmallest
        ? `It is the smallest step there is here: expect ${set.expectedReps === null ? 'fewer' : `about ${set.expectedReps}`} reps for the ${last.reps} of ${dayWords(last.date)}.`
        : `Last time, on ${dayWords(last.date)}, it was ${last.reps} reps leaving ${last.reserve}. More than a tenth at once is faster than joints and tendons keep up with.`,
      fixes: () => {
        const tenth = alike * WATCH - body;
        const lighter = (choicesOf(s.context.kit, m.movement) ?? [])
          .filter((c) => c.kg <= tenth && c.kg >= last.loadKg - 1e-9)
          .at(-1);
        return [
          ...(lighter
            ? [{ label: `Use ${massText(lighter.kg, unit)}`, edit: changeLine(m.id, { loadKg: lighter.kg }) }]
            : []),
          ...(next
            ? [{ label: `Use ${massText(next.kg, unit)}`, edit: changeLine(m.id, { loadKg: next.kg }) }]
            : []),
          ...(m.line.loadKg !== null
            ? [{ label: 'Use the computed load', edit: changeLine(m.id, { loadKg: null }) }]
            : []),
          {
            label: `Stay at ${massText(last.loadKg, unit)}`,
            edit: changeLine(m.id, { loadKg: last.loadKg }),
          },
        ];
      },
    },
  ];
}

export const loadJump: Rule = {
  id: 'load-jump',
  title: 'Much more than last time',
  severity: 'watch',
  ground: 'common practice',
  look: (s) => s.lines.flatMap((m) => look(s, m)),
};

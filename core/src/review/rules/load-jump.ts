import { choicesOf } from '../../loads';
import type { Measured, MeasuredLine } from '../../measure';
import { movementOf, variantOf } from '../../movements';
import { curveOf } from '../../set-model';
import { type Logged as LoggedSet, movedShare } from '../../strength';
import { dayWords, massText } from '../../units';
import { changeLine } from '../questions';
import type { FindingDraft, Rule } from '../model';

const WATCH = 1.1;
const STOP = 1.2;

const withReserve = ({ reps, reserve }: { reps: number; reserve: number }): number =>
  Math.max(1, reps + reserve);

type Log = Measured['context']['logged'];
const names = new WeakMap<LoggedSet, string>();
const byMovement = new WeakMap<Log, Map<string, LoggedSet[]>>();

function nameOf(r: LoggedSet): string {
  let name = names.get(r);
  if (name === undefined) names.set(r, (name = variantOf(movementOf(r.movement), r.rig).name));
  return name;
}

/** Logged sets of a movement; found once for all that is judged against the same sets. */
function loggedOf(logged: Log, movement: string): readonly LoggedSet[] {
  let known = byMovement.get(logged);
  if (!known) {
    known = new Map();
    for (const r of logged)
      if (r.kind !== 'hold') known.set(r.movement, [...(known.get(r.movement) ?? []), r]);
    byMovement.set(logged, known);
  }
  return known.get(movement) ?? [];
}

/** The heaviest set of the last day this movement was done under the same name. */
function lastTime(s: Measured, m: MeasuredLine): LoggedSet | null {
  const all = loggedOf(s.context.logged, m.movement.id);
  if (all.length === 0) return null;
  const name = variantOf(m.movement, m.rig).name;
  let last: LoggedSet | null = null;
  for (const r of all) {
    if (r.date >= s.context.todayIso || (last && r.date < last.date) || nameOf(r) !== name) continue;
    if (!last || r.date > last.date || r.loadKg > last.loadKg) last = r;
  }
  return last;
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
  const { overAt } = curveOf(formula);
  const alike = now < then ? before * Math.exp(overAt(then) - overAt(now)) : before;
  const jump = (set.kg! + body) / alike;
  if (jump <= WATCH + 1e-9 || alike <= 0) return [];
  const next = choicesOf(s.context.kit, m.movement)?.find((c) => c.kg > last.loadKg + 1e-9);
  const isSmallest = next !== undefined && set.kg! <= next.kg + 1e-9;
  const percent = Math.round((jump - 1) * 100);
  return [
    {
      on: [m.id],
      severity: isSmallest ? 'note' : jump > STOP ? 'stop' : 'watch',
      what: `${m.name} jumps from ${massText(last.loadKg, unit)} to ${massText(set.kg!, unit)}, ${percent} %${now < then ? ' beyond its reps' : ''}.`,
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
  at: 'load',
  look: (s) => s.lines.flatMap((m) => look(s, m)),
};

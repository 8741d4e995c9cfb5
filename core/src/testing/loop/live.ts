import { lightOf } from '../../block';
import { Life } from '../../lifter';
import { evidenceOf, nothingSaid, performed, progress, recoveryAlarm, type Standing } from '../../log';
import { clientLift, type Context, measure, type Measured } from '../../measure';
import { movementOf } from '../../movements';
import { maxBelief, usualCurve, isOff } from '../../set-model';
import type { Logged } from '../../strength';
import { daysAfter } from '../../units';
import type { Trial } from './plans';

/** A set as it was planned and as it went. */
export interface LivedSet {
  week: number;
  isLight: boolean;
  isFirst: boolean;
  isSaid: boolean;
  lo: number;
  asked: number;
  expectedReps: number;
  able: number;
  ableSd: number;
  reps: number;
  hidden: { able: number; left: number };
}

/** A line of a session: its load, and what was thought of its max against what there was. */
export interface LivedLine {
  week: number;
  isLight: boolean;
  isSaid: boolean;
  key: string;
  kg: number;
  max: number;
  sd: number;
  workingSd: number;
  truth: number;
  working: number;
}

export interface Lived {
  sets: LivedSet[];
  lines: LivedLine[];
  alarms: string[];
  standings: { week: number; standing: Standing }[];
}

export const LIGHT_WEEKS = [4, 9];
const STOOD_WEEKS = [5, 7, 9, 11];

/** Lives a trial through: every session measured, lifted and logged as the product does it. */
export function live(trial: Trial, weeks: number, { withTest = true } = {}): Lived {
  const { lifter, kit, sessions } = trial;
  const life = new Life(lifter);
  const lived: Lived = { sets: [], lines: [], alarms: [], standings: [] };
  const before = daysAfter(lifter.begins, -4);
  const bench = movementOf('barbell-press');
  const test = Math.round((life.hiddenMax(bench, {}, before) * 0.87) / 2.5) * 2.5;
  const client = withTest
    ? {
        ...trial.client,
        tests: [
          {
            movement: 'barbell-press',
            rig: {},
            date: before,
            loadKg: test,
            reps: life.tested(bench, test, before),
            reserve: 0,
            kind: 'test' as const,
          },
        ],
      }
    : trial.client;
  let logged: Logged[] = [];
  for (let week = 0; week < weeks; week += 1)
    for (const [turn, day] of [0, 3].entries()) {
      const date = daysAfter(lifter.begins, 7 * week + day);
      const isLight = LIGHT_WEEKS.includes(week);
      const base: Context = {
        client,
        kit,
        logged,
        todayIso: date,
        ...(isLight ? { isLight: true as const } : {}),
      };
      const plan = sessions[turn % sessions.length]!;
      const measured = measure(isLight ? lightOf(measure(plan, base)) : plan, base);
      const lifted = life.lift(measured, date);
      keep(lived, { measured, lifted, life, date, week, isLight });
      const id = `s${week}-${turn}`;
      logged = [
        ...logged,
        ...lifted.flatMap((l) => {
          const m = measured.lines.find((x) => x.id === l.lineId)!;
          const said = {
            ...nothingSaid,
            technique: l.technique,
            ended: l.failed ? ('too heavy' as const) : null,
          };
          const set = performed(
            m,
            l.setIndex,
            { loadKg: l.loadKg, reps: l.reps, reserve: l.reserve, heldS: null },
            said,
          );
          return (
            evidenceOf({
              ...set,
              id: `${id}-${l.lineId}-${l.setIndex}`,
              clientId: 'c',
              sessionId: id,
              doneOn: date,
            }) ?? []
          );
        }),
      ];
      const now: Context = { client, kit, logged, todayIso: date };
      if (recoveryAlarm(now) === date) lived.alarms.push(date);
      if (turn === 1 && STOOD_WEEKS.includes(week))
        for (const { standing } of progress({ ...now, todayIso: daysAfter(date, 1) }))
          lived.standings.push({ week: week + 1, standing });
    }
  return lived;
}

interface Done {
  measured: Measured;
  lifted: ReturnType<Life['lift']>;
  life: Life;
  date: string;
  week: number;
  isLight: boolean;
}

function keep(lived: Lived, { measured, lifted, life, date, week, isLight }: Done): void {
  for (const m of measured.lines) {
    const [first] = m.sets;
    const of = clientLift(m.movement, m.rig, measured.context);
    if (!first || first.kg === null || first.able === null || !of) continue;
    const { target } = first;
    const isSaid = isOff({ left: first.expectedReserve! }, target.reserve);
    const { log, sd, workingSd } = maxBelief(of.belief, of.index);
    const reps = target.reps.lo + m.line.reserve.first;
    lived.lines.push({
      week,
      isLight,
      isSaid,
      key: `${m.entryId} ${target.reps.lo}-${target.reps.hi}`,
      kg: lifted.find((l) => l.lineId === m.id && l.setIndex === 0)?.loadKg ?? first.kg,
      max: log + of.offset,
      sd,
      workingSd,
      truth: Math.log(life.hiddenMax(m.movement, m.rig, date)),
      working: Math.log(life.workingMax(m.movement, m.rig, date, reps, usualCurve.overAt)),
    });
    for (const l of lifted.filter((x) => x.lineId === m.id)) {
      const set = m.sets[l.setIndex]!;
      lived.sets.push({
        week,
        isLight,
        isFirst: l.setIndex === 0,
        isSaid,
        lo: set.target.reps.lo,
        asked: set.target.reserve,
        expectedReps: l.offered.reps ?? set.expectedReps!,
        able: l.offered.able ?? set.able!,
        ableSd: l.offered.ableSd ?? 1,
        reps: l.reps,
        hidden: l.hidden,
      });
    }
  }
}

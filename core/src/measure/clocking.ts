import { clockTable, type Distances, layTimeline, type LineClock, type Timeline } from '../clock';
import { metresApart, plateMoves, type PlateStack } from '../kit';
import type { Movement, Rig } from '../movements';
import { rangeTime, repSeconds, type Session, type SetTarget, setTargets } from '../session';
import type { Context } from './context';
import type { MeasuredLine } from './model';

type Timed = Pick<MeasuredLine, 'line' | 'movement' | 'rig'>;

const usesBench = (rig: Rig): boolean => rig.benchDeg !== undefined && rig.stance !== 'floor';

/** Time of one repetition, both sides. */
const secondsARep = ({ line, movement, rig }: Timed): number =>
  repSeconds(line.tempo) * rangeTime(rig) * (movement.oneSided ? 2 : 1);

const boutSeconds = (t: SetTarget, reps: number | null, m: Timed): number =>
  settling(m.movement, t) +
  (t.holdS !== undefined
    ? t.holdS * (m.movement.oneSided ? 2 : 1)
    : (reps ?? (t.reps.lo + t.reps.hi) / 2) * secondsARep(m));

/** What belongs to a set beside its repetitions: getting under a bar and racking it, and the change of sides. */
const settling = ({ implement, oneSided }: Movement, { stage }: Pick<SetTarget, 'stage'>): number =>
  ((implement === 'barbell' || implement === 'guided bar') && stage === 0 ? clockTable.underBar : 0) +
  (oneSided ? clockTable.otherSide : 0);

/**
 * Time under load of every bout; bouts that are open last as long as is expected of them, and one of which
 * nothing comes as long as the try, so that no bout is missing on the clock.
 */
const setSeconds = (m: Timed & Pick<MeasuredLine, 'sets'>): number[] =>
  setTargets(m.line).map((t, i) => {
    const expected = t.open || t.toFailure ? m.sets[i]?.expectedReps : null;
    return boutSeconds(t, expected == null ? null : Math.max(1, expected), m);
  });

const handling = (movement: Movement): number => {
  if (movement.implement === 'dumbbells' || movement.implement === 'dumbbell') return clockTable.dumbbells;
  if (movement.implement === 'cable' || movement.implement === 'machine') return clockTable.stack;
  return 0;
};

const nextStage = ({ implement }: Movement): number =>
  implement === 'dumbbells' || implement === 'dumbbell' ? clockTable.nextBells : clockTable.nextStage;

const onBar = (movement: Movement): boolean =>
  ['barbell', 'curl bar', 'guided bar', 'landmine'].includes(movement.implement);

/** `bars`: what hangs on the bar of each station as the session goes by. */
function clockOf(m: MeasuredLine, bars: Map<string, PlateStack>): LineClock {
  const { movement, line } = m;
  const steps: (PlateStack | undefined)[] = [
    ...m.ramps.map((r) => r.perSide),
    ...m.sets.map((s) => s.perSide),
  ];
  const changes = steps.map(() => 0);
  let loadingS = handling(movement);
  if (onBar(movement)) {
    const ends = movement.implement === 'landmine' ? 1 : 2;
    let held = bars.get(movement.station) ?? [];
    steps.forEach((stack, i) => {
      const wanted = stack ?? held;
      changes[i] = plateMoves(held, wanted, ends) * clockTable.plateMoved;
      held = wanted;
    });
    bars.set(movement.station, held);
    loadingS = changes[0] ?? 0;
  } else {
    m.sets.forEach((s, i) => {
      if (i === 0 || s.kg === m.sets[i - 1]!.kg) return;
      changes[m.ramps.length + i] = s.target.stage > 0 ? nextStage(movement) : handling(movement);
    });
  }
  const perRep = secondsARep(m);
  const targets = setTargets(line);
  return {
    station: movement.station,
    benchDeg: usesBench(m.rig) ? m.rig.benchDeg! : null,
    loadingS,
    setS: setSeconds(m),
    setOf: targets.map((t) => t.set),
    pauseS: targets.map((t) => t.restAfterS),
    changeS: changes.slice(m.ramps.length),
    ramps: m.ramps.map((r, i) => ({
      workS: r.reps * perRep,
      restS: Math.max(clockTable.rampRest, changes[i + 1] ?? 0),
    })),
    restS: line.restS,
  };
}

/** What the clock needs of every line, with what hangs on the bars as they come in their order. */
export function clocksOf(lines: readonly MeasuredLine[]): Map<string, LineClock> {
  const bars = new Map<string, PlateStack>();
  return new Map(lines.map((m) => [m.id, clockOf(m, bars)]));
}

export const distancesIn =
  ({ kit }: Pick<Context, 'kit'>): Distances =>
  (a, b) =>
    metresApart(kit, a, b);

/** Second stage: the session laid on the clock with the loads and ramps that are known so far. */
export const layOnClock = (session: Session, lines: readonly MeasuredLine[], context: Context): Timeline =>
  layTimeline(session, clocksOf(lines), distancesIn(context));

/** Each line's time: its events, and its share of a pair. */
export function shareSeconds(lines: readonly MeasuredLine[], timeline: Timeline): void {
  const byId = new Map(lines.map((m) => [m.id, m]));
  for (const m of lines) m.seconds = 0;
  for (const e of timeline.events) {
    const m = e.kind === 'warm-up' || e.of === null ? undefined : byId.get(e.of);
    if (m) m.seconds += e.endS - e.startS;
  }
}

import {
  groupIds,
  regions,
  type Credits,
  type GroupId,
  type RegionId,
  leadVoice,
  type VoiceId,
} from '../anatomy/regions';
import { layTimeline, clockTable, type LineClock, type Timeline, type Ways } from '../clock/timeline';
import { countDose, type CountedSet, type DoseSheet } from '../dose/dose';
import { runFatigue, type Exertion, type FreshnessPoint } from '../fatigue/stores';
import { handsOf } from '../kit/fitting';
import { metresApart } from '../kit/kit';
import { plateMoves, type PlateStack } from '../kit/plates';
import { choicesOf, prescribe, type Prescription } from '../loads/prescribe';
import { rampSets, type RampSet } from '../loads/ramp';
import { creditsOf } from '../mechanics/credits';
import { movementOf } from '../movements/catalogue';
import type { Movement, Teaching } from '../movements/model';
import { rigWords, type Rig } from '../movements/rig';
import { dress, entryIn, findOwn } from '../movements/notebook';
import { fullRig, teachingOf, variantOf } from '../movements/settings';
import { bandShare, schools, type School } from '../schools/schools';
import { linesOf, type Emphasis, type Line, type Session } from '../session/document';
import { rangeTime, repSeconds } from '../session/effort';
import { setCountOf, setTargets, type SetTarget } from '../session/schemes';
import type { MaxEstimate } from '../strength/max';
import { paceOf } from '../strength/pace';
import { clientMax } from './client-max';
import type { Context } from './context';

/** A line with everything computed for it. */
export interface MeasuredLine extends Prescription {
  id: string;
  blockId: string;
  line: Line;
  movement: Movement;
  rig: Rig;
  name: string;
  /** The name of the catalogue, or of the coach's own, it goes by. */
  entryId: string;
  teaching: Teaching;
  /** The rig in words: "30°, tuck 50°". */
  detail: string;
  credits: Credits;
  voice: VoiceId;
  max: MaxEstimate;
  /** Ordinary repetitions that one of this tempo is worth; 1 unless it is slow. */
  pace: number;
  ramps: RampSet[];
  /** Time from the first step toward the line to the end of its last set, its share of a pair. */
  seconds: number;
}

export interface Measured {
  session: Session;
  context: Context;
  school: School;
  lines: MeasuredLine[];
  timeline: Timeline;
  freshness: FreshnessPoint[];
  dose: DoseSheet;
}

export const groupOfEmphasis = (emphasis: Emphasis): GroupId | null =>
  (groupIds as readonly string[]).includes(emphasis)
    ? (emphasis as GroupId)
    : regions[emphasis as RegionId].group;

const usesBench = (rig: Rig): boolean => rig.benchDeg !== undefined && rig.stance !== 'floor';

type Timed = Pick<MeasuredLine, 'line' | 'movement' | 'rig'>;

/** Time of one repetition, both sides. */
const secondsARep = ({ line, movement, rig }: Timed): number =>
  repSeconds(line.tempo) * rangeTime(rig) * (movement.oneSided ? 2 : 1);

const boutSeconds = (t: SetTarget, reps: number | null, m: Timed): number =>
  t.holdS !== undefined
    ? t.holdS * (m.movement.oneSided ? 2 : 1)
    : (reps ?? (t.reps.lo + t.reps.hi) / 2) * secondsARep(m);

/** Time under load of every bout; bouts that are open last as long as is expected of them. */
const setSeconds = (m: Timed & Pick<MeasuredLine, 'sets'>): number[] =>
  setTargets(m.line).map((t, i) => boutSeconds(t, t.open ? (m.sets[i]?.expectedReps ?? null) : null, m));

const handling = (movement: Movement): number => {
  if (movement.implement === 'dumbbells' || movement.implement === 'dumbbell') return clockTable.dumbbells;
  if (movement.implement === 'cable' || movement.implement === 'machine') return clockTable.stack;
  return 0;
};

const onBar = (movement: Movement): boolean =>
  ['barbell', 'curl bar', 'guided bar', 'landmine'].includes(movement.implement);

function clockOf(m: MeasuredLine, bars: Map<string, PlateStack>): LineClock {
  const { movement, line } = m;
  const steps: (PlateStack | undefined)[] = [
    ...m.ramps.map((r) => r.perSide),
    ...m.sets.map((s) => s.perSide),
  ];
  const changes = steps.map(() => 0);
  let loadingS = handling(movement);
  if (onBar(movement)) {
    let held = bars.get(movement.station) ?? [];
    steps.forEach((stack, i) => {
      const wanted = stack ?? held;
      changes[i] = plateMoves(held, wanted) * clockTable.plateMoved;
      held = wanted;
    });
    bars.set(movement.station, held);
    loadingS = changes[0] ?? 0;
  } else {
    m.sets.forEach((s, i) => {
      if (i === 0 || s.kg === m.sets[i - 1]!.kg) return;
      changes[m.ramps.length + i] = s.target.stage > 0 ? clockTable.nextStage : handling(movement);
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

/** A held contraction tires about like a repetition every three seconds. Own estimate. */
const HOLD_S_A_REP = 3;

const boutReps = (target: SetTarget, expected: number | null): number =>
  target.holdS !== undefined
    ? target.holdS / HOLD_S_A_REP
    : target.open && expected !== null
      ? expected
      : (target.reps.lo + target.reps.hi) / 2;

/** Credits of a bout; a mechanical drop changes the setting. */
const boutCredits = (m: MeasuredLine, target: SetTarget): Credits =>
  target.rig ? creditsOf(m.movement, { ...m.rig, ...target.rig }) : m.credits;

/** Working sets in the order they happen, as the stores and the dose want them. */
function exertions(
  timeline: Timeline,
  byId: ReadonlyMap<string, MeasuredLine>,
): (Exertion & { of: string; index: number })[] {
  return timeline.events
    .filter((e) => e.kind === 'set')
    .map((e) => {
      const m = byId.get(e.of!)!;
      const set = m.sets[e.index];
      const target = set?.target ?? setTargets(m.line)[e.index]!;
      return {
        of: e.of!,
        index: e.index,
        startS: e.startS,
        endS: e.endS,
        credits: boutCredits(m, target),
        reps: boutReps(target, set?.expectedReps ?? null) * m.pace,
        reserve: target.reserve,
      };
    });
}

type BareLine = Omit<MeasuredLine, 'blockId'>;

/** What depends on the line alone; edits leave other lines as they were, so it is seldom computed. */
const bareLines = new WeakMap<Line, { context: Context; bare: BareLine }>();

function bare(line: Line, blockId: string, context: Context): MeasuredLine {
  let known = bareLines.get(line);
  if (!known || known.context !== context)
    bareLines.set(line, (known = { context, bare: makeBare(line, context) }));
  return { ...known.bare, blockId };
}

/** The movement of a line: the coach's own where the line names one that the notebook has. */
export function lineMovement(line: Pick<Line, 'movement' | 'own'>, context: Context): Movement {
  const own = findOwn(context.notebook, line.own);
  return own?.movement === line.movement ? dress(own) : movementOf(line.movement);
}

function lineCredits(line: Line, movement: Movement, rig: Rig): Credits {
  const credits = creditsOf(movement, rig);
  if (!line.pins) return credits;
  const pinned = Object.entries({ ...credits, ...line.pins }).filter(([, credit]) => credit > 0);
  return Object.fromEntries(pinned) as Credits;
}

function makeBare(line: Line, context: Context): BareLine {
  const movement = lineMovement(line, context);
  const rig = fullRig(movement, line.rig);
  const credits = lineCredits(line, movement, rig);
  const variant = variantOf(movement, rig);
  return {
    id: line.id,
    line,
    movement,
    rig,
    name: variant.name,
    entryId: variant.id,
    teaching: teachingOf(movement, rig),
    detail: rigWords(rig, movement.knobs),
    credits,
    voice: leadVoice(credits),
    max: clientMax(movement, rig, context, line.hung),
    sets: [],
    pace: paceOf(repSeconds(line.tempo)),
    calibrate: false,
    missing: null,
    ramps: [],
    seconds: 0,
  };
}

function addRamps(lines: MeasuredLine[], context: Context, style: Session['ramp']): void {
  let heavyDone = false;
  const warmed = new Set<string>();
  for (const m of lines) {
    const isFirst = !heavyDone;
    const workKg = m.sets[0]?.kg ?? null;
    const rampable =
      m.movement.compound &&
      m.movement.load.kind === 'external' &&
      workKg !== null &&
      m.movement.family !== 'corrective';
    if (!rampable) continue;
    heavyDone = true;
    if (warmed.has(`${m.movement.id}`)) continue;
    warmed.add(m.movement.id);
    m.ramps = rampSets(
      choicesOf(context.kit, m.movement) ?? [],
      workKg,
      m.movement.implement,
      isFirst,
      style,
    );
  }
}

const clocksOf = (lines: readonly MeasuredLine[]): Map<string, LineClock> => {
  const bars = new Map<string, PlateStack>();
  return new Map(lines.map((m) => [m.id, clockOf(m, bars)]));
};

function shareSeconds(lines: MeasuredLine[], timeline: Timeline): void {
  const byId = new Map(lines.map((m) => [m.id, m]));
  for (const e of timeline.events) {
    const m = e.kind === 'warm-up' || e.of === null ? undefined : byId.get(e.of);
    if (m) m.seconds += e.endS - e.startS;
  }
}

const prescriptions = new WeakMap<
  Line,
  { context: Context; losses: readonly number[]; result: Prescription }
>();

/** Loads of a line; remembered while line, context and tiredness are the same, as when fixes are tried. */
function prescribed(m: MeasuredLine, losses: readonly number[], context: Context): Prescription {
  const known = prescriptions.get(m.line);
  if (
    known &&
    known.context === context &&
    known.losses.length === losses.length &&
    known.losses.every((l, i) => l === losses[i])
  )
    return known.result;
  const result = prescribe(
    m.line,
    m.movement,
    m.rig,
    m.max,
    losses,
    context.kit,
    context.client,
    shareOfOther(m.line, m.movement, context),
    m.pace,
  );
  prescriptions.set(m.line, { context, losses, result });
  return result;
}

/**
 * What a share of another lift's max comes to today, everything that moves, kg: of both hands together, so
 * that half of a barbell press is a quarter of it in each hand. Null where none is asked for or nothing is
 * known.
 */
function shareOfOther({ percentOf }: Line, movement: Movement, context: Context): number | null {
  const entry = percentOf && entryIn(context.notebook, percentOf.lift);
  if (!percentOf || !entry) return null;
  const max = clientMax(entry.movement, entry.rig, context);
  if (max.basis === 'calibrate') return null;
  return (max.kg * handsOf(entry.movement) * percentOf.percent) / 100 / handsOf(movement);
}

/** A change in what is lost of the max that loads follow. */
const NOTICED = 0.01;

/** Share of the max lost at the start of every bout, by line. */
function lossesIn(timeline: Timeline, byId: ReadonlyMap<string, MeasuredLine>): Map<string, number[]> {
  const worked = exertions(timeline, byId);
  const { losses } = runFatigue(worked, null);
  const lossesOf = new Map<string, number[]>();
  worked.forEach((e, i) => {
    const list = lossesOf.get(e.of) ?? [];
    list[e.index] = losses[i]!;
    lossesOf.set(e.of, list);
  });
  return lossesOf;
}

/** Lines with their loads, and the clock: what minutes and sets follow from. */
export interface LaidOut {
  lines: MeasuredLine[];
  byId: ReadonlyMap<string, MeasuredLine>;
  timeline: Timeline;
}

/**
 * Loads and clock of a session. The loads need to know how tired the client is, which needs the
 * clock; the clock needs the loads for plate changes: so the sets are laid once without loads,
 * loaded, then laid again with ramps and plates, and loaded once more where those changed how tired
 * the client is.
 */
export function layOut(session: Session, context: Context): LaidOut {
  const lines = session.blocks.flatMap((b) => b.lines.map((l) => bare(l, b.id, context)));
  const byId = new Map(lines.map((m) => [m.id, m]));
  const ways: Ways = (a, b) => metresApart(context.kit, a, b);
  const rough = layTimeline(session, clocksOf(lines), ways);
  const losses = lossesIn(rough, byId);
  for (const m of lines) Object.assign(m, prescribed(m, losses.get(m.id) ?? [], context));
  addRamps(lines, context, session.ramp);
  const timeline = layTimeline(session, clocksOf(lines), ways);
  // Ramp sets give whatever was done before them time to recover.
  const rested = lossesIn(timeline, byId);
  const changed = lines.filter((m) =>
    (rested.get(m.id) ?? []).some((loss, i) => Math.abs(loss - (losses.get(m.id)![i] ?? 0)) > NOTICED),
  );
  if (changed.length === 0) return { lines, byId, timeline };
  for (const m of changed) Object.assign(m, prescribed(m, rested.get(m.id)!, context));
  addRamps(lines, context, session.ramp);
  return { lines, byId, timeline: layTimeline(session, clocksOf(lines), ways) };
}

/** Loads, clock, fatigue and dose of a session. */
export function measure(session: Session, context: Context): Measured {
  const school = schools[session.school];
  const { lines, byId, timeline } = layOut(session, context);
  shareSeconds(lines, timeline);
  const freshness = runFatigue(exertions(timeline, byId), timeline.totalS).curve;
  const counted: CountedSet[] = lines.flatMap((m) =>
    m.sets.map((s) => ({
      credits: boutCredits(m, s.target),
      reserve: s.expectedReserve ?? s.target.reserve,
      counts: s.target.counts,
    })),
  );
  const dose = countDose(
    counted,
    school,
    groupOfEmphasis(session.emphasis),
    bandShare[context.client.trainingAge],
  );
  return { session, context, school, lines, timeline, freshness, dose };
}

export const workingSets = (session: Session): number =>
  linesOf(session).reduce((n, l) => n + setCountOf(l.scheme), 0);

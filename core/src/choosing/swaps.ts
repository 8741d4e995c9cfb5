import { type Body, type PressingRegion, pressingRegions } from '../anatomy';
import { clockTable, walkSeconds } from '../clock';
import { metresApart } from '../kit';
import { bodyOf, type Context, type LaidOut, layOut, type MeasuredLine } from '../measure';
import { creditsOf, type EffortLevel, effortValues, levelOf } from '../mechanics';
import { atHome, type Entry, type Limiter, type LimitId, rigWords } from '../movements';
import { applyEdit, becoming, type Edit, type Line, type Session, setTargets } from '../session';
import { clamp } from '../units';
import { candidatesFor } from './candidates';
import { hardnessOf, hardnessWords } from './hard';
import { kindTo } from './kindness';
import { limitsMet } from './limits';
import { soFar } from './so-far';
import { sameHardness, sameLineOfWork, sameRegions, sameReps, type Job } from './overlap';

/** One reason for or against a candidate. */
export interface Part {
  name: string;
  /** 0 against, 1 for. */
  value: number;
  weight: number;
  says: string;
}

export interface Swap {
  entry: Entry;
  /** 0 to 1: the weighted mean of the parts. Common practice in numbers; the order is what matters. */
  score: number;
  /** Limits of the client that speak against it as it is set up. */
  meets: number;
  parts: Part[];
}

export interface SwapWish {
  /** Another implement, or another angle of the bench or pulley. */
  other: 'kit' | 'angle' | null;
  /** Only what this limit has nothing against; where a setting answers it, set up so. */
  kindTo: LimitId | null;
}

/** How much each reason counts. Common practice. */
const weights = {
  regions: 0.3,
  plain: 0.06,
  line: 0.14,
  hard: 0.08,
  reps: 0.04,
  stretch: 0.1,
  target: 0.06,
  spine: 0.04,
  handling: 0.06,
  limits: 0.1,
  habit: 0.02,
  comfort: 0.12,
  felt: 0.08,
} as const;

/** Credit lists less alike than this (cosine) are another job. */
const LEAST_ALIKE = 0.65;

const endWords: Record<Limiter, string> = {
  breath: 'breath may end the set first',
  balance: 'balance may end the set first',
  grip: 'grip may end the set first',
  'lower back': 'the lower back may end the set first',
};

const repSpan = (line: Line): [number, number] => {
  const targets = setTargets(line);
  return [Math.min(...targets.map((t) => t.reps.lo)), Math.max(...targets.map((t) => t.reps.hi))];
};

export const jobOf = (m: MeasuredLine): Job => ({
  movement: m.movement,
  rig: m.rig,
  credits: m.credits,
  reps: repSpan(m.line),
});

export const jobOfEntry = (e: Entry): Job => ({
  movement: e.movement,
  rig: e.rig,
  credits: creditsOf(e.movement, e.rig),
  reps: atHome(e.movement, e.rig).homeReps,
});

/** Hung, cut or guided otherwise than the movement comes. */
const isSpecial = ({ movement, rig }: Entry): boolean =>
  (['added', 'hands', 'range'] as const).some(
    (k) => movement.knobs[k] !== undefined && rig[k] !== movement.knobs[k].byDefault,
  );

const settingUpS = (e: Entry): number => {
  const { implement } = e.movement;
  if (implement === 'cable' || implement === 'machine') return clockTable.stack;
  if (implement === 'dumbbells' || implement === 'dumbbell') return clockTable.dumbbells;
  return ['bodyweight', 'band', 'none'].includes(implement) ? 0 : 4 * clockTable.plateMoved;
};

const someone: Body = { statureM: 1.75, massKg: 80 };

function judge(e: Entry, m: MeasuredLine, context: Context): Swap {
  const here = jobOf(m);
  const there = jobOfEntry(e);
  const hard = hardnessOf(e.movement, e.rig, there.credits, someone);
  const met = limitsMet(e.movement, e.rig, context.client.limits);
  const { endedBy, spine = 0 } = e.movement;
  const done = context.logged.filter((r) => r.movement === e.movement.id).length;
  const setUp =
    settingUpS(e) +
    walkSeconds((a, b) => metresApart(context.kit, a, b), m.movement.station, e.movement.station);
  const regions = sameRegions(here.credits, there.credits);
  const line = sameLineOfWork(here, there);
  const reps = sameReps(here.reps, there.reps);
  const stretched = hard?.stretched ?? 0;
  const part = (name: string, weight: number, value: number, says: string): Part => ({
    name,
    weight,
    value: clamp(value, 0, 1),
    says,
  });
  const parts: Part[] = [
    part(
      'Same regions',
      weights.regions,
      // Below this two lists have little to do with each other.
      (regions - LEAST_ALIKE) / (1 - LEAST_ALIKE),
      `${Math.round(regions * 100)} of 100 alike`,
    ),
    part(
      'Same line of work',
      weights.line,
      line,
      line > 0.9 ? 'the same angle' : line > 0.4 ? 'a near angle' : 'another angle',
    ),
    part('Hard in the same place', weights.hard, sameHardness(here, there), hardnessWords(hard)),
    part('Reps feel at home', weights.reps, reps, `at home at ${there.reps[0]}–${there.reps[1]}`),
    part(
      'Loaded in the stretch',
      weights.stretch,
      stretched,
      `${Math.round(stretched * 100)} % of its hardest moment`,
    ),
    part(
      'The target ends the set',
      weights.target,
      endedBy ? 0.4 : 1,
      endedBy ? endWords[endedBy] : 'nothing else gives out first',
    ),
    part(
      'Spares spine and balance',
      weights.spine,
      1 - spine / 2,
      ['supported', 'the spine carries some of it', 'the spine carries all of it'][spine]!,
    ),
    part('Quick to set up', weights.handling, 1 - setUp / 90, `about ${setUp} s`),
    part(
      'Kind to this client',
      weights.limits,
      met.length === 0 ? 1 : 0,
      met.length === 0 ? 'meets none of the limits noted' : `meets ${met.join(', ')}`,
    ),
    part(
      'Nothing special to set up',
      weights.plain,
      isSpecial(e) ? 0 : 1,
      isSpecial(e) ? 'chains, blocks, pins or a path of its own' : 'as it comes',
    ),
    part(
      'Not done to death',
      weights.habit,
      1 - done / 60,
      done === 0 ? 'no set logged yet' : `${done} sets logged`,
    ),
  ];
  // What nobody said counts neither way.
  const { comfort, felt } = soFar(context.logged, e.movement.id, e.rig);
  if (comfort !== null)
    parts.push(
      part('Comfortable so far', weights.comfort, comfort / 10, `${comfort.toFixed(0)} of 10, as logged`),
    );
  if (felt !== null)
    parts.push(part('Felt in the target', weights.felt, felt / 3, `${felt.toFixed(1)} of 3, as logged`));
  const whole = parts.reduce((t, p) => t + p.weight, 0);
  return {
    entry: e,
    parts,
    meets: met.length,
    score: parts.reduce((t, p) => t + p.weight * p.value, 0) / whole,
  };
}

const sameLine = (e: Entry, m: MeasuredLine): boolean =>
  e.id === m.entryId && JSON.stringify(e.rig) === JSON.stringify(m.rig);

const otherAngle = (e: Entry, m: MeasuredLine): boolean =>
  e.movement.id === m.movement.id &&
  (e.rig.benchDeg !== m.rig.benchDeg || e.rig.pulleyStature !== m.rig.pulleyStature);

/**
 * Movements that do a line's job with other kit, at another angle, or kinder to a limit; the best first.
 * One row a movement, with the name and the notch that score best.
 */
export function sameJob(m: MeasuredLine, context: Context, wish: SwapWish, most = 8): Swap[] {
  const found = new Map<string, Swap>();
  const limits = context.client.limits.map((l) => l.limit);
  const asked = wish.kindTo && !limits.includes(wish.kindTo) ? [...limits, wish.kindTo] : limits;
  for (const candidate of candidatesFor(context.kit, context.notebook)) {
    // What a setting makes kind is offered at that setting; what none does only where nobody asked, and last.
    const kind = kindTo(candidate, asked);
    if (wish.kindTo && !kind && !kindTo(candidate, [wish.kindTo])) continue;
    const e = kind?.entry ?? (wish.kindTo ? kindTo(candidate, [wish.kindTo])!.entry : candidate);
    if (sameLine(e, m)) continue;
    if (wish.other === 'kit' && e.movement.implement === m.movement.implement) continue;
    if (wish.other === 'angle' && !otherAngle(e, m)) continue;
    if (wish.other === null && e.id === m.entryId) continue;
    if (sameRegions(m.credits, creditsOf(e.movement, e.rig)) < LEAST_ALIKE) continue;
    const swap = judge(e, m, context);
    const key = wish.other === 'angle' ? JSON.stringify(e.rig) : (e.own ?? e.movement.id);
    const known = found.get(key);
    if (!known || isBetter(swap, known)) found.set(key, swap);
  }
  return [...found.values()].sort((a, b) => (isBetter(b, a) ? 1 : -1)).slice(0, most);
}

/** Nothing a limit of the client speaks against leads a list, however alike it is. */
const isBetter = (a: Swap, b: Swap): boolean => (a.meets === b.meets ? a.score > b.score : a.meets < b.meets);

/** A change of effort smaller than this is within what the model is sure of. */
const NOTICED = 0.1;

/** What a swap would change, in numbers. */
export interface Change {
  edit: Edit;
  after: MeasuredLine;
  minutes: number;
  /** Regions that work at another level than before. A model's estimate. */
  efforts: { region: PressingRegion; from: EffortLevel; to: EffortLevel }[];
  hard: { from: string; to: string };
  settings: string;
}

/** The change a swap makes to a session: loads, minutes, who does the work and where it is hard. */
export function changeBy(
  swap: Swap,
  m: MeasuredLine,
  session: Session,
  context: Context,
  now: Pick<LaidOut, 'timeline'>,
): Change {
  const { entry } = swap;
  const edit: Edit = { do: 'line', line: m.id, patch: becoming(entry) };
  const laid = layOut(applyEdit(session, edit), context);
  const after = laid.byId.get(m.id)!;
  const body = bodyOf(context);
  const before = effortValues(m.movement, m.rig, body, m.sets[0]?.kg ?? 20);
  const then = effortValues(after.movement, after.rig, body, after.sets[0]?.kg ?? 20);
  return {
    edit,
    after,
    minutes: (laid.timeline.totalS - now.timeline.totalS) / 60,
    efforts: pressingRegions
      .flatMap((region) => {
        const from = before.get(region);
        const to = then.get(region);
        return from === undefined || to === undefined ? [] : [{ region, from, to }];
      })
      .filter(({ from, to }) => levelOf(from) !== levelOf(to) && Math.abs(from - to) > NOTICED)
      .sort((a, b) => Math.abs(b.to - b.from) - Math.abs(a.to - a.from))
      .map(({ region, from, to }) => ({ region, from: levelOf(from), to: levelOf(to) })),
    hard: {
      from: hardnessWords(hardnessOf(m.movement, m.rig, m.credits, body)),
      to: hardnessWords(hardnessOf(after.movement, after.rig, after.credits, body)),
    },
    settings: rigWords(entry.rig, entry.movement.knobs),
  };
}

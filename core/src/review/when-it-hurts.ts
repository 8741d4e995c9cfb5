import {
  doingOf,
  isKinder,
  type Kindness,
  kindnessOf,
  kindSettings,
  metBy,
  sameJob,
  sameRegions,
  turnWords,
} from '../choosing';
import { creditsOf } from '../mechanics';
import { missingFor, notchesOf } from '../kit';
import { choicesOf } from '../loads';
import { measure, type Measured, type MeasuredLine } from '../measure';
import { type Entry, type LimitId, movementOf, perHandWords, type Rig, variantOf } from '../movements';
import { applyEdit, becoming, type Edit, type Line, promisedReps, setCountOf } from '../session';
import { movedShare } from '../strength';
import { massText } from '../units';
import { mattersOf } from './review';

/** What takes load off a place that complains: the same movement set up otherwise or lighter, or another one. */
export interface KinderOffer {
  is: 'setting' | 'load' | 'movement';
  name: string;
  /** What is another way: "tuck 45°, 20 kg each". */
  says: string;
  /** Why it is kinder, in words. */
  why: string;
  edit: Edit;
}

/** It starts with so much of the load it would have, or had. Common practice. */
const LIGHTER = 0.8;
/** Something moved by the body is lighter only by so much at least. */
const LIGHTER_BODY = 0.93;
/** Repetitions and reserve that are easy on a joint. Common practice. */
const EASY = { reps: { lo: 10, hi: 12 }, reserve: 3 };
const MOST_SETTINGS = 2;
const MOST_MOVEMENTS = 3;
const LOOKED_AT = 24;

type Patch = Extract<Edit, { do: 'line' }>['patch'];

/** More repetitions with more left, where that is asked for. */
function eased(line: Line): Patch {
  const few = promisedReps(line).some((r) => r.lo < EASY.reps.lo);
  return {
    ...(few ? { scheme: { kind: 'straight', sets: setCountOf(line.scheme), reps: EASY.reps } } : {}),
    reserve: {
      first: Math.max(EASY.reserve, line.reserve.first),
      last: Math.max(EASY.reserve, line.reserve.last),
    },
  };
}

/** The heaviest load of this kit that is so much lighter; null where there is none. */
function lighterThan(m: MeasuredLine, kg: number, { context }: Measured): number | null {
  const body = movedShare(m.movement, m.rig) * context.client.massKg;
  const most = (kg + body) * LIGHTER - body;
  const loads = (choicesOf(context.kit, m.movement) ?? []).map((c) => c.kg).filter((c) => c <= most + 1e-6);
  return loads.length > 0 ? Math.max(...loads) : null;
}

/** What a joint says in a line, and what is asked of anything done instead. */
interface Complaint {
  measured: Measured;
  m: MeasuredLine;
  limit: LimitId;
  /** The limits of the client beside it. */
  others: readonly LimitId[];
  now: Kindness;
  nowKg: number | null;
  /** Stops of the session as it stands; looked for once somebody asks. */
  stops: () => ReadonlySet<string>;
}

/** Whether the table has a way of doing a line kinder, with nothing in it against this client. */
function isKinderWay(c: Complaint, patch: Patch, than: Kindness): boolean {
  const { m, limit, others } = c;
  const movement = patch.movement === undefined ? m.movement : movementOf(patch.movement);
  const rig = patch.rig ?? m.rig;
  const doing = doingOf({ ...m.line, ...patch });
  return (
    isKinder(kindnessOf(movement, rig, [limit], doing), than) &&
    kindnessOf(movement, rig, others, doing).avoids === 0
  );
}

/** Does a kinder way on a copy: null where nothing lighter is to be had or a stop comes of it. */
function tried(c: Complaint, patch: Patch): { edit: Edit; after: MeasuredLine; kg: number | null } | null {
  const { measured, m } = c;
  const { session, context } = measured;
  const at = (more: Patch): { edit: Edit; after: MeasuredLine; whole: Measured } => {
    const edit: Edit = { do: 'line', line: m.id, patch: { ...patch, ...more } };
    const whole = measure(applyEdit(session, edit), context);
    return { edit, whole, after: whole.lines.find((l) => l.id === m.id)! };
  };
  const free = at({ loadKg: null, percentOf: undefined });
  const load = lightened(measured, m, free.after, c.nowKg);
  if (load === null) return null;
  const made = load.kg === null ? free : at({ loadKg: load.kg, percentOf: undefined });
  const comes = mattersOf(made.whole).some((x) => x.severity === 'stop' && !c.stops().has(x.key));
  return comes ? null : { edit: made.edit, after: made.after, kg: load.kg };
}

/** The load it starts with; `kg` null where it is found on the day. Null where nothing lighter is to be had. */
function lightened(
  measured: Measured,
  m: MeasuredLine,
  after: MeasuredLine,
  nowKg: number | null,
): { kg: number | null } | null {
  const { kind } = after.movement.load;
  const isSame = after.movement.id === m.movement.id;
  const share = (l: MeasuredLine): number => movedShare(l.movement, l.rig);
  if (kind === 'none') return { kg: null };
  if (kind === 'bodyweight') {
    if (isSame && share(after) <= share(m) * LIGHTER_BODY && (nowKg ?? 0) === 0) return { kg: null };
    if (after.max.basis === 'calibrate') return null;
    const usual = after.sets[0]?.kg ?? 0;
    const kg = lighterThan(after, isSame ? (nowKg ?? usual) : usual, measured);
    return kg === null ? null : { kg };
  }
  const usual = after.sets[0]?.kg ?? null;
  const from = isSame && nowKg !== null ? Math.min(nowKg, usual ?? nowKg) : usual;
  if (from === null) return { kg: null };
  const kg = lighterThan(after, from, measured);
  return kg === null ? null : { kg };
}

/** Ordinary enough to be done at once by somebody who has not: held by a machine, a cable or in the hands, nothing hung or cut. */
function needsNoSkill({ movement, rig }: Entry, { context }: Measured): boolean {
  if (context.logged.some((r) => r.movement === movement.id)) return movement.barOverBody !== true;
  const plain = (['added', 'hands'] as const).every(
    (k) => movement.knobs[k] === undefined || rig[k] === undefined || rig[k] === movement.knobs[k].byDefault,
  );
  const isBar = ['barbell', 'curl bar', 'guided bar'].includes(movement.implement);
  const isNew = context.client.trainingAge === 'under 1 year';
  return (
    plain &&
    !isBar &&
    !(movement.pattern === 'press' && rig.forearm === 'supinated') &&
    movement.barOverBody !== true &&
    movement.spine !== 2 &&
    movement.endedBy !== 'balance' &&
    variantOf(movement, rig).offByDefault !== true &&
    !(isNew && movement.implement === 'landmine')
  );
}

/** Whether a bench of this gym has the notch a setting asks for. */
const hasNotch = ({ context }: Measured, deg: number | undefined, was: number | undefined): boolean =>
  deg === undefined || deg === was || notchesOf(context.kit).includes(deg);

const loadText = (after: MeasuredLine, kg: number | null, { client }: Measured['context']): string => {
  const isBody = after.movement.load.kind === 'bodyweight';
  if (isBody && (kg === null || kg === 0)) return 'the body only';
  if (kg === null) return after.movement.load.kind === 'none' ? '' : 'a light load, found first';
  return `${massText(kg, client.unit)}${perHandWords(after.movement)}`;
};

/** On the floor every press is a flat one: a steep one is another job there. */
const FLAT_DEG = 15;
const leavesAngle = (m: MeasuredLine, turned: Rig): boolean =>
  turned.stance === 'floor' && Math.abs(m.rig.benchDeg ?? 0) > FLAT_DEG;

/** Another set-up is still the same job where the same regions work. */
const LEAST_ALIKE = 0.8;

/** The same movement set up otherwise, or lighter, each by itself and then with more repetitions. */
function sameMovement(c: Complaint, why: string): KinderOffer[] {
  const { m, measured, limit, others } = c;
  const { context } = measured;
  const offers: KinderOffer[] = [];
  const turnedAlready = new Set<string>();
  const easing = eased(m.line);
  // A setting has to help by itself: not because it comes with more repetitions.
  const lightOnly = kindnessOf(m.movement, m.rig, [limit], doingOf({ ...m.line, ...easing }));
  for (const { rig, turned } of kindSettings(m.movement, m.rig, [limit, ...others], false)) {
    if (offers.length >= MOST_SETTINGS) break;
    const knobs = Object.keys(turned);
    if (knobs.some((k) => turnedAlready.has(k)) || !hasNotch(measured, rig.benchDeg, m.rig.benchDeg))
      continue;
    if (missingFor(context.kit, m.movement, rig) !== null) continue;
    if (sameRegions(m.credits, creditsOf(m.movement, rig)) < LEAST_ALIKE || leavesAngle(m, turned)) continue;
    const ways: [Patch, Kindness][] =
      knobs.length === 0
        ? [[easing, c.now]]
        : [
            [{ rig }, c.now],
            [{ rig, ...easing }, lightOnly],
          ];
    const found = ways.flatMap(([patch, than]) =>
      isKinderWay(c, patch, than) ? (tried(c, patch) ?? []) : [],
    )[0];
    if (!found) continue;
    knobs.forEach((k) => turnedAlready.add(k));
    const words = knobs.length > 0 ? turnWords(m.movement, turned) : 'the same set-up';
    offers.push({
      is: knobs.length > 0 ? 'setting' : 'load',
      name: found.after.name,
      says: [words, loadText(found.after, found.kg, context)].filter((w) => w !== '').join(', '),
      why,
      edit: found.edit,
    });
  }
  return offers;
}

/** A movement as it comes and set up otherwise, as far as a gym has it. */
function* settingsOf(entry: Entry, { measured, limit, others }: Complaint): Generator<Entry> {
  yield entry;
  for (const { rig } of kindSettings(entry.movement, entry.rig, [limit, ...others], false))
    if (rig.benchDeg === entry.rig.benchDeg && missingFor(measured.context.kit, entry.movement, rig) === null)
      yield { ...entry, rig };
}

/** Other movements of the same kind for the same job. */
function otherMovements(c: Complaint, why: string): KinderOffer[] {
  const { m, measured, limit } = c;
  const { context } = measured;
  const offers: KinderOffer[] = [];
  const candidates = sameJob(m, context, { other: null, kindTo: limit }, LOOKED_AT).filter(
    ({ entry, meets }) =>
      meets === 0 &&
      entry.movement.id !== m.movement.id &&
      entry.movement.family === m.movement.family &&
      !measured.lines.some((l) => l.movement.id === entry.movement.id),
  );
  const easing = eased(m.line);
  const prefers = ({ movement, rig }: Entry): number => kindnessOf(movement, rig, [limit]).prefers;
  // What the limit is better off with comes first, then what is most alike.
  candidates.sort((a, b) => prefers(b.entry) - prefers(a.entry));
  for (const { entry: as } of candidates) {
    if (offers.length >= MOST_MOVEMENTS) break;
    for (const entry of settingsOf(as, c)) {
      if (!needsNoSkill(entry, measured)) continue;
      const base = becoming(entry);
      const patch = [base, { ...base, ...easing }].find((p) => isKinderWay(c, p, c.now));
      const found = patch && tried(c, patch);
      if (!found) continue;
      offers.push({
        is: 'movement',
        name: found.after.name,
        says: [found.after.detail, loadText(found.after, found.kg, context)]
          .filter((w) => w !== '')
          .join(', '),
        why,
        edit: found.edit,
      });
      break;
    }
  }
  return offers;
}

/**
 * What to do instead where a place complains in a line, the least change first: the same movement set up otherwise, then
 * lighter, then another. The table of limits has each kinder than the line as it stands, set up and done as offered; it
 * brings no stop, needs no new skill and starts lighter. None where nothing is: then it is left out.
 * `nowKg`: the load in hand, null where none is known.
 */
export function whenItHurts(
  measured: Measured,
  lineId: string,
  limit: LimitId,
  nowKg: number | null,
): KinderOffer[] {
  const m = measured.lines.find((l) => l.id === lineId);
  if (!m) return [];
  const doing = doingOf(m.line);
  let stops: ReadonlySet<string> | null = null;
  const complaint: Complaint = {
    measured,
    m,
    limit,
    others: measured.context.client.limits.map((l) => l.limit).filter((l) => l !== limit),
    now: kindnessOf(m.movement, m.rig, [limit], doing),
    nowKg,
    stops: () =>
      (stops ??= new Set(mattersOf(measured).flatMap((x) => (x.severity === 'stop' ? [x.key] : [])))),
  };
  const met = metBy(m.movement, m.rig, limit, doing)[0];
  const why = met ? met.say : 'Easier on it by what is usually done, and lighter.';
  return [...sameMovement(complaint, why), ...otherMovements(complaint, why)];
}

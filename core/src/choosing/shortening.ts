import { type Context, measure, type Measured } from '../measure';
import { applyEdit, type Edit, type Session } from '../session';
import { atOneGo } from '../units';
import { cutDepths, type CutDepth, cutsOf, type Cut } from './cuts';
import { keptWorth } from './worth';

/** A step that saves less than this is none, minutes. */
const LEAST_SAVED = 0.2;
const MOST_STEPS = 60;
/** Up to so many movements the best combination of all is looked for, and so many are measured for it. */
const SMALL = 4;
const MOST_MEASURED = 500;

/** What one cut saves, and what it costs as a share of what the session was worth. */
export interface ToldCut {
  says: string;
  minutes: number;
  worth: number;
}

/** A session made to fit: one edit, and what it is made of. */
export interface Fitted {
  edit: Edit;
  cuts: ToldCut[];
  /** Minutes it takes then. */
  minutes: number;
  fits: boolean;
  /** Every combination of these cuts was weighed; otherwise the cheapest was taken step by step. */
  isExact: boolean;
}

/** A session some cuts further. */
interface State {
  measured: Measured;
  worth: number;
  cuts: readonly Cut[];
}

/** What is brought under the minutes, and by what. */
export interface Shortening {
  minutesOf: (m: Measured) => number;
  cutsOf: (m: Measured, depth: CutDepth) => readonly Cut[];
}

/** All of a session, by every cut there is. */
const whole: Shortening = { minutesOf: (m) => m.timeline.totalS / 60, cutsOf };

const begun = (session: Session, context: Context): State => {
  const measured = measure(session, context);
  return { measured, worth: keptWorth(measured), cuts: [] };
};

function further(from: State, cut: Cut): State {
  const measured = measure(applyEdit(from.measured.session, cut.edit), from.measured.context);
  return { measured, worth: keptWorth(measured), cuts: [...from.cuts, cut] };
}

/**
 * Step by step what costs least of its worth for a minute saved, deeper cuts only where the others save nothing more; as
 * short as it goes where that is not enough. A cut
 * that was dearer a step ago than the best now is not weighed again: what is cut already makes no cut cheaper.
 */
function* stepByStep(
  first: State,
  minutes: number,
  { minutesOf, cutsOf: cuts }: Shortening,
): Generator<void, State> {
  let now = first;
  let depth: CutDepth = 0;
  const prices = new Map<string, number>();
  const priceOf = (cut: Cut): number => prices.get(cut.says) ?? -Infinity;
  while (minutesOf(now.measured) > minutes && now.cuts.length < MOST_STEPS) {
    let best: { then: State; price: number } | null = null;
    const ways = [...cuts(now.measured, depth)].sort((a, b) => priceOf(a) - priceOf(b));
    for (const cut of ways) {
      if (best && priceOf(cut) >= best.price) break;
      const then = further(now, cut);
      const saved = minutesOf(now.measured) - minutesOf(then.measured);
      const price = saved >= LEAST_SAVED ? (now.worth - then.worth) / saved : Infinity;
      prices.set(cut.says, price);
      if (saved >= LEAST_SAVED && (!best || price < best.price)) best = { then, price };
      yield;
    }
    if (best) now = best.then;
    else if (depth === cutDepths.at(-1)) break;
    else {
      depth = cutDepths[depth + 1]!;
      prices.clear();
    }
  }
  return now;
}

/**
 * Of all combinations of cuts the one that keeps most and fits; null where there are too many to weigh them all. A
 * cut never makes a session worth more, so what is not worth more than the best that fits needs no further cut.
 */
function* bestOfAll(
  first: State,
  minutes: number,
  { minutesOf, cutsOf: cuts }: Shortening,
  depth: CutDepth,
): Generator<void, State | null> {
  const seen = new Set<string>();
  const open: State[] = [first];
  let best: State | null = null;
  while (open.length > 0) {
    const now = open.pop()!;
    if (best && now.worth <= best.worth) continue;
    if (minutesOf(now.measured) <= minutes) {
      best = now;
      continue;
    }
    for (const cut of cuts(now.measured, depth)) {
      const key = JSON.stringify(applyEdit(now.measured.session, cut.edit).blocks);
      if (seen.has(key)) continue;
      if (seen.size >= MOST_MEASURED) return null;
      seen.add(key);
      const then = further(now, cut);
      if (minutesOf(now.measured) - minutesOf(then.measured) > 0) open.push(then);
      yield;
    }
    open.sort((a, b) => a.worth - b.worth);
  }
  return best;
}

/** The line a cut is about; null for one of two. */
const lineOfCut = ({ edit }: Cut): string | null =>
  edit.do === 'line' || edit.do === 'remove line' ? edit.line : null;

/**
 * The cuts one after the other, each with what it saves and costs where it stands. What was cut of a movement that is
 * left out in the end is told with that, and the same cut made again with the first.
 */
function told(first: State, { cuts }: State, { minutesOf }: Shortening): ToldCut[] {
  let now = first;
  const rows: { cut: Cut; times: number; minutes: number; worth: number }[] = [];
  for (const cut of cuts) {
    const then = further(now, cut);
    let minutes = minutesOf(now.measured) - minutesOf(then.measured);
    let worth = first.worth > 0 ? (now.worth - then.worth) / first.worth : 0;
    now = then;
    const same = rows.find((r) => r.cut.says === cut.says);
    if (same) {
      same.times += 1;
      same.minutes += minutes;
      same.worth += worth;
      continue;
    }
    if (cut.edit.do === 'remove line')
      for (const r of rows.filter((row) => lineOfCut(row.cut) === lineOfCut(cut))) {
        minutes += r.minutes;
        worth += r.worth;
        rows.splice(rows.indexOf(r), 1);
      }
    rows.push({ cut, times: 1, minutes, worth });
  }
  return rows.map(({ cut, times, minutes, worth }) => ({
    says: times > 1 ? cut.says.replace(/^A set less/, `${times} sets less`) : cut.says,
    minutes,
    worth,
  }));
}

/**
 * Brings a session under so many minutes at the least cost: movements in turn, bells for a bar, shorter rests, sets,
 * at last movements. Exact for a few movements, step by step for more; as short as it goes where that is not
 * enough; null where nothing has to change. Stops after every try, so that a screen can be drawn between.
 */
export function* fitting(
  session: Session,
  context: Context,
  minutes: number,
): Generator<void, Fitted | null> {
  const fitted = yield* cutDown(session, context, minutes, whole);
  if (!fitted) return null;
  const head: Edit = { do: 'head', patch: { minutes: Math.max(10, minutes) } };
  return { ...fitted, edit: { do: 'all', edits: [fitted.edit, head] } };
}

/** The same for part of a session, or with other cuts. */
export function* cutDown(
  session: Session,
  context: Context,
  minutes: number,
  how: Shortening,
): Generator<void, Fitted | null> {
  const first = begun(session, context);
  if (how.minutesOf(first.measured) <= minutes) return null;
  let exact: State | null = null;
  if (first.measured.lines.length <= SMALL)
    for (const depth of cutDepths) exact ??= yield* bestOfAll(first, minutes, how, depth);
  const last = exact ?? (yield* stepByStep(first, minutes, how));
  if (last.cuts.length === 0) return null;
  return {
    edit: { do: 'all', edits: last.cuts.map((c) => c.edit) },
    cuts: told(first, last, how),
    minutes: how.minutesOf(last.measured),
    fits: how.minutesOf(last.measured) <= minutes,
    isExact: exact !== null,
  };
}

/** The edit alone. */
export function* shortening(
  session: Session,
  context: Context,
  minutes: number,
): Generator<void, Edit | null> {
  return (yield* fitting(session, context, minutes))?.edit ?? null;
}

/** The same at one go. */
export const shortened = (session: Session, context: Context, minutes: number): Edit | null =>
  atOneGo(shortening(session, context, minutes));

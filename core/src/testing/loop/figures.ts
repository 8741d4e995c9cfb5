import { type Lived, live } from './live';
import { type Trial, trials } from './plans';

const mean = (list: readonly number[]): number =>
  list.length === 0 ? NaN : list.reduce((a, b) => a + b, 0) / list.length;
const share = <T>(list: readonly T[], is: (x: T) => boolean): number =>
  mean(list.map((x) => (is(x) ? 1 : 0)));

/** Half the width of an 80 % band, in standard deviations. */
const EIGHTY = 1.2816;
/** A set counts as hard with so many left, as nearly as anybody can tell. */
const HARD = 4.5;

/** How loads came true over some lives. */
export interface Figures {
  firstLeft: number;
  otherLeft: number;
  lightLeft: number;
  said: number;
  expectedReps: number;
  ableInBand: number;
  counted: number;
  workingInBand: number;
  workingBias: number;
  turns: number;
  changes: number;
  below: number;
}

/** Changes of direction and of load from session to session of one lift and range, as shares of the sessions. */
function turnsIn(lives: readonly Lived[]): { turns: number; changes: number } {
  let [turns, changes, sessions] = [0, 0, 0];
  for (const { lines } of lives) {
    const byKey = new Map<string, number[]>();
    for (const l of lines) if (!l.isLight) byKey.set(l.key, [...(byKey.get(l.key) ?? []), l.kg]);
    for (const kgs of byKey.values()) {
      let way = 0;
      kgs.slice(1).forEach((kg, i) => {
        sessions += 1;
        const change = Math.sign(kg - kgs[i]!);
        if (change === 0) return;
        changes += 1;
        if (way !== 0 && change !== way) turns += 1;
        way = change;
      });
    }
  }
  return { turns: turns / sessions, changes: changes / sessions };
}

export function figuresOf(lives: readonly Lived[]): Figures {
  const sets = lives.flatMap((l) => l.sets);
  const plain = sets.filter((s) => !s.isLight && !s.isSaid);
  const more = (list: typeof sets): number => mean(list.map((s) => s.hidden.left - s.asked));
  const late = sets.filter((s) => s.week >= 2);
  const lines = lives.flatMap((l) => l.lines).filter((l) => l.week >= 3 && !l.isSaid);
  const work = sets.filter((s) => !s.isLight);
  return {
    firstLeft: more(plain.filter((s) => s.isFirst)),
    otherLeft: more(plain.filter((s) => !s.isFirst)),
    lightLeft: more(sets.filter((s) => s.isLight && !s.isSaid)),
    said: share(
      work.filter((s) => s.isFirst),
      (s) => s.isSaid,
    ),
    expectedReps: mean(late.map((s) => Math.abs(s.expectedReps - s.reps))),
    ableInBand: share(late, (s) => Math.abs(s.able - s.hidden.able) < EIGHTY * s.ableSd),
    counted: share(work, (s) => s.hidden.left <= HARD && s.reps > 0),
    workingInBand: share(lines, (l) => Math.abs(l.max - l.working) < EIGHTY * l.workingSd),
    workingBias: mean(lines.map((l) => l.max - l.working)),
    ...turnsIn(lives),
    below: share(sets, (s) => s.reps < s.lo),
  };
}

export const livesOf = (list: readonly Trial[], weeks: number, withTest = true): Lived[] =>
  list.map((trial) => live(trial, weeks, { withTest }));

/** What is said of lifts that gain so much a week, by week; and how often recovery is asked after. */
export function standingsOf(
  many: number,
  gain: number,
): { week: number; rising: number; holding: number; falling: number }[] & { alarms?: number } {
  const lives = livesOf(trials(many, { gain }), 12);
  const rows = [6, 8, 10, 12].map((week) => {
    const list = lives.flatMap((l) => l.standings.filter((s) => s.week === week));
    const of = (is: string): number => share(list, (s) => s.standing === is);
    return { week, rising: of('rising'), holding: of('holding'), falling: of('falling') };
  });
  return Object.assign(rows, { alarms: mean(lives.map((l) => l.alarms.length)) });
}

/** How soon a fall of so much a session is seen, from the seventh week on. */
export function caughtOf(many: number, each: number): { within4: number; within6: number; before: number } {
  const begins = trials(1)[0]!.lifter.begins;
  const at = (day: number): string => {
    const date = new Date(`${begins}T00:00:00Z`);
    date.setUTCDate(date.getUTCDate() + day);
    return date.toISOString().slice(0, 10);
  };
  const [from, to] = [at(42), at(63)];
  const lives = livesOf(trials(many, { gain: 0.002, falls: { from, to, each } }), 10);
  const sessions = [42, 45, 49, 52, 56, 59].map(at);
  const caught = (n: number): number =>
    share(lives, (l) => l.alarms.some((a) => sessions.slice(0, n).includes(a)));
  return {
    within4: caught(4),
    within6: caught(6),
    before: mean(lives.map((l) => l.alarms.filter((a) => a < from).length)),
  };
}

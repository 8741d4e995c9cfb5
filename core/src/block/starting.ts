import type { Aim, Client } from '../session';
import { blockVersion, type TrainingBlock, type WeekRule } from './document';
import { readShortDay } from './short-day';
import type { Split } from './splits';

/** What the weeks of a phase ask, from its length. Common practice: sets rise, reserve falls, then a lighter week. */
export interface Shape {
  /** Sets a week adds at most, over a phase. */
  most: number;
  /** Reserve the first weeks add, and the last ones take. */
  first: number;
  last: number;
  /** A lighter week after so many. */
  lightAfter: number;
}

/** By what a phase is for. Sets rise most for size; strength and the weeks before a meet change reserve instead. */
export const shapes: Record<Aim, Shape> = {
  size: { most: 2, first: 1, last: -1, lightAfter: 5 },
  both: { most: 1, first: 1, last: -1, lightAfter: 5 },
  strength: { most: 0, first: 1, last: -1, lightAfter: 4 },
  endurance: { most: 2, first: 1, last: 0, lightAfter: 6 },
  slow: { most: 1, first: 1, last: 0, lightAfter: 6 },
  peaking: { most: -2, first: 0, last: 0, lightAfter: 4 },
};

export const ordinaryWeek: WeekRule = { sets: 0, reserve: 0, light: false };

/**
 * The weeks of a phase: runs of `lightAfter` that rise, each followed by a lighter week. A phase of up to three weeks
 * has none. `weeksFor('size', 6)` adds 0, 1, 1, 2, 2 sets, takes reserve from one more to one fewer, and rests in the sixth.
 */
export function weeksFor(aim: Aim, weeks: number): WeekRule[] {
  const { most, first, last, lightAfter } = shapes[aim];
  const cycle = lightAfter + 1;
  const runs = weeks < 4 ? 1 : Math.max(1, Math.round(weeks / cycle));
  const rules: WeekRule[] = [];
  for (let run = 0; run < runs; run += 1) {
    const length = Math.floor(((run + 1) * weeks) / runs) - Math.floor((run * weeks) / runs);
    const hard = weeks < 4 ? length : length - 1;
    for (let i = 0; i < hard; i += 1) {
      const share = hard === 1 ? 0 : i / (hard - 1);
      const sets = Math.round(most * share);
      const reserve = Math.round(first + (last - first) * share);
      // A minus zero is none.
      rules.push({ sets: sets || 0, reserve: reserve || 0, light: false });
    }
    if (hard < length) rules.push({ sets: 0, reserve: 0, light: true });
  }
  return rules;
}

/** What a new block needs beside its client. */
export interface BlockWish {
  title: string;
  split: Split;
  /** Sessions for the days of the split that are no short ones, by id of the day. Left out: written in short form, empty. */
  sessions: Readonly<Record<string, string>>;
  weeks: number;
  startsOn: string;
  school: string;
}

/** A training day of a session, or of work in short form where there is none. */
export const dayOf = (
  id: string,
  name: string,
  session: string | undefined,
  short = '',
): TrainingBlock['days'][number] => ({
  id,
  name,
  does: session === undefined ? { is: 'short', work: readShortDay(short).work } : { is: 'session', session },
});

/** What a week asks of somebody in the first year: one set more at most, and never less in reserve. */
export const gently = (rule: WeekRule): WeekRule => ({
  ...rule,
  sets: Math.min(1, rule.sets),
  reserve: Math.max(0, rule.reserve),
});

/** A block in which nothing has come between and nothing is done. */
export const emptyBlock = (
  head: Pick<
    TrainingBlock,
    'title' | 'clientId' | 'school' | 'startsOn' | 'phases' | 'days' | 'pattern' | 'weeks'
  > &
    Partial<TrainingBlock>,
): TrainingBlock => ({
  format: 'drimbo.block',
  version: blockVersion,
  patternFrom: 0,
  ladders: [],
  rotateEvery: null,
  rotations: [],
  life: [],
  moved: [],
  made: [],
  dismissed: [],
  note: '',
  ...head,
});

/** A block begun for a client: the split with its sessions, weeks by what the client trains for. */
export function startBlock(
  clientId: string,
  client: Pick<Client, 'aim' | 'goal' | 'trainingAge'>,
  wish: BlockWish,
): TrainingBlock {
  const rises = client.trainingAge !== 'under 1 year';
  const rules = weeksFor(client.aim, wish.weeks);
  return emptyBlock({
    title: wish.title,
    clientId,
    school: wish.school,
    startsOn: wish.startsOn,
    phases: [{ aim: client.aim, goal: client.goal, weeks: wish.weeks, reps: 'as written' }],
    days: wish.split.days.map(({ id, name, short }) => dayOf(id, name, wish.sessions[id], short)),
    pattern: wish.split.pattern.map((entry) => [...entry]),
    // Somebody in the first year gets better at the lifts first: the reserve stays, sets rise by one at most.
    weeks: rises ? rules : rules.map(gently),
    rotateEvery: rises ? 4 : null,
  });
}

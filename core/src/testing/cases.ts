import fc from 'fast-check';
import { rulePages } from '../review/pages';
import { sampleContext, soundPush } from '../examples';
import { type Context, measure, type Measured } from '../measure';
import { evidenceOf, nothingSaid, performed, type PerformedSet } from '../log';
import type { Session } from '../session';
import { daysAfter, evenly } from '../units';
import { anyContext, anySession } from './any';
import { expectPinnedMany, isLookedAt } from './pinned';

/** A session for somebody in some gym, by a name. */
export interface Case {
  name: string;
  session: Session;
  context: Context;
}

const SEED = 11;

/** Anything at all, for anybody: the same ones always. */
export const randomCases = (many: number): Case[] => {
  const contexts = fc.sample(anyContext, { seed: SEED, numRuns: many });
  return fc
    .sample(anySession, { seed: SEED, numRuns: many })
    .map((session, i) => ({ name: `random ${i}`, session, context: contexts[i]! }));
};

/** The example sessions of every rule, the one it speaks of and the one it does not. */
export const ruleCases: readonly Case[] = Object.entries(rulePages).flatMap(([rule, { fires, quiet }]) => [
  { name: `${rule} fires`, ...fires },
  { name: `${rule} is quiet`, ...quiet },
]);

export const soundCase: Case = { name: 'sound', session: soundPush, context: sampleContext };

/** What was logged of a session over some days, a week apart: sets that went as planned, and others that did not. */
export function loggedDays({ session, context }: Case, days: number): PerformedSet[] {
  const measured = measure(session, context);
  const chance = evenly(SEED);
  return Array.from({ length: days }, (_, day) => daysAfter(context.todayIso, -7 * (days - day))).flatMap(
    (doneOn, day) =>
      measured.lines.flatMap((m) =>
        m.sets.flatMap((set, setIndex): PerformedSet[] => {
          if (set.kg === null && set.target.holdS === undefined) return [];
          const reps = Math.max(0, Math.round((set.expectedReps ?? set.target.reps.lo) + 4 * chance() - 2));
          const heldS = set.target.holdS === undefined ? null : set.target.holdS;
          const loadKg = (set.kg ?? 0) + 2.5 * day;
          const said = {
            ...nothingSaid,
            felt: Math.floor(3.9 * chance()),
            comfort: Math.floor(10 * chance()),
          };
          const figures = {
            loadKg,
            reps: heldS === null ? reps : 0,
            reserve: Math.round(3 * chance()),
            heldS,
          };
          const id = `d${day}-${m.id}-${setIndex}`.toLowerCase();
          const whose = { id, clientId: session.clientId, sessionId: `s${day}`, doneOn };
          return [{ ...performed(m, setIndex, figures, said), ...whose }];
        }),
      ),
  );
}

/** The same case once its days were logged. */
export const afterLogging = (one: Case, sets: readonly PerformedSet[]): Case => ({
  ...one,
  context: { ...one.context, logged: sets.flatMap((set) => evidenceOf(set) ?? []) },
});

const known = new Map<Case, Measured>();

/** A case measured, once. */
export function measuredOf(one: Case): Measured {
  const found = known.get(one) ?? measure(one.session, one.context);
  known.set(one, found);
  return found;
}

/** Holds the answers of many cases, as digests in the room's file "many". */
export const pinMany = (
  room: string,
  cases: readonly Case[],
  answer: (one: Case, measured: Measured) => unknown,
): void =>
  expectPinnedMany(
    [room, 'many'],
    cases,
    ({ name }) => name,
    (one) => answer(one, measuredOf(one)),
  );

/** Answers by the names of their cases, those that are looked at. */
export const byName = (
  cases: readonly Case[],
  answer: (one: Case, measured: Measured) => unknown,
): Record<string, unknown> =>
  Object.fromEntries(
    cases.filter((_, i) => isLookedAt(i)).map((one) => [one.name, answer(one, measuredOf(one))]),
  );

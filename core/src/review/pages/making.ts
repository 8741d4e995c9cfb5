import type { Context } from '../../measure';
import { line, sampleClient, sampleContext, sampleKit, session } from '../../examples';
import type { Kit } from '../../kit';
import type { Client, LimitId, Line, Session } from '../../session';
import type { Example } from './model';

/** Makers of the examples: small sessions for the invented client in the invented hall. */
export const straight = (sets: number, lo: number, hi = lo): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets, reps: { lo, hi } },
});
export const leaving = (first: number, last = first): Pick<Line, 'reserve'> => ({ reserve: { first, last } });

export const with_ = {
  client: (patch: Partial<Client>): Context => ({ ...sampleContext, client: { ...sampleClient, ...patch } }),
  limit: (limit: LimitId): Context => with_.client({ limits: [{ limit, note: '' }] }),
  kit: (patch: Partial<Kit>): Context => ({ ...sampleContext, kit: { ...sampleKit, ...patch } }),
};
export const novice = with_.client({ trainingAge: 'under 1 year' });
export const noArms = with_.kit({ rack: { count: 1, safetyArms: false } });

export const of = (
  says: string,
  lines: Line[],
  patch: Partial<Session> = {},
  context: Context = sampleContext,
): Example => ({
  says,
  session: session(lines, patch),
  context,
});

/** The same with its lines in one round. */
export const inTurn = (
  says: string,
  lines: Line[],
  context: Context = sampleContext,
  betweenS = 10,
): Example => ({
  says,
  session: session([], {
    blocks: [{ id: 'round', kind: lines.length === 2 ? 'superset' : 'giant', betweenS, lines }],
  }),
  context,
});

export const warm = (movement: string, seconds: number | null = null): Session['warmup'] => [
  { id: 'w', movement, sets: 2, reps: seconds === null ? 12 : null, seconds, note: '' },
];
export { line };

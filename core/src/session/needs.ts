import { daysBetween } from '../units';
import type { Client } from './client';
import { healthScreen } from './health';
import type { Session } from './document';

export interface SessionBrief {
  id: string;
  title: string;
  status: Session['status'];
  date: string | null;
  movements: number;
  minutes: number;
}

export interface Need {
  loud: boolean;
  says: string;
  /** Where it is done; left out, in what the log says. */
  at?: { is: 'health' | 'tests' | 'start' } | { is: 'session'; id: string };
}

/** Sessions as a client's page lists them: planned ones first, then the newest. */
export const inOrder = (sessions: readonly SessionBrief[]): SessionBrief[] =>
  [...sessions].sort((a, b) => (b.date ?? '9').localeCompare(a.date ?? '9'));

/** What a client needs from the coach next, the most pressing first. */
export function needsOf(client: Client, sessions: readonly SessionBrief[], todayIso: string): Need[] {
  const needs: Need[] = [];
  const screen = healthScreen(client, todayIso);
  if (screen === 'ask first')
    needs.push({ loud: true, says: 'Ask first: nobody has cleared the health screen', at: { is: 'health' } });
  else if (screen !== 'current')
    needs.push({
      loud: screen !== 'over a year old',
      says: {
        'never asked': 'Health screen was never asked',
        unfinished: 'Health screen has open questions',
        'over a year old': 'Health screen is over a year old',
      }[screen],
      at: { is: 'health' },
    });
  if (client.tests.length === 0)
    needs.push({ loud: false, says: 'No tested lift: loads are found on the day', at: { is: 'tests' } });
  const draft = sessions.find((s) => s.status === 'draft');
  const ready = sessions.find((s) => s.status === 'handed over');
  if (draft)
    needs.push({
      loud: true,
      says: `Finish the draft “${draft.title}”`,
      at: { is: 'session', id: draft.id },
    });
  else if (!ready) needs.push({ loud: true, says: 'No session planned', at: { is: 'start' } });
  const done = sessions
    .filter((s) => s.status === 'finished' && s.date)
    .map((s) => daysBetween(s.date!, todayIso));
  const since = done.length > 0 ? Math.min(...done) : null;
  if (since !== null && since > 10)
    needs.push({ loud: false, says: `Last session ${since} days ago`, at: { is: 'start' } });
  return needs;
}

export const briefOf = (id: string, s: Session): SessionBrief => ({
  id,
  title: s.title,
  status: s.status,
  date: s.date,
  movements: s.blocks.reduce((n, b) => n + b.lines.length, 0),
  minutes: s.minutes,
});

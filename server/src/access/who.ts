import type { Response } from 'express';

/** Who asks: the coach, or a client by their link. */
export type Who = { is: 'coach' } | { is: 'client'; clientId: string; sessionId: string; expiresAt: string };

export const keepWho = (response: Response, who: Who | null): void => {
  (response.locals as { who?: Who | null }).who = who;
};

/** Who asks; null for somebody nobody knows, who is let through to very little. */
export const whoOf = (response: Response): Who | null =>
  (response.locals as { who?: Who | null }).who ?? null;

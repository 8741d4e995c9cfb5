import { z, type ZodType } from 'zod';
import { sessionSchema, type Session } from '../session/document';
import { newest, type DocumentKind } from './steps';

/** The schema of a kind for documents of any version ever written; what comes out is of the newest. */
export const fromAny = <T>(kind: DocumentKind, newestSchema: ZodType<T>): ZodType<T> =>
  z.preprocess((raw) => newest(kind, raw), newestSchema);

/** Sessions by themselves: whoever opens one need not know all that can be kept. */
export const anySession: ZodType<Session> = fromAny('session', sessionSchema);

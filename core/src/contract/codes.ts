/** Why the server does not do what it was asked: every reason there is. */
export const problemCodes = [
  'another-plan',
  'busy',
  'charset',
  'damaged',
  'deleted',
  'disk-full',
  'draft',
  'file-gone',
  'finished',
  'host',
  'in-use',
  'internal',
  'invalid',
  'no-backup',
  'no-export',
  'not-found',
  'not-yours',
  'only-one',
  'origin',
  'other-request',
  'passcode',
  'read-only',
  'sign-in',
  'stale',
  'taken',
  'too-deep',
  'too-large',
  'too-long',
  'too-often',
  'unreachable-file',
  'unreadable',
  'unreadable-document',
  'working',
] as const;

export type ProblemCode = (typeof problemCodes)[number];

/** What the server answers with where it does not do what it was asked. */
export interface Refused {
  error: {
    code: ProblemCode;
    message: string;
    /** Where in what was sent, "document.minutes"; empty where it is not about one place. */
    path: string;
  };
  /** For a conflict: what the server holds now. */
  current?: unknown;
}

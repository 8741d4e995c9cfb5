import { createHash, randomBytes } from 'node:crypto';

/** 256 bits that nobody guesses, as they stand in an address or a cookie. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** What is kept of a token: somebody who reads the database cannot use it. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('base64url');

import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { existsSync, readFileSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { z } from 'zod';

const derive = promisify<string, Buffer, number, ScryptOptions, Buffer>(scrypt);

/** Cost of one guess: 2^15 rounds of 8 blocks, 32 MB, as OWASP's password storage notes (2023) have for scrypt at p = 3. */
const COST = { N: 2 ** 15, r: 8, p: 3, maxmem: 64 * 1024 * 1024 };
const LENGTH = 32;

export const LEAST_LENGTH = 8;

const kept = z
  .object({ salt: z.base64(), hash: z.base64(), N: z.number(), r: z.number(), p: z.number() })
  .strict();

const fileIn = (folder: string): string => join(folder, 'passcode.json');

const hashed = (passcode: string, salt: Buffer, cost: ScryptOptions): Promise<Buffer> =>
  derive(passcode.normalize('NFKC'), salt, LENGTH, { ...COST, ...cost });

/** Whether a passcode was set in this data folder. */
export const hasPasscode = (folder: string): boolean => existsSync(fileIn(folder));

/** Keeps what a passcode can be known by, not the passcode. Throws an Error that says what is wrong with it. */
export async function setPasscode(folder: string, passcode: string): Promise<void> {
  if (passcode.length < LEAST_LENGTH)
    throw new Error(`A passcode has at least ${LEAST_LENGTH} characters; nothing was changed.`);
  if (passcode.length > 200) throw new Error('A passcode has at most 200 characters; nothing was changed.');
  const salt = randomBytes(16);
  const { N, r, p } = COST;
  const hash = await hashed(passcode, salt, { N, r, p });
  const text = JSON.stringify({ salt: salt.toString('base64'), hash: hash.toString('base64'), N, r, p });
  const file = fileIn(folder);
  writeFileSync(`${file}.new`, text, { mode: 0o600 });
  renameSync(`${file}.new`, file);
}

/** Whether this is the passcode of the folder; false where none is set. Takes as long for a wrong one. */
export async function isPasscode(folder: string, passcode: string): Promise<boolean> {
  if (!hasPasscode(folder)) return false;
  const { salt, hash, ...cost } = kept.parse(JSON.parse(readFileSync(fileIn(folder), 'utf8')));
  return timingSafeEqual(
    await hashed(passcode, Buffer.from(salt, 'base64'), cost),
    Buffer.from(hash, 'base64'),
  );
}

import { hashOf, newToken } from './tokens';

/** A coach is asked again after half a day. */
export const SIGNED_IN_MS = 12 * 3_600_000;
/** No more devices than this at a time; the longest signed in goes first. */
const MOST = 40;

/** Who signed in with the passcode, by what is kept of their tokens. They end with the server. */
export class SignIns {
  private readonly until = new Map<string, number>();

  constructor(private readonly now: () => number = Date.now) {}

  /** A token for somebody who gave the passcode. */
  add(): string {
    const token = newToken();
    this.until.set(hashOf(token), this.now() + SIGNED_IN_MS);
    for (const hash of this.until.keys()) if (this.until.size > MOST) this.until.delete(hash);
    return token;
  }

  has(token: string): boolean {
    const hash = hashOf(token);
    const until = this.until.get(hash);
    if (until === undefined) return false;
    if (until > this.now()) return true;
    this.until.delete(hash);
    return false;
  }

  remove(token: string): void {
    this.until.delete(hashOf(token));
  }

  /** Everybody signs in anew. */
  clear(): void {
    this.until.clear();
  }
}

import type { Stored } from '@drimbo/core/contract';
import { ApiError, isRefused } from '../data/api';
import type { Draft, Drafts } from './drafts';

export type SaveState<T> =
  | { is: 'saved' }
  | { is: 'saving' }
  | { is: 'waiting'; why: string }
  | { is: 'refused'; why: string }
  /** `base` is what both versions began with, where that is known. */
  | { is: 'conflict'; theirs: Stored<T>; base: T | null };

interface Options<T> {
  revision: number;
  /** What the server has at that revision. */
  base: T;
  drafts: Drafts<T>;
  /** True when two documents say the same. */
  same: (a: T, b: T) => boolean;
  /** Both versions in one where they changed different parts; null where the coach has to choose. */
  merge: (base: T | null, mine: T, theirs: T) => T | null;
  /** Hears of a document that became another: both versions in one, or what another way of writing made of it. */
  became: (document: T, says?: string) => void;
  put: (revision: number, document: T) => Promise<Stored<T>>;
  tell: (state: SaveState<T>) => void;
  now?: () => number;
  pauseMs?: number;
  retryMs?: number;
}

/**
 * Writes a document to the server as it changes: one write at a time, the latest document wins.
 * Every change is kept on the device first and dropped from there when the server has it. No answer
 * is tried again; a conflict waits for the coach and writes nothing until then.
 */
export class Saver<T> {
  private revision: number;
  private base: T | null;
  private pending: T | null = null;
  /** What may be with the server though its answer never came, of this page and the one before it. */
  private sent: T[] = [];
  private busy = false;
  private writing: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private conflict: Stored<T> | null = null;
  private stopped = false;

  constructor(private readonly o: Options<T>) {
    this.revision = o.revision;
    this.base = o.base;
  }

  change(document: T): void {
    this.pending = document;
    this.keep(document);
    if (this.conflict) return;
    this.o.tell({ is: 'saving' });
    this.later(this.o.pauseMs ?? 350);
  }

  /** Goes on with what the page before this one left on the revision the server had: it may have sent it still. */
  goOn(draft: T): void {
    this.sent.push(draft);
    this.change(draft);
  }

  /** Meets what was found before anything was written: a draft on an older revision. */
  startFromDraft({ document, from }: Pick<Draft<T>, 'document' | 'from'>, theirs: Stored<T>): void {
    this.pending = document;
    this.base = from ?? null;
    this.meet(theirs);
  }

  private keep(document: T): void {
    this.o.drafts.keep({
      base: this.revision,
      at: (this.o.now ?? Date.now)(),
      document,
      ...(this.base === null ? {} : { from: this.base }),
    });
  }

  private has(stored: Stored<T>): void {
    this.revision = stored.revision;
    this.base = stored.document;
    this.sent = [];
  }

  /** Ends a conflict: the document given is written over what the server holds. */
  settle(document: T): void {
    if (!this.conflict) return;
    this.has(this.conflict);
    this.conflict = null;
    this.change(document);
  }

  /** Ends a conflict by taking theirs: nothing is left to write. */
  yieldTo(): void {
    if (!this.conflict) return;
    this.has(this.conflict);
    this.conflict = null;
    this.pending = null;
    this.o.drafts.drop();
    this.o.tell({ is: 'saved' });
  }

  stop(): void {
    this.stopped = true;
    clearTimeout(this.timer);
    if (this.pending && !this.conflict && !this.busy) void this.write();
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    if (!this.stopped) this.timer = setTimeout(() => void this.write(), ms);
  }

  private meet(theirs: Stored<T>): void {
    const mine = this.pending;
    if (mine && this.o.same(mine, theirs.document)) {
      this.has(theirs);
      this.pending = null;
      this.o.drafts.drop();
      this.o.tell({ is: 'saved' });
      return;
    }
    // One of our own: what was changed since goes on top of it.
    const isOwn = this.sent.some((document) => this.o.same(document, theirs.document));
    const both = mine && (isOwn ? mine : this.o.merge(this.base, mine, theirs.document));
    if (both) {
      this.has(theirs);
      if (!isOwn) this.o.became(both);
      this.change(both);
      return;
    }
    this.conflict = theirs;
    this.o.tell({ is: 'conflict', theirs, base: this.base });
  }

  /**
   * Lets something else of the page write this document at the server: what is unsaved goes before it, what is changed
   * meanwhile after it, and what it made is taken. `says` names it for going back. Rejects as `write` does.
   */
  async through(write: () => Promise<Stored<T>>, says: string): Promise<void> {
    await this.writing;
    clearTimeout(this.timer);
    await this.write();
    clearTimeout(this.timer);
    this.busy = true;
    try {
      this.take(await write(), says);
    } finally {
      this.busy = false;
      if (this.pending && !this.conflict) this.later(0);
    }
  }

  private take(theirs: Stored<T>, says: string): void {
    if (this.pending || this.conflict) {
      this.meet(theirs);
      return;
    }
    const before = this.base;
    this.has(theirs);
    if (before === null || !this.o.same(before, theirs.document)) this.o.became(theirs.document, says);
  }

  private write(): Promise<void> {
    if (this.busy || this.conflict || !this.pending) return Promise.resolve();
    const done = this.send(this.pending).finally(() => {
      if (this.writing === done) this.writing = null;
    });
    this.writing = done;
    return done;
  }

  private async send(document: T): Promise<void> {
    this.busy = true;
    if (this.sent.at(-1) !== document) this.sent.push(document);
    try {
      this.has(await this.o.put(this.revision, document));
      if (this.pending === document) {
        this.pending = null;
        this.o.drafts.drop();
        this.o.tell({ is: 'saved' });
      } else if (this.pending) {
        this.keep(this.pending);
        this.later(0);
      }
    } catch (error) {
      if (isRefused(error, 'stale')) this.meet(error.current as Stored<T>);
      else if (error instanceof ApiError && error.status < 500)
        this.o.tell({ is: 'refused', why: error.message });
      else {
        this.o.tell({ is: 'waiting', why: 'Kept on this device; the server does not answer. Trying again.' });
        this.later(this.o.retryMs ?? 2_000);
      }
    } finally {
      this.busy = false;
    }
  }
}

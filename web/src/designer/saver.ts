import { ApiError } from '../data/api';
import type { Stored } from '../data/queries';
import type { Drafts } from './drafts';

export type SaveState<T> =
  | { is: 'saved' }
  | { is: 'saving' }
  | { is: 'waiting'; why: string }
  | { is: 'refused'; why: string }
  | { is: 'conflict'; theirs: Stored<T> };

interface Options<T> {
  revision: number;
  drafts: Drafts<T>;
  /** True when two documents say the same. */
  same: (a: T, b: T) => boolean;
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
  private pending: T | null = null;
  private busy = false;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private conflict: Stored<T> | null = null;
  private stopped = false;

  constructor(private readonly o: Options<T>) {
    this.revision = o.revision;
  }

  change(document: T): void {
    this.pending = document;
    this.o.drafts.keep({ base: this.revision, at: (this.o.now ?? Date.now)(), document });
    if (this.conflict) return;
    this.o.tell({ is: 'saving' });
    this.later(this.o.pauseMs ?? 350);
  }

  /** Shows a conflict found before anything was written: a draft on an older revision. */
  startInConflict(mine: T, theirs: Stored<T>): void {
    this.pending = mine;
    this.meet(theirs);
  }

  /** Ends a conflict: the document given is written over what the server holds. */
  settle(document: T): void {
    if (!this.conflict) return;
    this.revision = this.conflict.revision;
    this.conflict = null;
    this.change(document);
  }

  /** Ends a conflict by taking theirs: nothing is left to write. */
  yieldTo(): void {
    if (!this.conflict) return;
    this.revision = this.conflict.revision;
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
    if (this.pending && this.o.same(this.pending, theirs.document)) {
      this.revision = theirs.revision;
      this.pending = null;
      this.o.drafts.drop();
      this.o.tell({ is: 'saved' });
      return;
    }
    this.conflict = theirs;
    this.o.tell({ is: 'conflict', theirs });
  }

  private async write(): Promise<void> {
    if (this.busy || this.conflict || !this.pending) return;
    const document = this.pending;
    this.busy = true;
    try {
      const stored = await this.o.put(this.revision, document);
      this.revision = stored.revision;
      if (this.pending === document) {
        this.pending = null;
        this.o.drafts.drop();
        this.o.tell({ is: 'saved' });
      } else {
        this.o.drafts.keep({ base: this.revision, at: (this.o.now ?? Date.now)(), document: this.pending });
        this.later(0);
      }
    } catch (error) {
      if (error instanceof ApiError && error.status === 409) this.meet(error.current as Stored<T>);
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

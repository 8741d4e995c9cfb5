import type { Underway } from '@drimbo/core/contract';
import { lockFolder } from '../database/folder-lock';
import { Problem } from '../problems/problem';
import type { Tell } from './telling';

interface Work<T> {
  /** In words that follow "Drimbo is": "importing". */
  does: string;
  /** Changes what is kept; otherwise it only reads. */
  changes: boolean;
  do: (tell: Tell) => Promise<T>;
  stop?: AbortSignal;
}

interface Waiting {
  changes: boolean;
  begin: () => void;
}

/**
 * Long work on a data folder, one at a time, here and in other processes. What reads waits for its turn; who would
 * change what is kept while another does is told to wait, with what is under way.
 */
export class WorkLine {
  private now: (Omit<Underway, 'waiting'> & { changes: boolean }) | null = null;
  private readonly line: Waiting[] = [];

  constructor(private readonly folder: string) {}

  underway(): Underway | null {
    if (!this.now) return null;
    const { does, share } = this.now;
    return { does, share, waiting: this.line.length };
  }

  /**
   * Does a work when it is its turn. Throws a 503 Problem where another that changes something is under way or waits, or
   * another process works on the folder; what `stop` says when it is stopped while it waits.
   */
  async run<T>({ does, changes, do: work, stop }: Work<T>): Promise<T> {
    if (changes) this.mayChange();
    if (this.now) await this.turn(changes, stop);
    this.now = { does, share: null, changes };
    let free: ReturnType<typeof lockFolder> = null;
    try {
      free = lockFolder(this.folder, 'working');
      if (!free)
        throw new Problem(
          503,
          'working',
          'Another program works on the data of this Drimbo. Wait until it is done and try again.',
        );
      return await work((share) => {
        if (this.now) this.now.share = share;
      });
    } finally {
      free?.();
      this.now = null;
      this.line.shift()?.begin();
    }
  }

  /** Throws a 503 Problem where something that changes what is kept is under way or waits. */
  mayChange(): void {
    if (this.now?.changes || this.line.some((w) => w.changes)) throw this.busy();
  }

  private turn(changes: boolean, stop?: AbortSignal): Promise<void> {
    return new Promise((done, refuse) => {
      const mine: Waiting = { changes, begin: done };
      this.line.push(mine);
      stop?.addEventListener('abort', () => {
        const at = this.line.indexOf(mine);
        if (at < 0) return;
        this.line.splice(at, 1);
        refuse(stop.reason as Error);
      });
    });
  }

  private busy(): Problem {
    const { does = 'busy', share = null } = this.now ?? {};
    const far = share === null ? '' : ` (${Math.floor(share * 100)} %)`;
    return new Problem(
      503,
      'working',
      `Drimbo is ${does}${far}. Wait until that is done and try again; nothing was changed.`,
      '',
      this.underway(),
    );
  }
}

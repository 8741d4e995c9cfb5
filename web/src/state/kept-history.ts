import type { Session } from '@drimbo/core/session/document';
import { startHistory, type History, type Step } from '@drimbo/core/session/history';

const STEM = 'drimbo.history.';
/** Steps kept of one session, and sessions whose steps are kept. */
const MOST_STEPS = 120;
const MOST_SESSIONS = 12;

interface Kept {
  at: number;
  past: Step[];
  future: Step[];
}

const isKept = (raw: unknown): raw is Kept => {
  const { at, past, future } = (raw ?? {}) as Partial<Kept>;
  return typeof at === 'number' && Array.isArray(past) && Array.isArray(future);
};

/**
 * What can be undone and redone in a session, kept on this device over a reload. It belongs to the session as it was
 * left: where something else was saved meanwhile the steps no longer fit and are forgotten.
 */
export class KeptHistory {
  private readonly key: string;

  constructor(
    id: string,
    private readonly storage: Storage,
    private readonly same: (a: Session, b: Session) => boolean,
    private readonly now: () => number = Date.now,
  ) {
    this.key = STEM + id;
  }

  keep({ present, past, future }: History): void {
    if (past.length + future.length === 0) return this.storage.removeItem(this.key);
    const kept = { at: this.now(), past: past.slice(-MOST_STEPS), future: future.slice(0, MOST_STEPS) };
    try {
      this.storage.setItem(this.key, JSON.stringify({ ...kept, present }));
    } catch {
      // A full device loses the steps, never the session.
      this.storage.removeItem(this.key);
    }
    this.forgetOldest();
  }

  /** The steps that lead to this session; none where it is not the one they were kept for. */
  recover(present: Session): History {
    const fresh = startHistory(present);
    try {
      const raw = JSON.parse(this.storage.getItem(this.key) ?? 'null') as unknown;
      if (!isKept(raw) || !this.same((raw as Kept & { present: Session }).present, present)) return fresh;
      return { ...fresh, past: raw.past, future: raw.future };
    } catch {
      return fresh;
    }
  }

  private forgetOldest(): void {
    const keys = Array.from({ length: this.storage.length }, (_, i) => this.storage.key(i)!).filter((k) =>
      k.startsWith(STEM),
    );
    if (keys.length <= MOST_SESSIONS) return;
    const age = (key: string): number => {
      try {
        return (JSON.parse(this.storage.getItem(key)!) as Kept).at;
      } catch {
        return 0;
      }
    };
    const [oldest] = keys.filter((k) => k !== this.key).sort((a, b) => age(a) - age(b));
    if (oldest) this.storage.removeItem(oldest);
  }
}

/** Takes the steps of some sessions off this device. */
export function forgetHistoryOf(storage: Storage, ids: readonly string[]): void {
  for (const id of ids) storage.removeItem(STEM + id);
}

import type { History, HistoryOf, HistoryStep } from '@drimbo/core/documents';

const STEM = 'drimbo.steps.';
/** Steps kept of one document, and documents whose steps are kept. */
const MOST_STEPS = 120;
const MOST_DOCUMENTS = 12;

interface Kept<C> {
  /** When it was kept, ms. */
  at: number;
  past: HistoryStep<C>[];
  future: HistoryStep<C>[];
  /** What the steps fit, as it was left. */
  left: unknown;
}

const isKept = (raw: unknown): raw is Kept<never> => {
  const { at, past, future } = (raw ?? {}) as Partial<Kept<never>>;
  return typeof at === 'number' && Array.isArray(past) && Array.isArray(future);
};

interface KeepingOptions<T, C> {
  history: HistoryOf<T, C>;
  storage: Storage;
  /** The part of what is there that the steps fit. */
  fits: (present: T, steps: readonly HistoryStep<C>[]) => unknown;
  same: (a: unknown, b: unknown) => boolean;
  now?: () => number;
}

/**
 * What can be undone and redone, kept on this device over a reload. It belongs to what is edited as it was left: where
 * something else was saved meanwhile the steps no longer fit and are forgotten.
 */
export class KeptHistory<T, C> {
  private readonly key: string;

  constructor(
    name: string,
    private readonly o: KeepingOptions<T, C>,
  ) {
    this.key = STEM + name;
  }

  keep({ present, past, future }: History<T, C>): void {
    const { storage, fits, now = Date.now } = this.o;
    if (past.length + future.length === 0) return storage.removeItem(this.key);
    const steps = { past: past.slice(-MOST_STEPS), future: future.slice(0, MOST_STEPS) };
    const left = fits(present, [...steps.past, ...steps.future]);
    try {
      storage.setItem(this.key, JSON.stringify({ at: now(), ...steps, left }));
    } catch {
      // A full device loses the steps, never the document.
      storage.removeItem(this.key);
    }
    this.forgetOldest();
  }

  /** The steps that lead to what is there; none where it is not what they were kept for. */
  recover(present: T): History<T, C> {
    const { storage, fits, same, history } = this.o;
    const fresh = history.start(present);
    try {
      const raw = JSON.parse(storage.getItem(this.key) ?? 'null') as unknown;
      if (!isKept(raw) || !same(raw.left, fits(present, [...raw.past, ...raw.future]))) return fresh;
      return { ...fresh, past: raw.past, future: raw.future };
    } catch {
      return fresh;
    }
  }

  private forgetOldest(): void {
    const { storage } = this.o;
    const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i)!).filter((k) =>
      k.startsWith(STEM),
    );
    if (keys.length <= MOST_DOCUMENTS) return;
    const age = (key: string): number => {
      try {
        return (JSON.parse(storage.getItem(key)!) as Kept<C>).at;
      } catch {
        return 0;
      }
    };
    const [oldest] = keys.filter((k) => k !== this.key).sort((a, b) => age(a) - age(b));
    if (oldest) storage.removeItem(oldest);
  }
}

/** Takes the steps of some documents off this device. */
export function forgetHistoryOf(storage: Storage, names: readonly string[]): void {
  for (const name of names) storage.removeItem(STEM + name);
}

import type { ZodType } from 'zod';
import { isTabLive } from '../data/live-tabs';

/** Unsaved work of one tab, kept on this device until the server has it. */
export interface Draft<T> {
  /** The revision the work is based on. */
  base: number;
  at: number;
  document: T;
  /** What the server had at that revision. */
  from?: T;
}

/** A live tab saves within a second or two; a draft older than this has lost its tab or its server. */
const ORPHAN_AFTER_MS = 5_000;

const stem = (name: string): string => `drimbo.draft.${name}.`;

const isWorthTrying = (raw: unknown): raw is Draft<unknown> =>
  typeof raw === 'object' && raw !== null && 'document' in raw && 'base' in raw && 'at' in raw;

function read<T>(storage: Storage, key: string, schema: ZodType<T>): Draft<T> | null {
  try {
    const raw: unknown = JSON.parse(storage.getItem(key) ?? 'null');
    if (!isWorthTrying(raw)) return null;
    const document = schema.safeParse(raw.document);
    if (!document.success) return null;
    const from = schema.safeParse(raw.from);
    return {
      base: Number(raw.base),
      at: Number(raw.at),
      document: document.data,
      ...(from.success ? { from: from.data } : {}),
    };
  } catch {
    return null;
  }
}

/** Unsaved work on one document, by its name on this device. */
export class Drafts<T> {
  private readonly key: string;

  constructor(
    private readonly name: string,
    tabId: string,
    private readonly storage: Storage,
    private readonly schema: ZodType<T>,
  ) {
    this.key = stem(name) + tabId;
  }

  keep(draft: Draft<T>): void {
    try {
      this.storage.setItem(this.key, JSON.stringify(draft));
    } catch {
      // A full device must not stop the coach; the server copy is still being written.
    }
  }

  drop(): void {
    this.storage.removeItem(this.key);
  }

  /** This tab's unsaved work, or that of a tab that is gone; null when all is saved. */
  recover(now: number): Draft<T> | null {
    const own = read(this.storage, this.key, this.schema);
    if (own) return own;
    const keys = Array.from({ length: this.storage.length }, (_, i) => this.storage.key(i)!);
    for (const key of keys.filter((k) => k.startsWith(stem(this.name)))) {
      const draft = read(this.storage, key, this.schema);
      const isOrphan = isTabLive(key.slice(stem(this.name).length)) === false;
      if (draft && (isOrphan || now - draft.at > ORPHAN_AFTER_MS)) {
        this.storage.removeItem(key);
        this.keep(draft);
        return draft;
      }
    }
    return null;
  }
}

/** An id that lives as long as this tab, reloads included. */
export function tabId(storage: Storage): string {
  const known = storage.getItem('drimbo.tab');
  if (known) return known;
  const made = Math.random().toString(36).slice(2, 10);
  storage.setItem('drimbo.tab', made);
  return made;
}

/** Takes the unsaved work on some documents off this device, whichever tab it was of. */
export function forgetDraftsOf(storage: Storage, names: readonly string[]): void {
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i)!);
  for (const key of keys) if (names.some((name) => key.startsWith(stem(name)))) storage.removeItem(key);
}

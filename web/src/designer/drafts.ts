import { documentSchemas } from '@drimbo/core/formats/opening';
import type { Session } from '@drimbo/core/session/document';

/** Unsaved work of one tab, kept on this device until the server has it. */
export interface Draft {
  base: number;
  at: number;
  document: Session;
}

/** A live tab saves within a second or two; a draft older than this has lost its tab or its server. */
const ORPHAN_AFTER_MS = 5_000;

const stem = (sessionId: string): string => `drimbo.draft.${sessionId}.`;

const isWorthTrying = (raw: unknown): raw is Draft =>
  typeof raw === 'object' && raw !== null && 'document' in raw && 'base' in raw && 'at' in raw;

function read(storage: Storage, key: string): Draft | null {
  try {
    const raw: unknown = JSON.parse(storage.getItem(key) ?? 'null');
    if (!isWorthTrying(raw)) return null;
    const document = documentSchemas.session.safeParse(raw.document);
    return document.success ? { base: Number(raw.base), at: Number(raw.at), document: document.data } : null;
  } catch {
    return null;
  }
}

export class Drafts {
  private readonly key: string;

  constructor(
    private readonly sessionId: string,
    tabId: string,
    private readonly storage: Storage,
  ) {
    this.key = stem(sessionId) + tabId;
  }

  keep(draft: Draft): void {
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
  recover(now: number): Draft | null {
    const own = read(this.storage, this.key);
    if (own) return own;
    const keys = Array.from({ length: this.storage.length }, (_, i) => this.storage.key(i)!);
    for (const key of keys.filter((k) => k.startsWith(stem(this.sessionId)))) {
      const draft = read(this.storage, key);
      if (draft && now - draft.at > ORPHAN_AFTER_MS) {
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

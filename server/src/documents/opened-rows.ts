import type { Stored } from '@drimbo/core/contract';
import type { Unreadable } from '@drimbo/core/formats';
import {
  broughtUp,
  kindOfDocument,
  openKept,
  type DocumentKind,
  type Documents as Kinds,
} from '@drimbo/core/documents';
import type { StoredRow } from '../database/tables';

/** Opens rows of one kind; what the schema has seen of a revision it is not asked again. */
export class OpenedRows<K extends DocumentKind> {
  /** Revisions the schema has seen with their lengths, by id: a torn text has another length. */
  private readonly sound = new Map<string, string>();

  constructor(private readonly kind: K) {}

  /** Whether a row was opened before as it is now, told by its revision and its length in bytes. */
  isSound({ id, revision, bytes }: { id: string; revision: number; bytes: number }): boolean {
    return this.sound.get(id) === `${revision} ${bytes}`;
  }

  /** The document of a row brought to the newest version, or why there is none. */
  open(row: StoredRow): Stored<Kinds[K]> | Unreadable {
    const unreadable = (why: string): Unreadable => ({
      kind: this.kind,
      id: row.id,
      why,
      text: row.document,
    });
    let raw: unknown;
    try {
      raw = JSON.parse(row.document);
    } catch {
      return unreadable('it is not JSON');
    }
    const stored = { id: row.id, revision: row.revision, updatedAt: row.updated_at };
    const bytes = Buffer.byteLength(row.document);
    const kind = kindOfDocument(this.kind);
    const known = this.isSound({ id: row.id, revision: row.revision, bytes }) ? broughtUp(kind, raw) : null;
    if (known && 'document' in known) return { ...stored, document: known.document as Kinds[K] };
    const opened = openKept(kind, raw);
    if ('document' in opened) {
      this.sound.set(row.id, `${row.revision} ${bytes}`);
      return { ...stored, document: opened.document };
    }
    const issue = opened.error.issues[0]!;
    return unreadable(`${issue.path.join('.') || 'the document'}: ${issue.message}`);
  }

  /** The rows were written by somebody else. */
  forget(): void {
    this.sound.clear();
  }
}

import type { Erased } from '@drimbo/core/contract';
import { randomUUID } from 'node:crypto';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Plan, Unreadable } from '@drimbo/core/formats';
import type { Kysely } from 'kysely';
import { copiesIn } from '../database/copies';
import type { Contents } from '../backup/copy';
import { takePlace } from '../backup/restore-into';
import type { StillThere } from '../database/still-there';
import type { Tables } from '../database/tables';
import type { Store } from '../store/store';
import { clean, cutJournal } from './cleaning';
import { eraseClient, forgetDeleted } from './erase';
import type { Tasks } from './tasks';
import { WorkLine } from './work-line';

interface Options {
  db: Kysely<Tables>;
  folder: string;
  tasks: Tasks;
  store: Store;
  today: () => string;
  there?: StillThere;
  /** A file up to this is written anew in its place. */
  smallBytes?: number;
}

/** How often the journal is tried again where somebody read from it, milliseconds. */
const AGAIN_MS = 30_000;

/**
 * Everything that takes longer than an answer may: copies, exports, imports, restores, erasing. One at a time, by a
 * process of its own; reads and writes of everybody else go on meanwhile.
 */
export class LongWork {
  readonly line: WorkLine;
  private again: ReturnType<typeof setInterval> | null = null;

  constructor(private readonly o: Options) {
    this.line = new WorkLine(o.folder);
  }

  get folder(): string {
    return this.o.folder;
  }

  /** A place of its own for a file on its way in or out, taken away after the work. */
  async withFile<T>(ending: string, work: (file: string) => Promise<T>): Promise<T> {
    this.o.there?.check();
    const way = join(this.folder, 'on-the-way');
    mkdirSync(way, { recursive: true, mode: 0o700 });
    const file = join(way, `${randomUUID()}${ending}`);
    try {
      return await work(file);
    } finally {
      rmSync(file, { force: true });
    }
  }

  backUp(file: string, stop?: AbortSignal): Promise<Contents & { name: string }> {
    const { folder, tasks } = this.o;
    return this.line.run({
      does: 'making a copy',
      changes: false,
      do: (tell) => tasks({ does: 'back up', folder, file }, tell, stop),
      ...(stop ? { stop } : {}),
    });
  }

  export(file: string, client: string | null, stop: AbortSignal): Promise<unknown> {
    const { folder, tasks } = this.o;
    return this.line.run({
      does: 'exporting',
      changes: false,
      do: (tell) => tasks({ does: 'export', folder, file, client }, tell, stop),
      stop,
    });
  }

  lookThrough(stop: AbortSignal): Promise<Unreadable[]> {
    const { folder, tasks } = this.o;
    return this.line.run({
      does: 'looking through everything',
      changes: false,
      do: (tell) => tasks({ does: 'look through', folder }, tell, stop),
      stop,
    });
  }

  preview(file: string, keep: boolean, stop: AbortSignal): Promise<Plan> {
    const { folder, tasks, today } = this.o;
    return this.line.run({
      does: 'looking at an import',
      changes: false,
      do: (tell) => tasks({ does: 'preview', folder, file, keep, today: today() }, tell, stop),
      stop,
    });
  }

  import(file: string, keep: boolean, expect: string | null, stop: AbortSignal): Promise<Plan> {
    const { db, folder, tasks, today, store } = this.o;
    return this.line.run({
      does: 'importing',
      changes: true,
      stop,
      do: async (tell) => {
        try {
          return await tasks<Plan>(
            { does: 'import', folder, file, keep, expect, today: today() },
            tell,
            stop,
          );
        } catch (error) {
          // Ended half way, what it wrote is in no list; it goes now and not at the next turn of the clock.
          await forgetDeleted(db);
          throw error;
        } finally {
          store.forget();
        }
      },
    });
  }

  restore(file: string): Promise<Contents & { aside: string }> {
    const { db, folder, tasks, store, there } = this.o;
    return this.line.run({
      does: 'putting a copy back',
      changes: true,
      do: async (tell) => {
        const into = join(folder, `restoring-${randomUUID()}.part`);
        try {
          const contents = await tasks<Contents>({ does: 'prepare a restore', folder, file, into }, tell);
          const put = (): Promise<string | null> => takePlace(db, folder, into);
          const aside =
            (await (there?.during(put) ?? put())) ??
            (await tasks<string>({ does: 'restore rows', folder, from: into }, tell));
          return { ...contents, aside };
        } finally {
          rmSync(into, { force: true });
          store.forget();
        }
      },
    });
  }

  /** Takes a client away for good. Throws a 404 Problem for none. */
  erase(id: string): Promise<Erased> {
    const { db, folder, store } = this.o;
    return this.line.run({
      does: 'erasing a client',
      changes: true,
      do: async () => {
        await eraseClient(db, id);
        store.forget();
        return { isClean: await this.cleaned(), copies: copiesIn(folder) };
      },
    });
  }

  /** What was deleted thirty days ago goes for good. Does nothing while something else is under way. */
  async forgetDeleted(): Promise<void> {
    if (this.line.underway()) return;
    await this.line.run({
      does: 'clearing away what was deleted long ago',
      changes: true,
      do: async () => {
        if (await forgetDeleted(this.o.db)) await this.cleaned();
      },
    });
  }

  private async cleaned(): Promise<boolean> {
    const { db, folder, tasks, there, smallBytes } = this.o;
    const isClean = await clean({
      db,
      folder,
      tasks,
      ...(there ? { there } : {}),
      ...(smallBytes === undefined ? {} : { smallBytes }),
    });
    if (!isClean) this.keepTrying();
    return isClean;
  }

  private keepTrying(): void {
    if (this.again) return;
    this.again = setInterval(() => {
      void cutJournal(this.o.db, this.folder, 0).then((isDone) => {
        if (!isDone || !this.again) return;
        clearInterval(this.again);
        this.again = null;
      });
    }, AGAIN_MS);
    this.again.unref();
  }
}

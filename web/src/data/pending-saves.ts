const pending = new Map<string, Promise<unknown>>();

/** Remembers a write that is under way, so that a reader can wait for it. */
export function noteSave<T>(id: string, write: Promise<T>): Promise<T> {
  const done = write.finally(() => {
    if (pending.get(id) === done) pending.delete(id);
  });
  pending.set(id, done);
  return done;
}

/** Resolves when no write of this document is under way, whether it went well or not. */
export const savesDone = async (id: string): Promise<void> => {
  await pending.get(id)?.catch(() => undefined);
};

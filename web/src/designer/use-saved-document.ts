import { useCallback, useEffect, useRef, useState } from 'react';
import type { ZodType } from 'zod';
import { api, ApiError } from '../data/api';
import type { Stored } from '../data/queries';

export interface SavedDocument<T> {
  document: T;
  change: (patch: Partial<T>) => void;
  says: string;
  /** The document was changed somewhere else; `keepMine` writes this version over it. */
  stale: boolean;
  keepMine: () => void;
}

/**
 * A document saved shortly after it changes. What the schema refuses is shown and not saved.
 * `kept` hears of every version the server has taken.
 */
export function useSavedDocument<T extends object>(
  path: string,
  stored: Stored<T>,
  schema: ZodType<T>,
  kept: (stored: Stored<T>) => void,
): SavedDocument<T> {
  const [document, setDocument] = useState(stored.document);
  const [says, setSays] = useState('Saved');
  const [newer, setNewer] = useState<number | null>(null);
  const revision = useRef(stored.revision);
  const pending = useRef<T | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const again = useRef<() => void>(() => undefined);
  const tell = useRef(kept);
  useEffect(() => {
    tell.current = kept;
  }, [kept]);

  const write = useCallback(async (): Promise<void> => {
    const next = pending.current;
    if (!next) return;
    const checked = schema.safeParse(next);
    if (!checked.success) {
      setSays(`Not saved: ${checked.error.issues[0]!.path.join(' ')} ${checked.error.issues[0]!.message}`);
      return;
    }
    pending.current = null;
    try {
      const answer = await api.put<Stored<T>>(path, { revision: revision.current, document: next });
      revision.current = answer.revision;
      setSays('Saved');
      tell.current(answer);
    } catch (error) {
      pending.current ??= next;
      if (error instanceof ApiError && error.status === 409) {
        setNewer((error.current as Stored<T>).revision);
        setSays('Not saved: changed somewhere else since you opened it.');
      } else if (error instanceof ApiError) setSays(`Not saved: ${error.message}`);
      else {
        setSays('Not saved yet: the server does not answer. Trying again.');
        timer.current = setTimeout(() => again.current(), 2000);
      }
    }
  }, [path, schema]);
  useEffect(() => {
    again.current = () => void write();
  }, [write]);

  const change = useCallback(
    (patch: Partial<T>) => {
      setDocument((now) => {
        const next = { ...now, ...patch };
        pending.current = next;
        return next;
      });
      setSays('Saving…');
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void write(), 400);
    },
    [write],
  );
  useEffect(
    () => () => {
      clearTimeout(timer.current);
      void write();
    },
    [write],
  );
  return {
    document,
    change,
    says,
    stale: newer !== null,
    keepMine: () => {
      if (newer === null) return;
      revision.current = newer;
      setNewer(null);
      change({});
    },
  };
}

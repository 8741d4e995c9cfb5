import type { Stored } from '@drimbo/core/contract';
import { schoolKind } from '@drimbo/core/documents';
import type { SchoolDocument } from '@drimbo/core/schools';
import { useState } from 'react';
import { sameBy } from '../../state/saving';

const same = sameBy(schoolKind);
const keyOf = (id: string): string => `drimbo school ${id}`;

/** What was written on this device and not kept yet; null where there is nothing, or nothing that can be read. */
function remembered(id: string): SchoolDocument | null {
  try {
    const text = localStorage.getItem(keyOf(id));
    return text === null ? null : (JSON.parse(text) as SchoolDocument);
  } catch {
    return null;
  }
}

/** A school as it is being changed, remembered on this device until it is kept or dropped. */
export function useKeptDraft(stored: Stored<SchoolDocument>) {
  const [changed, setChanged] = useState<SchoolDocument | null>(() => remembered(stored.id));
  const draft = changed ?? stored.document;
  const drop = (): void => {
    localStorage.removeItem(keyOf(stored.id));
    setChanged(null);
  };
  const change = (patch: Partial<SchoolDocument>): void => {
    const next = { ...draft, ...patch };
    localStorage.setItem(keyOf(stored.id), JSON.stringify(next));
    setChanged(next);
  };
  return { draft, change, drop, isChanged: changed !== null && !same(changed, stored.document) };
}

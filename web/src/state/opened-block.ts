import type { BlockFile, Stored } from '@drimbo/core/contract';
import { useMemo } from 'react';
import { useBlockFile } from '../data/blocks';
import { useKits, useSchools, type OwnSchool } from '../data/queries';
import type { Kit } from '@drimbo/core/kit';
import type { Notebook } from '@drimbo/core/movements';
import { useNotebook } from './notebook';

/** A block with everything it is judged against. */
export interface OpenedBlock {
  file: BlockFile;
  kits: Stored<Kit>[];
  notebook: Notebook;
  schools: OwnSchool[];
}

/** A block being opened: null until all of it has come, with what went wrong and the way to try again. */
export function useOpenedBlock(id: string): {
  opened: OpenedBlock | null;
  error: Error | null;
  again: () => void;
} {
  const file = useBlockFile(id);
  const kits = useKits();
  const notebook = useNotebook();
  const schools = useSchools();
  const all = [file, kits, notebook, schools];
  const opened = useMemo(
    (): OpenedBlock | null =>
      file.data && kits.data && notebook.data && schools.data
        ? { file: file.data, kits: kits.data, notebook: notebook.data.document, schools: schools.data }
        : null,
    [file.data, kits.data, notebook.data, schools.data],
  );
  return {
    opened,
    error: all.find((q) => q.error)?.error ?? null,
    again: () => all.forEach((q) => void q.refetch()),
  };
}

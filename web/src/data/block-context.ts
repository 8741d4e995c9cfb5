import type { BlockContext } from '@drimbo/core/block/model';
import type { Kit } from '@drimbo/core/kit/kit';
import type { Notebook } from '@drimbo/core/movements/notebook';
import type { School, SchoolDocument } from '@drimbo/core/schools/document';
import { api } from './api';
import type { BlockFile } from './blocks';
import { todayIso, type Stored } from './queries';

/** Documents by their ids. */
export const keyedBy = <T>(list: readonly Stored<T>[]): Record<string, T> =>
  Object.fromEntries(list.map(({ id, document }) => [id, document]));

/** The house's gyms, own movements and schools: what every block is measured against. Rejects where they cannot be fetched. */
export async function houseContext(): Promise<Pick<BlockContext, 'kits' | 'notebook' | 'schools'>> {
  const [kits, schools, [notebook]] = await Promise.all([
    api.get<Stored<Kit>[]>('/kits'),
    api.get<Stored<SchoolDocument>[]>('/schools'),
    api.get<Stored<Notebook>[]>('/notebooks'),
  ]);
  return {
    kits: keyedBy(kits),
    ...(notebook ? { notebook: notebook.document } : {}),
    schools: schools.map((s): School => ({ ...s.document, id: s.id })),
  };
}

/** Everything a block is measured against, today. */
export const contextOfFile = (
  { client, sessions, logged }: BlockFile,
  house: Pick<BlockContext, 'kits' | 'notebook' | 'schools'>,
): BlockContext => ({
  ...house,
  client: client.document,
  sessions: keyedBy(sessions),
  logged,
  todayIso: todayIso(),
});

import type { BlockContext } from '@drimbo/core/block';
import { documentWays, type BlockFile, type Stored } from '@drimbo/core/contract';
import type { School } from '@drimbo/core/schools';
import { ask } from './api';
import { todayIso } from './queries';

/** Documents by their ids. */
export const keyedBy = <T>(list: readonly Stored<T>[]): Record<string, T> =>
  Object.fromEntries(list.map(({ id, document }) => [id, document]));

/** The house's gyms, own movements and schools: what every block is measured against. Rejects where they cannot be fetched. */
export async function houseContext(): Promise<Pick<BlockContext, 'kits' | 'notebook' | 'schools'>> {
  const [kits, schools, [notebook]] = await Promise.all([
    ask(documentWays('kit').list()),
    ask(documentWays('school').list()),
    ask(documentWays('notebook').list()),
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

import type { Deleted } from '@drimbo/core/formats';
import { bringKeptBack } from '@drimbo/core/movements';
import { bringBack, othersAnew } from '../../data/house';
import { tell } from '../../parts/toast';
import { changeNotebook } from '../../state/notebook';

const says = (name: string): string =>
  `“${name}” is deleted. For thirty days there is a way back, on the page Data.`;

/** What is to be done when something was deleted: its page is left, and it is told with the way back beside it. */
export async function afterDeleting(
  what: Pick<Deleted, 'kind' | 'id' | 'name'>,
  leave?: () => void,
): Promise<void> {
  await othersAnew(what.id);
  leave?.();
  tell(says(what.name), () => {
    bringBack(what).catch((error: Error) => tell(error.message));
  });
}

/** The same for an own movement or a template of the notebook. */
export const tellKeptDeleted = (name: string, id: string): void =>
  tell(says(name), () => {
    changeNotebook(bringKeptBack(id)).catch((error: Error) => tell(error.message));
  });

import type { Deleted } from '@drimbo/core/formats/lists';
import { bringKeptBack } from '@drimbo/core/movements/notebook-changes';
import { bringBack } from '../../data/house';
import { tell } from '../../parts/toast';
import { changeNotebook } from '../../state/notebook';

const says = (name: string): string =>
  `“${name}” is deleted. For thirty days it can be brought back, on the page Data.`;

/** Tells that something is deleted, with the way back beside it. */
export const tellDeleted = (what: Pick<Deleted, 'kind' | 'id' | 'name'>): void =>
  tell(says(what.name), () => {
    bringBack(what).catch((error: Error) => tell(error.message));
  });

/** The same for an own movement or a template of the notebook. */
export const tellKeptDeleted = (name: string, id: string): void =>
  tell(says(name), () => {
    changeNotebook(bringKeptBack(id)).catch((error: Error) => tell(error.message));
  });

import type { School, SchoolDocument } from '@drimbo/core/schools';
import { createOnce } from './create';
import { queryClient } from './queries';

/** Adds a school of the coach's own; gives its id. Rejects where it cannot be kept. */
export async function addSchool(document: SchoolDocument): Promise<string> {
  const what = `school ${document.name}`;
  const { id } = await createOnce(what, 'school', document);
  await queryClient.invalidateQueries({ queryKey: ['schools'] });
  return id;
}

/** A copy of a school to change, under a name of its own. */
export const copySchool = ({ id: _id, ...document }: School): Promise<string> =>
  addSchool({ ...document, name: `${document.name.slice(0, 55)}, own` });

import { schoolKind } from '@drimbo/core/documents';
import type { SchoolDocument } from '@drimbo/core/schools';

/** A school from the text of a file. Throws an Error that says in one sentence what is wrong with it. */
export function readSchool(text: string): SchoolDocument {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw new Error('This file is not JSON. Choose a school that was saved from Drimbo.');
  }
  const checked = schoolKind.any.safeParse(data);
  if (checked.success) return checked.data;
  const issue = checked.error.issues[0]!;
  throw new Error(
    `This is not a school: ${issue.path.join('.') || 'the file'} – ${issue.message}. Nothing was imported.`,
  );
}

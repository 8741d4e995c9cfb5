import { createHash } from 'node:crypto';
import type { Plan, PlannedFile, Wrong } from '@drimbo/core/formats';

/** As many are told; where there are more, the rest is of the same kind. */
const MOST_WRONG = 40;

export function planOf(files: PlannedFile[], wrong: Wrong[], bytes: number): Plan {
  const counts = { add: 0, change: 0, leave: 0 };
  const hash = createHash('sha256');
  for (const file of files) {
    counts[file.does] += 1;
    hash.update(`${file.path}\n${file.does}\n${file.says}\n`);
  }
  return { files, bytes, counts, wrong: wrong.slice(0, MOST_WRONG), digest: hash.digest('hex').slice(0, 24) };
}

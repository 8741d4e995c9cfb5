import type { MassUnit } from '../units';
import type { Kind } from './kind';
import type { Part } from './merging';
import { plainWords } from './plain-words';
import { partOf } from './splitting';

/** What a part is called. */
export function partName<T extends object>(kind: Kind<string, T>, part: Part): string {
  const { field, id } = partOf(part.key);
  const split = (kind.splits as Record<string, { name: (id: string, part: never) => string } | undefined>)[
    field
  ];
  if (split && id !== '') return split.name(id, (part.mine ?? part.theirs) as never);
  return (kind.names as Record<string, string>)[field] ?? field;
}

/** What a part says on one side, short enough for a table. */
export function partText<T extends object>(
  kind: Kind<string, T>,
  part: Part,
  side: 'mine' | 'theirs',
  unit: MassUnit,
): string {
  const value = part[side];
  const { field, id } = partOf(part.key);
  if (value === undefined) return id === '' ? 'nothing' : 'not there';
  if (value === null || value === '') return 'nothing';
  const words = (kind.words as Record<string, ((value: never, unit: MassUnit) => string) | undefined>)[field];
  return words ? words(value as never, unit) : plainWords(value);
}

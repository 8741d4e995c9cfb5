const MOST_SHOWN = 6;

/** How many there are, and the first of them by name. */
export function listed(names: readonly string[]): string {
  if (names.length === 0) return 'none';
  const words = names.slice(0, MOST_SHOWN).filter(Boolean).join(', ');
  return `${names.length}${words ? `: ${words}${names.length > MOST_SHOWN ? '…' : ''}` : ''}`;
}

/** The name of something in a table by id; the id where it is not there. */
export const named = (table: object, id: string): string =>
  (table as Record<string, { name: string } | undefined>)[id]?.name ?? id;

const yesOrNo = (value: boolean): string => (value ? 'yes' : 'no');

/** A value in words, short enough for a table, where its kind of document has no words of its own for it. */
export function plainWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return yesOrNo(value);
  if (typeof value === 'string') return value;
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value))
    return listed(
      value.map((item: unknown) =>
        typeof item === 'object' && item !== null
          ? String((item as { name?: string }).name ?? '')
          : String(item),
      ),
    );
  return Object.entries(value)
    .filter(([, v]) => typeof v !== 'object' && v !== '')
    .map(([key, v]) => `${key} ${typeof v === 'boolean' ? yesOrNo(v) : String(v)}`)
    .join(', ');
}

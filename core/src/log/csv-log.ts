/** A table of sets as lines of a typed log, to be read back and corrected there, or what is wrong with the table. */
export type TableLog = { text: string } | { wrong: string };

type Column = 'movement' | 'load' | 'reps' | 'reserve' | 'date';

/** Words by which columns are known, whatever stands round them: "Load (kg)", "Weight in lb". */
const heads: Record<Column, RegExp> = {
  movement: /\b(movement|exercise|lift|name)\b/i,
  load: /\b(load|weight|kg|lbs?)\b/i,
  reps: /\b(reps?|repetitions)\b/i,
  reserve: /\b(reserve|rir|left)\b/i,
  date: /\b(date|day|on)\b/i,
};

const FIGURE = /^\d+(?:[.,]\d+)?$/;

/**
 * Reads a table with a heading: a set a row, with a movement, a load and repetitions, and what was left where it is
 * said. `logFromTable([['Movement', 'Load kg', 'Reps'], ['Bench press', '80', '8']])` gives `Bench press: 80kg 8`.
 */
export function logFromTable(rows: readonly (readonly string[])[]): TableLog {
  const table = rows.filter((r) => r.some((cell) => cell.trim() !== ''));
  const [head, ...sets] = table;
  if (!head || sets.length === 0) return { wrong: 'The file has no rows: a heading and a set a row.' };
  const at = (column: Column): number => head.findIndex((cell) => heads[column].test(cell.trim()));
  const missing = (['movement', 'load', 'reps'] as const).filter((c) => at(c) === -1);
  if (missing.length > 0)
    return {
      wrong: `The heading has no column for ${missing.join(' and ')}: movement, load and reps are needed.`,
    };
  const unit = /\blbs?\b/i.test(head[at('load')]!) ? 'lb' : /\bkg\b/i.test(head[at('load')]!) ? 'kg' : '';
  const cell = (row: readonly string[], column: Column): string => (row[at(column)] ?? '').trim();
  const days = new Set(sets.map((row) => cell(row, 'date')).filter((d) => d !== ''));
  if (days.size > 1)
    return {
      wrong: `The file holds ${days.size} days (${[...days].slice(0, 3).join(', ')}): keep those of one session.`,
    };
  const lines: string[] = [];
  for (const [i, row] of sets.entries()) {
    const movement = cell(row, 'movement');
    const load = cell(row, 'load').replace(/\s*(kg|lbs?)$/i, '');
    const marked = /(kg|lb)s?$/i.exec(cell(row, 'load'))?.[1]?.toLowerCase() ?? unit;
    const reps = cell(row, 'reps');
    if (movement === '' || !FIGURE.test(load) || !/^\d{1,3}$/.test(reps))
      return { wrong: `Row ${i + 2} is no set: “${row.join(', ').slice(0, 60)}”.` };
    const left = cell(row, 'reserve');
    if (left !== '' && !/^\d{1,2}$/.test(left))
      return { wrong: `Row ${i + 2}: “${left}” is no number left in reserve.` };
    lines.push(
      `${movement}: ${load.replace(',', '.')}${marked} ${reps}${left === '' ? '' : ` leave ${left}`}`,
    );
  }
  return { text: lines.join('\n') };
}

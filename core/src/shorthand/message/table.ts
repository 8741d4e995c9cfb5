import type { MassUnit } from '../../units';
import { columnOf } from './words';

export type Column = (typeof columnOf)[string];
export interface Table {
  separator: string;
  columns: (Column | null)[];
}

const separators = ['\t', '|', ';', ','];
const cellsOf = (raw: string, separator: string): string[] => {
  const bare = separator === '|' ? raw.trim().replace(/^\|/, '').replace(/\|$/, '') : raw;
  return bare.split(separator).map((cell) => cell.trim());
};

/** The columns a line names as the head of a table; null when it is none. */
export function headOf(raw: string): Table | null {
  for (const separator of separators) {
    const cells = cellsOf(raw, separator);
    if (cells.length < 2) continue;
    const columns = cells.map((cell) => columnOf[cell.toLowerCase().replace(/[*_:]/g, '')] ?? null);
    if (columns.filter(Boolean).length >= 2 && columns.filter((c) => !c).length <= 1) {
      if (!columns.includes('name') && columns[0] === null) columns[0] = 'name';
      return { separator, columns };
    }
  }
  return null;
}

/** True for the rule under the head of a table. */
export const isRule = (raw: string): boolean => /^[\s|:=+_-]{3,}$/.test(raw) && /[-=_]{3}/.test(raw);

/** A row of a table as one would type it; null where it has not its columns. */
export function rowText(raw: string, { separator, columns }: Table, unit: MassUnit): string | null {
  if (!raw.includes(separator)) return null;
  const cells = cellsOf(raw, separator);
  const parts: string[] = [];
  let dose = '';
  cells.forEach((cell, i) => {
    const column = columns[i];
    if (cell === '' || cell === '-' || column === undefined) return;
    const isBare = /^\d+(?:[.,]\d+)?(?:\s?[-–]\s?\d+)?$/.test(cell);
    if (column === 'name') parts.unshift(cell);
    else if (column === 'sets') dose = /^\d+$/.test(cell) ? `${cell}x` : `${cell} `;
    else if (column === 'reps') {
      parts.push(dose.endsWith('x') ? `${dose}${cell}` : `${dose}${cell} reps`);
      dose = '';
    } else if (column === 'rir' || column === 'rpe')
      parts.push(/[a-z]/i.test(cell) ? cell : `${column} ${cell}`);
    else if (column === 'rest') parts.push(isBare ? `rest ${cell}${bareRest(cell)}` : `rest ${cell}`);
    else if (column === 'load') parts.push(isBare ? `@ ${cell} ${unit}` : cell);
    else if (column === 'tempo') parts.push(`tempo ${cell}`);
    else parts.push(cell);
  });
  if (dose) parts.push(dose.endsWith('x') ? `${dose.slice(0, -1)} sets` : dose);
  return parts.length > 0 ? parts.join(', ') : null;
}
/** Nobody rests ten minutes, and nobody nine seconds. */
const bareRest = (cell: string): string => (Number(/^\d+/.exec(cell)![0]) < 10 ? ' min' : ' s');

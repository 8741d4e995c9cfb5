import type { PerformedSet } from '../log';

interface Column {
  name: string;
  /** Older tables do not have it; what it says then is what the schema takes for left out. */
  isNewer?: true;
  write: (set: PerformedSet) => string;
  /** From the text of a cell; what is no figure becomes NaN, for the schema to refuse. */
  read: (cell: string) => Partial<PerformedSet>;
}

type TextField = 'id' | 'clientId' | 'sessionId' | 'lineId' | 'movement' | 'doneOn';
type FigureField = 'setIndex' | 'loadKg' | 'reps' | 'tired';

/**
 * What a spreadsheet would take for a formula, or for the mark that keeps it from doing so. (OWASP, "CSV Injection":
 * a cell that begins with =, +, -, @, a tab or a carriage return.)
 */
const FORMULA = /^'*[=+\-@\t\r]/;
/** A cell that a spreadsheet shows as the text it is: behind an apostrophe where it needs one. */
const asText = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);
const fromText = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell;

const text = (name: string, field: TextField): Column => ({
  name,
  write: (set) => asText(set[field]),
  read: (cell) => ({ [field]: fromText(cell) }),
});

const figureIn = (cell: string): number => (cell.trim() === '' ? NaN : Number(cell));

const figure = (name: string, field: FigureField): Column => ({
  name,
  write: (set) => String(set[field]),
  read: (cell) => ({ [field]: figureIn(cell) }),
});

/** What a cell of JSON says; the cell itself where it is none, for the schema to refuse. */
function jsonIn(cell: string): never {
  try {
    return JSON.parse(cell) as never;
  } catch {
    return cell as never;
  }
}

/** A word or a figure that nobody may have given: an empty cell. */
const said = (name: string, field: 'technique' | 'fault' | 'side' | 'ended'): Column => ({
  name,
  write: (set) => asText(set[field] ?? ''),
  read: (cell) => ({ [field]: cell.trim() === '' ? null : fromText(cell.trim()) }),
});
const graded = (name: string, field: 'felt' | 'comfort' | 'reserve' | 'heldS' | 'repS' | 'at'): Column => ({
  name,
  write: (set) => String(set[field] ?? ''),
  read: (cell) => ({ [field]: cell.trim() === '' ? null : Number(cell) }),
});

/** The columns of a table of logged sets, in their order. */
const columns: readonly Column[] = [
  text('id', 'id'),
  text('client', 'clientId'),
  text('session', 'sessionId'),
  text('line', 'lineId'),
  figure('set', 'setIndex'),
  text('movement', 'movement'),
  text('done on', 'doneOn'),
  figure('load kg', 'loadKg'),
  figure('reps', 'reps'),
  graded('reps left', 'reserve'),
  figure('share of max lost before', 'tired'),
  graded('seconds a rep', 'repS'),
  {
    name: 'kind',
    isNewer: true,
    write: (set) => set.kind,
    read: (cell) => ({ kind: cell.trim() as PerformedSet['kind'] }),
  },
  { ...graded('held s', 'heldS'), isNewer: true },
  { ...said('side', 'side'), isNewer: true },
  { ...said('ended by', 'ended'), isNewer: true },
  {
    name: 'asked',
    isNewer: true,
    write: (set) => (set.asked === null ? '' : JSON.stringify(set.asked)),
    read: (cell) => ({ asked: cell.trim() === '' ? null : jsonIn(cell) }),
  },
  { ...graded('place', 'at'), isNewer: true },
  said('technique', 'technique'),
  said('fault', 'fault'),
  graded('felt 0-3', 'felt'),
  graded('comfort 0-10', 'comfort'),
  {
    name: 'note',
    write: (set) => asText(set.note),
    read: (cell) => ({ note: fromText(cell) }),
  },
  { name: 'settings', write: (set) => JSON.stringify(set.rig), read: (cell) => ({ rig: jsonIn(cell) }) },
];

export const setsHeader: readonly string[] = columns.map((c) => c.name);
/** The columns no table of sets can do without. */
export const neededInHeader: readonly string[] = columns.filter((c) => !c.isNewer).map((c) => c.name);

/** A logged set as the cells of one row. */
export const cellsOfSet = (set: PerformedSet): string[] => columns.map((c) => c.write(set));

/** What the cells of a row say, by the names in the header; to be looked at by the schema. */
export const setOfCells = (cells: Readonly<Record<string, string>>): unknown =>
  Object.assign({}, ...columns.map((c) => (c.name in cells ? c.read(cells[c.name]!) : {})));

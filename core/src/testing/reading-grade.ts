import { entries, variantOf } from '../movements';
import { schools } from '../schools';
import type { Line } from '../session';
import { readPasted, type PasteContext } from '../shorthand/pasted';
import { keepingUnknown, lineFromTyped, readTypedLine } from '../shorthand/typed-line';
import type { MassUnit } from '../units';
import { compare, leftOver, listed, type Expected, type Row } from './row-grade';

export interface Example {
  kind: string;
  text: string;
  as: 'typed' | 'pasted';
  unit: MassUnit;
  expect: Expected[];
}

/**
 * From best to worst: all of it; what is read is right and the rest is marked; something is wrong and something is
 * marked; no movement found, which shows; wrong without a word.
 */
export type Grade = 'exact' | 'partly' | 'marked' | 'failed' | 'silent';
export interface Graded {
  example: Example;
  grade: Grade;
  why: string[];
}

function gradeRows(
  rows: readonly Row[],
  expect: readonly Expected[],
  text: string,
): { grade: Grade; why: string[] } {
  const wanted = expect.filter((e) => e.m !== null || e.warm);
  const got = rows.filter((row) => row.line !== null || row.warm);
  const marks = rows.flatMap((row) => row.unknown);
  if (wanted.length === 0)
    return got.length === 0
      ? { grade: 'exact', why: [] }
      : {
          grade: marks.length > 0 ? 'marked' : 'silent',
          why: [`adds ${got.map((row) => row.entry).join(', ')}`],
        };
  if (got.length !== wanted.length) {
    const why = [`${got.length} of ${wanted.length} movements: ${got.map((row) => row.entry).join(', ')}`];
    return { grade: got.length < wanted.length && rows.some((row) => !row.line) ? 'failed' : 'silent', why };
  }
  let worst: Grade = 'exact';
  const why: string[] = [];
  const order: Grade[] = ['exact', 'partly', 'marked', 'failed', 'silent'];
  wanted.forEach((want, i) => {
    const row = got[i]!;
    let grade: Grade;
    if (want.warm || row.warm) {
      const sets = /^(\d+)x(\d+)/.exec(listed(want.s ?? '')[0]!);
      const fits =
        want.warm &&
        row.warm &&
        listed(want.m ?? '').includes(row.entry ?? '') &&
        (!sets || (row.warm.sets === Number(sets[1]) && row.warm.reps === Number(sets[2])));
      grade = fits ? 'exact' : 'silent';
      if (!fits) why.push(`warm-up ${JSON.stringify(row.warm)} ${row.entry}`);
    } else {
      const { wrong, missing } = compare(row, want, text);
      const over = leftOver(row, want);
      why.push(...wrong, ...missing.map((m) => `misses ${m}`), ...over.map((o) => `left “${o}”`));
      const isMarked = row.unknown.length > 0;
      grade =
        wrong.length > 0
          ? isMarked
            ? 'marked'
            : 'silent'
          : missing.length > 0
            ? isMarked
              ? 'partly'
              : 'silent'
            : over.length > 0
              ? 'partly'
              : 'exact';
    }
    if (order.indexOf(grade) > order.indexOf(worst)) worst = grade;
  });
  return { grade: worst, why };
}

let n = 0;
const context = (unit: MassUnit): PasteContext => ({
  unit,
  school: 'evidence',
  newId: (stem) => `${stem}-${(n += 1)}`,
});

const entryOf = (line: Line): string => {
  const movement = entries.find((e) => e.movement.id === line.movement)!.movement;
  return variantOf(movement, line.rig).id;
};

function rowsOfPasted(text: string, unit: MassUnit): Row[] {
  const { rows, warmup } = readPasted(text, context(unit));
  return [
    ...warmup.map((w): Row => {
      const entry = entries.find((e) => e.movement.id === w.movement)!;
      return { line: null, entry: entry.id, paired: false, unknown: [], warm: w };
    }),
    ...rows.map((row): Row => ({
      line: row.line && keepingUnknown(row.line, row.unknown),
      entry: row.line && entryOf(row.line),
      paired: row.paired,
      unknown: row.unknown,
    })),
  ];
}

export function gradeExample(example: Example): Graded {
  const { text, unit, expect } = example;
  let rows: Row[];
  if (example.as === 'typed') {
    const typed = readTypedLine(text, unit);
    const line = lineFromTyped(typed, schools.evidence, 'x');
    rows = [
      {
        line: line && keepingUnknown(line, typed.unknown),
        entry: line && entryOf(line),
        paired: false,
        unknown: typed.unknown,
      },
    ];
  } else rows = rowsOfPasted(text, unit);
  return { example, ...gradeRows(rows, expect, text) };
}

export interface ExampleMessage {
  name: string;
  rows: { text: string; expect: Expected[] }[];
}

/** A whole message: every movement and pair of it right, whatever of their doses. */
export function gradeMessage({
  name,
  rows: given,
}: ExampleMessage): { name: string; isRight: boolean } & Pick<Graded, 'grade' | 'why'> {
  const text = given.map((row) => row.text).join('\n');
  const rows = rowsOfPasted(text, 'kg').filter((row) => row.line !== null);
  const wanted = given.flatMap((row) => row.expect).filter((e) => e.m !== null && !e.warm);
  const isRight =
    rows.length === wanted.length &&
    rows.every(
      (row, i) => listed(wanted[i]!.m!).includes(row.entry!) && row.paired === (wanted[i]!.pair ?? false),
    );
  return {
    name,
    isRight,
    ...gradeRows(
      rowsOfPasted(text, 'kg'),
      given.flatMap((row) => row.expect),
      text,
    ),
  };
}

/** Grades by kind, as text. */
export function tableOf(graded: readonly Graded[]): string {
  const grades: Grade[] = ['exact', 'partly', 'marked', 'failed', 'silent'];
  const kinds = [...new Set(graded.map((g) => g.example.kind))];
  const row = (name: string, of: readonly Graded[]): string =>
    [name.padEnd(14), ...grades.map((g) => String(of.filter((x) => x.grade === g).length).padStart(7))].join(
      '',
    );
  return [
    ['kind'.padEnd(14), ...grades.map((g) => g.padStart(7))].join(''),
    ...kinds.map((kind) =>
      row(
        kind,
        graded.filter((g) => g.example.kind === kind),
      ),
    ),
    row('all', graded),
  ].join('\n');
}

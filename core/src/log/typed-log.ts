import { nothingSaid } from './performed-set';
import { kindOf, performed } from './performing';
import type { MeasuredLine } from '../measure';
import { type Entry, searchEntries } from '../movements';
import { massText, type MassUnit, readMass } from '../units';
import type { DoneSet } from './today';

/** A typed log: the sets it says, and the lines that said nothing. */
export interface ReadLog {
  sets: DoneSet[];
  /** Lines that were not understood, with the reason. */
  unread: { text: string; why: string }[];
}

/**
 * Typed sets as they are logged, all but whose they are and when. What was typed for a hold are its seconds; nobody
 * said how any of them looked or felt.
 */
export function setsOfLog(
  sets: readonly DoneSet[],
  lines: readonly MeasuredLine[],
): ReturnType<typeof performed>[] {
  const byId = new Map(lines.map((m) => [m.id, m]));
  return sets.map(({ lineId, setIndex, loadKg, reps, reserve }) => {
    const m = byId.get(lineId)!;
    const isHold = kindOf(m.sets[setIndex]!.target) === 'hold';
    const heldS = isHold ? Math.max(1, reps) : null;
    return performed(m, setIndex, { loadKg, reps, reserve, heldS }, nothingSaid);
  });
}

/** What was left, where somebody says so. */
const LEFT =
  /\b(?:leave|left|leaving|reserve|rir)\s*(\d{1,2})\b|\b(\d{1,2})\s*(?:left|in reserve)\b(?!\s*\d)/i;

type Line = Pick<MeasuredLine, 'id' | 'name' | 'entryId' | 'movement' | 'sets'>;

const asEntries = (lines: readonly Line[]): (Entry & { line: Line })[] =>
  lines.map((line) => {
    const variant = line.movement.variants.find((v) => v.id === line.entryId) ?? line.movement.variants[0]!;
    return {
      id: line.id,
      name: line.name,
      aliases: variant.aliases,
      movement: line.movement,
      rig: {},
      line,
    } as unknown as Entry & { line: Line };
  });

/** The line a name means: the one most alike, or the only one left where several are equally so. */
function lineNamed(name: string, lines: readonly Line[]): Line | null {
  const exact = lines.find((l) => l.name.toLowerCase() === name.toLowerCase());
  if (exact) return exact;
  const pool = asEntries(lines);
  const [first] = searchEntries(name, 3, pool);
  return first ? (first.entry as (typeof pool)[number]).line : null;
}

/** Loads with their repetitions: "80 8 8 7", "80x8 82.5x6", "80 8 8, 75 9"; null where no repetition is said. */
function figuresIn(text: string, unit: MassUnit): { kg: number; reps: number }[] | null {
  const sets: { kg: number; reps: number }[] = [];
  for (const part of text.split(/[,;/]/)) {
    const plain = part.trim().replace(/[×*]/g, 'x');
    if (plain === '') continue;
    const crossed = [...plain.matchAll(/(\d+(?:\.\d+)?)\s*(kg|lb)?\s*x\s*(\d{1,3})(?!\.?\d)/gi)];
    if (crossed.length > 0) {
      for (const [, load, marked, reps] of crossed) {
        const kg = readMass(`${load}${marked ?? ''}`, unit);
        if (kg === null) return null;
        sets.push({ kg, reps: Number(reps) });
      }
      continue;
    }
    const figures = plain.match(/\d+(?:\.\d+)?\s*(?:kg|lb)?/gi) ?? [];
    const [load, ...reps] = figures;
    const kg = load === undefined ? null : readMass(load, unit);
    if (kg === null || reps.length === 0 || reps.some((r) => !/^\d{1,3}$/.test(r.trim()))) return null;
    for (const r of reps) sets.push({ kg, reps: Number(r) });
  }
  return sets.length > 0 ? sets : null;
}

/**
 * Reads what was done as it is typed: a movement of the session, its load and the repetitions of each set, a line each.
 * `readLog('bench 80 8 8 7 leave 1', lines, 'kg')` gives three sets of 80 kg; the last left one, of those before
 * nobody said. Sets beyond those planned, and figures no set has, are told and not guessed at.
 */
export function readLog(text: string, lines: readonly Line[], unit: MassUnit): ReadLog {
  const read: ReadLog = { sets: [], unread: [] };
  const counts = new Map<string, number>();
  for (const raw of text.split('\n')) {
    const said = raw.trim();
    if (said === '') continue;
    const refuse = (why: string): void => void read.unread.push({ text: said, why });
    const left = LEFT.exec(said);
    const plain = said.replace(LEFT, ' ');
    const at = plain.search(/(^|[\s:])\d/);
    const name = (at === -1 ? plain : plain.slice(0, at)).replace(/[:\-–]+\s*$/, '').trim();
    const line = name === '' ? null : lineNamed(name, lines);
    if (!line) {
      refuse(
        name === '' ? 'a line begins with a movement' : `no movement of this session is called “${name}”`,
      );
      continue;
    }
    if (plain.includes('?')) {
      refuse('put the load that was on it in the place of “?”, or take the line out');
      continue;
    }
    const figures = at === -1 ? null : figuresIn(plain.slice(at).replace(/^[\s:]+/, ''), unit);
    if (!figures) {
      refuse('a load and repetitions, like 80 8 8 7 or 80x8');
      continue;
    }
    const begun = counts.get(line.id) ?? 0;
    if (begun + figures.length > line.sets.length) {
      refuse(`${line.name} has ${line.sets.length} sets, and this would be ${begun + figures.length}`);
      continue;
    }
    const wrong = figures.find((f) => f.kg > 600 || f.reps > 100);
    if (wrong) {
      refuse(`${massText(wrong.kg, unit)} × ${wrong.reps} is more than anybody lifts`);
      continue;
    }
    figures.forEach(({ kg, reps }, i) => {
      const setIndex = begun + i;
      const isLast = i === figures.length - 1;
      const reserve = left && isLast ? Math.min(10, Number(left[1] ?? left[2])) : null;
      read.sets.push({ lineId: line.id, setIndex, loadKg: kg, reps, reserve });
    });
    counts.set(line.id, begun + figures.length);
  }
  return read;
}

/** The plan as a log to be corrected, read back by `readLog`. A load that is found on the day stands as “?”, which is asked for. */
export const plannedLog = (lines: readonly Line[], unit: MassUnit): string =>
  lines
    .map((l) => {
      const parts: string[] = [];
      for (const s of l.sets) {
        const load = s.kg === null ? '?' : massText(s.kg, unit).replace(/\s/g, '');
        const reps = s.target.holdS ?? s.expectedReps ?? s.target.reps.lo;
        const last = parts[parts.length - 1];
        if (last?.startsWith(`${load} `)) parts[parts.length - 1] = `${last} ${reps}`;
        else parts.push(`${load} ${reps}`);
      }
      return `${l.name}: ${parts.join(', ')}`;
    })
    .join('\n');

import { z } from 'zod';
import type { Credits } from '../anatomy';

/** A muscle a day in short form can name: what a set of it gives, and how much of the body it moves. */
interface Part {
  id: string;
  name: string;
  /** Further words it is typed by. */
  said: string[];
  credits: Credits;
  /** Weight of its work beside a chest press of 1. Own estimate. */
  mass: number;
}

/** Credits in short form follow those of the usual movement for the part. Common practice. */
export const parts = [
  {
    id: 'chest',
    name: 'Chest',
    said: ['pecs', 'pec'],
    credits: {
      pecUpper: 0.75,
      pecMiddle: 1,
      pecLower: 0.75,
      deltFront: 0.5,
      triLateral: 0.5,
      triMedial: 0.5,
    },
    mass: 1,
  },
  {
    id: 'front-delt',
    name: 'Front delt',
    said: ['front delts', 'shoulders', 'shoulder', 'overhead'],
    credits: { deltFront: 1, deltSide: 0.5, triLateral: 0.5, triMedial: 0.5 },
    mass: 0.7,
  },
  {
    id: 'side-delt',
    name: 'Side delt',
    said: ['side delts', 'lateral delt', 'lateral raise'],
    credits: { deltSide: 1 },
    mass: 0.3,
  },
  {
    id: 'rear-delt',
    name: 'Rear delt',
    said: ['rear delts'],
    credits: { deltRear: 1, retractors: 0.5 },
    mass: 0.3,
  },
  {
    id: 'triceps',
    name: 'Triceps',
    said: ['tris', 'tri'],
    credits: { triLong: 1, triLateral: 1, triMedial: 1 },
    mass: 0.4,
  },
  {
    id: 'rotators',
    name: 'External rotators',
    said: ['rotator cuff', 'cuff', 'external rotation'],
    credits: { cuff: 1 },
    mass: 0.15,
  },
  {
    id: 'back',
    name: 'Back',
    said: ['lats', 'lat', 'upper back', 'rows', 'pull'],
    credits: { retractors: 1, deltRear: 0.3, biceps: 0.5 },
    mass: 1.2,
  },
  {
    id: 'traps',
    name: 'Traps',
    said: ['trap', 'shrugs'],
    credits: { upperTrap: 1, retractors: 0.5 },
    mass: 0.5,
  },
  { id: 'biceps', name: 'Biceps', said: ['bis', 'curls', 'arms'], credits: { biceps: 1 }, mass: 0.35 },
  {
    id: 'quads',
    name: 'Quads',
    said: ['quad', 'thighs', 'squat', 'squats', 'legs', 'leg'],
    credits: {},
    mass: 1.8,
  },
  { id: 'hamstrings', name: 'Hamstrings', said: ['hams', 'hamstring', 'hinge'], credits: {}, mass: 1.4 },
  { id: 'glutes', name: 'Glutes', said: ['glute', 'hips'], credits: {}, mass: 1.5 },
  { id: 'calves', name: 'Calves', said: ['calf'], credits: {}, mass: 0.4 },
  { id: 'trunk', name: 'Trunk', said: ['abs', 'core', 'abdominals', 'lower back'], credits: {}, mass: 0.5 },
] as const satisfies readonly Part[];

export type PartId = (typeof parts)[number]['id'];
const partIds = parts.map((p) => p.id) as [PartId, ...PartId[]];

/** How hard the sets of a day in short form are, and what that leaves in reserve. */
export const hardnesses = ['easy', 'medium', 'hard'] as const;
export type Hardness = (typeof hardnesses)[number];
export const reserveLeft: Record<Hardness, number> = { easy: 5, medium: 3, hard: 1 };

export const shortWorkSchema = z
  .object({
    part: z.enum(partIds),
    sets: z.number().int().min(1).max(40),
    hard: z.enum(hardnesses),
  })
  .strict();
export type ShortWork = z.infer<typeof shortWorkSchema>;

const byId = new Map<PartId, Part>(parts.map((p) => [p.id, p]));
export const partOf = (id: PartId): Part => byId.get(id)!;

const words = new Map(
  parts.flatMap((p) =>
    [p.id.replace('-', ' '), p.name.toLowerCase(), ...p.said].map((w) => [w, p.id] as const),
  ),
);
const longest = [...words.keys()].sort((a, b) => b.length - a.length);

const hardWords: Record<string, Hardness> = {
  easy: 'easy',
  light: 'easy',
  medium: 'medium',
  moderate: 'medium',
  hard: 'hard',
  heavy: 'hard',
  failure: 'hard',
};

/** What a typed day in short form says, and the pieces that said nothing. */
export interface ReadDay {
  work: ShortWork[];
  unread: string[];
}

/**
 * Reads a day in short form: muscles, sets and how hard, in any order, parted by commas.
 * `readShortDay('back 8 hard, biceps 4')` gives eight hard sets of the back and four medium ones of the biceps.
 */
export function readShortDay(text: string): ReadDay {
  const found: ReadDay = { work: [], unread: [] };
  for (const piece of text.split(/[,;+\n]| and /i)) {
    const said = piece.trim().toLowerCase().replace(/[×*]/g, 'x').replace(/\s+/g, ' ');
    if (said === '') continue;
    const word = longest.find((w) => new RegExp(`(^|[^a-z])${w}($|[^a-z])`).test(said));
    const sets = Number(/(\d{1,2})/.exec(said)?.[1] ?? NaN);
    if (word === undefined || !Number.isInteger(sets) || sets < 1 || sets > 40) {
      found.unread.push(piece.trim());
      continue;
    }
    const hard = Object.keys(hardWords).find((w) => new RegExp(`\\b${w}\\b`).test(said));
    const part = words.get(word)!;
    const work: ShortWork = { part, sets, hard: hard ? hardWords[hard]! : 'medium' };
    const same = found.work.find((w) => w.part === part && w.hard === work.hard);
    if (same) same.sets = Math.min(40, same.sets + sets);
    else found.work.push(work);
  }
  return found;
}

/** Short, and read back by `readShortDay`: "Back 8 hard, Biceps 4 medium". */
export const shortDayText = (work: readonly ShortWork[]): string =>
  work.map((w) => `${partOf(w.part).name} ${w.sets} ${w.hard}`).join(', ');

import { missingFor } from '../../kit';
import type { Measured, MeasuredLine } from '../../measure';
import { findEntry } from '../../movements';
import { becoming, groupOfEmphasis } from '../../session';
import { listed } from '../../units';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine, isPress } from '../questions';

/** Where the arm travels across the chest: it decides which of its heads leads. */
type Way = 'up' | 'level' | 'down';

const headOf = { up: 'pecUpper', level: 'pecMiddle', down: 'pecLower' } as const;
const words: Record<Way, string> = { up: 'upper chest', level: 'middle chest', down: 'lower chest' };
const fliesOf: Record<Way, readonly string[]> = {
  up: ['cable-fly-low-to-high', 'incline-dumbbell-fly'],
  level: ['cable-fly-shoulder-height', 'machine-fly', 'dumbbell-fly'],
  down: ['cable-fly-high-to-low'],
};

/** Credit from which a movement is chest work, and presses from which a session has more than one angle. Own estimates. */
const IS_CHEST = 0.75;
const FEWEST_PRESSES = 2;

function wayOf({ credits: { pecUpper = 0, pecMiddle = 0, pecLower = 0 } }: MeasuredLine): Way | null {
  if (Math.max(pecUpper, pecMiddle, pecLower) < IS_CHEST) return null;
  if (pecUpper > pecMiddle) return 'up';
  return pecLower >= pecMiddle ? 'down' : 'level';
}

/** A low incline or a dip trains the middle as well. */
const isMiddle = (m: MeasuredLine): boolean => (m.credits.pecMiddle ?? 0) >= IS_CHEST;

const isHere = (s: Measured, id: string): boolean => {
  const { movement, rig } = findEntry(id)!;
  return missingFor(s.context.kit, movement, rig) === null;
};

const isFly = (m: MeasuredLine): boolean => m.movement.family === 'fly' && wayOf(m) !== null;

/** The same fly the other way: what this session has nothing for. */
const turnedTo = (fly: MeasuredLine, way: Way): FixDraft[] =>
  fliesOf[way].map((id) => {
    const entry = findEntry(id)!;
    return {
      label: `${entry.name} in place of the ${fly.name.toLowerCase()}`,
      edit: changeLine(fly.id, becoming(entry)),
    };
  });

/** Flies for the upper chest in the place of one that is not for it. */
export const flyTurnedUp = (s: Measured): FixDraft[] =>
  s.lines
    .filter((m) => isFly(m) && wayOf(m) !== 'up')
    .slice(-1)
    .flatMap((m) => turnedTo(m, 'up'));

function look(s: Measured): FindingDraft[] {
  const flies = s.lines.filter(isFly);
  const presses = s.lines.filter((m) => isPress(m) && wayOf(m) !== null);
  if (flies.length !== 1 || presses.length < FEWEST_PRESSES) return [];
  const fly = flies[0]!;
  const way = wayOf(fly)!;
  const wants = s.context.client.lagging.includes(headOf[way]) || s.session.emphasis === headOf[way];
  const same = presses.filter((m) => wayOf(m) === way);
  // A level fly beside a level press is the most ordinary pair there is.
  if (wants || way === 'level' || same.length === 0) return [];
  // Nothing for the upper chest is a matter of its own.
  const without = (['level', 'down'] as const).filter(
    (other) =>
      other !== way &&
      fliesOf[other].some((id) => isHere(s, id)) &&
      !presses.some((m) => wayOf(m) === other || (other === 'level' && isMiddle(m))) &&
      (other !== 'down' || groupOfEmphasis(s.session.emphasis) === 'chest'),
  );
  const [most] = without;
  if (!most) return [];
  return [
    {
      on: [fly.id],
      mustGo: true,
      what: `${fly.name} repeats the angle of the presses.`,
      why: `It goes over what ${listed(same.map((m) => m.name.toLowerCase()))} did; nothing goes to the ${words[most]} first. A fly can go where the presses do not: from low to high the upper fibres lead, from high to low the lower ones.`,
      fixes: () => without.flatMap((other) => turnedTo(fly, other)),
    },
  ];
}

export const flyAtPressAngle: Rule = {
  id: 'fly-at-press-angle',
  title: 'A fly at the angle of the presses',
  severity: 'note',
  ground: 'mechanics',
  look,
};

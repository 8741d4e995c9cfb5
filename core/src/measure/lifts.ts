import { type Body } from '../anatomy';
import { gearOf, shareLeft } from '../loads';
import type { Kit } from '../kit';
import { fullRig, type Movement, type Rig } from '../movements';
import type { Line } from '../session';
import { type Lift } from '../set-model';
import { familyShare, inBench } from '../strength';
import { degrees } from '../units';

/** Bench angles this far apart are another lift, degrees. */
const NOTCH = 15;
/** Hands narrower and wider than these are another grip, in breadths of the shoulders. Common practice. */
const GRIPS = { close: 1.15, wide: 1.75 } as const;
/** The spread of a ratio that nobody knows, on the logarithm: the first set finds it. Own estimate. */
const UNKNOWN = 0.5;

/** A movement as it is set up, as the model of a set sees it. */
export interface SetUp {
  lift: Lift;
  /** How much stronger it is at this very setting than in the middle of its class, on the logarithm. */
  offset: number;
}

const gripClass = (grip: number): string =>
  grip < GRIPS.close ? 'close' : grip > GRIPS.wide ? 'wide' : 'usual';
const gripMiddle = { close: 1, usual: 1.5, wide: 2 } as const;

/** The settings by which a lift is told from another, with those in their middle of its class. */
function classOf(full: Rig): { key: string; middle: Rig } {
  const middle: Rig = { ...full };
  const parts: string[] = [];
  if (full.benchDeg !== undefined) {
    middle.benchDeg = Math.round(full.benchDeg / NOTCH) * NOTCH;
    parts.push(degrees(middle.benchDeg));
  }
  if (full.gripBiacromial !== undefined) {
    const grip = gripClass(full.gripBiacromial) as keyof typeof gripMiddle;
    middle.gripBiacromial = gripMiddle[grip];
    parts.push(grip);
  }
  for (const knob of ['forearm', 'stance', 'range', 'added', 'hands'] as const)
    if (full[knob] !== undefined) parts.push(full[knob]);
  return { key: parts.join(' '), middle };
}

const known = new WeakMap<Movement, Map<string, SetUp>>();

/** The lift that a movement is at a setting, without chains or bands. Kept: it follows from the catalogue alone. */
export function setUpOf(movement: Movement, rig: Rig): SetUp {
  let of = known.get(movement);
  if (!of) known.set(movement, (of = new Map()));
  const full = fullRig(movement, rig);
  const at = JSON.stringify(full);
  let found = of.get(at);
  if (!found) {
    if (of.size > 500) of.clear();
    of.set(at, (found = made(movement, full)));
  }
  return found;
}

function made(movement: Movement, full: Rig): SetUp {
  const { key, middle } = classOf(full);
  const here = inBench(movement, full);
  const there = inBench(movement, middle);
  const family =
    movement.family === 'guest' || movement.family === 'corrective'
      ? `${movement.family} ${movement.id}`
      : movement.family;
  const lift: Lift = {
    id: `${movement.id} ${key}`.trim(),
    ratio: there?.ratio ?? familyShare(movement),
    spread: there?.spread ?? UNKNOWN,
    family,
    movement: movement.id,
  };
  return { lift, offset: here && there ? Math.log(here.ratio / there.ratio) : 0 };
}

/** The same where chains or bands change the load over the range: what they leave of the plain max, which lifts most where it is least. */
export function withHung(
  { lift, offset }: SetUp,
  movement: Movement,
  rig: Rig,
  of: { body: Body; kit: Kit; hung: Line['hung']; plainMaxKg: number },
): SetUp {
  const share = shareLeft(movement, rig, of.body, gearOf(of.kit, of.hung), of.plainMaxKg);
  const plain = inBench(movement, { ...rig, added: 'nothing' });
  return { lift, offset: plain ? Math.log((plain.ratio * share) / lift.ratio) : offset };
}

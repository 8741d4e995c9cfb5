import { guests, triceps } from './data/arms';
import { flies } from './data/flies';
import { overheadPresses } from './data/overhead';
import { preparation } from './data/preparation';
import { barbellPress } from './data/presses-bar';
import { dumbbellPress } from './data/presses-dumbbell';
import { guidedBarPress } from './data/presses-guided';
import { machinePresses } from './data/presses-machine';
import { otherPresses } from './data/presses-other';
import { dips } from './data/presses-dip';
import { pushUps } from './data/presses-push-up';
import { raises } from './data/raises';
import { rearAndUpperBack } from './data/rear';
import type { Entry, Movement } from './model';
import { withPartials } from './partials';
import { fullRig } from './settings';

const written: readonly Movement[] = [
  barbellPress,
  dumbbellPress,
  guidedBarPress,
  ...machinePresses,
  ...otherPresses,
  ...pushUps,
  ...dips,
  ...flies,
  ...overheadPresses,
  ...raises,
  ...rearAndUpperBack,
  ...triceps,
  ...guests,
  ...preparation,
];

export const movements: readonly Movement[] = written.map(withPartials);

const byId = new Map(movements.map((m) => [m.id, m]));

export const findMovement = (id: string): Movement | undefined => byId.get(id);

/** The movement with this id. Throws when the catalogue has none: documents are checked before. */
export function movementOf(id: string): Movement {
  const movement = byId.get(id);
  if (!movement) throw new Error(`There is no movement "${id}" in the catalogue.`);
  return movement;
}

/** Every name the catalogue answers to, family by family, the plain names of a movement before the special ones. */
export const entries: readonly Entry[] = movements.flatMap((movement) =>
  [...movement.variants].reverse().map((v) => ({
    id: v.id,
    name: v.name,
    aliases: v.aliases,
    movement,
    rig: fullRig(movement, v.rig ?? {}),
  })),
);

const entryById = new Map(entries.map((e) => [e.id, e]));
export const findEntry = (id: string): Entry | undefined => entryById.get(id);

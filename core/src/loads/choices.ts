import { beltLoads, type Kit, type MadeLoad, makeableLoads } from '../kit';
import type { Movement } from '../movements';

const onBelt = new WeakMap<Kit['plates'], MadeLoad[]>();
function loadsOnBelt(kit: Kit): MadeLoad[] {
  if (!kit.dipBelt) return [{ kg: 0 }];
  let loads = onBelt.get(kit.plates);
  if (!loads) {
    loads = beltLoads(kit.plates).map((kg) => ({ kg }));
    onBelt.set(kit.plates, loads);
  }
  return loads;
}

/** The loads a line can choose from; null where no load is chosen at all. */
export function choicesOf(kit: Kit, movement: Movement): readonly MadeLoad[] | null {
  if (movement.load.kind === 'none') return null;
  if (movement.load.kind === 'bodyweight') return movement.load.canAdd ? loadsOnBelt(kit) : [{ kg: 0 }];
  return makeableLoads(kit, movement);
}

const kgsOf = new WeakMap<readonly MadeLoad[], number[]>();
/** Loads of a kit as plain figures, ascending. */
export function kgsIn(choices: readonly MadeLoad[]): number[] {
  let kgs = kgsOf.get(choices);
  if (!kgs) kgsOf.set(choices, (kgs = choices.map((c) => c.kg).sort((a, b) => a - b)));
  return kgs;
}

import { type Kit, missingFor, notchesOf } from '../kit';
import { emptyNotebook, type Entry, fullRig, type Notebook, offeredEntries, variantOf } from '../movements';

const known = new WeakMap<Kit, WeakMap<Notebook, readonly Entry[]>>();

/** An entry on the notches of a gym: one for each notch that keeps its name, or as it is without a bench. */
function onNotches(entry: Entry, notches: readonly number[]): Entry[] {
  const spec = entry.movement.knobs.benchDeg;
  if (!spec || entry.rig.stance === 'floor') return [entry];
  return notches
    .filter((deg) => deg >= spec.min && deg <= spec.max)
    .map((benchDeg) => ({ ...entry, rig: fullRig(entry.movement, { ...entry.rig, benchDeg }) }))
    .filter((e) => variantOf(e.movement, e.rig).id === entry.id);
}

/** Everything this gym can do, each press at every notch it has; preparation left out. */
export function candidatesFor(kit: Kit, notebook: Notebook = emptyNotebook): readonly Entry[] {
  let byNotebook = known.get(kit);
  if (!byNotebook) known.set(kit, (byNotebook = new WeakMap()));
  let candidates = byNotebook.get(notebook);
  if (!candidates) {
    const notches = notchesOf(kit);
    candidates = offeredEntries(notebook)
      .filter((e) => e.movement.family !== 'preparation' && missingFor(kit, e.movement, e.rig) === null)
      .flatMap((e) => onNotches(e, notches));
    byNotebook.set(notebook, candidates);
  }
  return candidates;
}

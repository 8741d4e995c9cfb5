import type { Entry } from './model';
import type { OwnMovement } from './notebook';
import type { Rig } from './rig';
import { atHome, fullRig, variantOf } from './settings';
import { teachingOf } from './teaching/book';

/** What a new own movement starts from: an entry as it stands, at a rig. */
export function ownFrom(entry: Entry, rig: Rig, newId: string): OwnMovement {
  const { cues, chooseWhen } = teachingOf(entry.movement, rig);
  const [lo, hi] = atHome(entry.movement, rig).homeReps;
  return {
    id: newId,
    name: `${variantOf(entry.movement, rig).name}, my way`,
    aliases: [],
    movement: entry.movement.id,
    rig: fullRig(entry.movement, rig),
    homeReps: { lo, hi },
    cues,
    chooseWhen,
    pins: entry.movement.credits.pins ?? {},
  };
}

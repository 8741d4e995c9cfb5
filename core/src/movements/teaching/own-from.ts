import { atHome, fullRig, variantOf, type Entry, type OwnMovement, type Rig } from '../index';
import { teachingOf } from './book';

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

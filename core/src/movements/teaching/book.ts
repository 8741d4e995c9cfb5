import { findMovement, type Movement, type Rig, type Teaching, variantOf } from '..';
import * as arms from './arms';
import * as flies from './flies';
import * as overhead from './overhead';
import * as preparation from './preparation';
import * as pressesBar from './presses-bar';
import * as pressesBarSpecial from './presses-bar-special';
import * as pressesDip from './presses-dip';
import * as pressesDumbbell from './presses-dumbbell';
import * as pressesGuided from './presses-guided';
import * as pressesMachine from './presses-machine';
import * as pressesOther from './presses-other';
import * as pressesPushUp from './presses-push-up';
import * as raises from './raises';
import * as rear from './rear';

interface Pages {
  movements?: Record<string, Teaching>;
  variants?: Record<string, Partial<Teaching>>;
}
const pages: readonly Pages[] = [
  arms,
  flies,
  overhead,
  preparation,
  pressesBar,
  pressesBarSpecial,
  pressesDip,
  pressesDumbbell,
  pressesGuided,
  pressesMachine,
  pressesOther,
  pressesPushUp,
  raises,
  rear,
];

const together = <T>(part: (p: Pages) => Record<string, T> | undefined): Map<string, T> =>
  new Map(pages.flatMap((p) => Object.entries(part(p) ?? {})));
const ofMovements = together((p) => p.movements);
const ofVariants = together((p) => p.variants);

/**
 * What is taught about a movement at a rig: the movement's, with what its variant says otherwise. A movement of the
 * coach's own is taught as its coach wrote it; the rest is that of the one it was made from.
 */
export function teachingOf(movement: Movement, rig: Rig): Teaching {
  const base = findMovement(movement.id)!;
  return {
    ...ofMovements.get(movement.id)!,
    ...ofVariants.get(variantOf(base, rig).id),
    ...movement.taught,
  };
}

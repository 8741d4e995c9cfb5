import type { FloorStep } from '@drimbo/core/log';
import { choicesOf } from '@drimbo/core/loads';
import type { ReactNode } from 'react';
import { PlateSleeve } from '../../drawings/plate-sleeve';
import type { Floor } from '../../state/use-floor';

/** The plates a load takes; nothing where it takes none. */
export function Gear({
  floor,
  step,
  kg,
}: {
  floor: Floor;
  step: Exclude<FloorStep, { is: 'warm-up' }>;
  kg: number | null;
}): ReactNode {
  const { kit } = floor.context;
  const load = choicesOf(kit, step.line.movement)?.find((c) => kg !== null && Math.abs(c.kg - kg) < 1e-6);
  return load?.perSide && load.perSide.length > 0 ? (
    <PlateSleeve perSide={load.perSide} unit={kit.unit} />
  ) : null;
}

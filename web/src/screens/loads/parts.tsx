import type { PlateStack } from '@drimbo/core/kit';
import type { MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { PlateSleeve } from '../../drawings/plate-sleeve';

/** Puts a word of the address; an empty one is taken out. */
export type Put = (key: string, value: string) => void;

interface SleeveProps {
  load: { perSide?: PlateStack | undefined; oneEnd?: boolean | undefined };
  unit: MassUnit;
}
/** The plates of a load on one sleeve. */
export const Sleeve = ({ load, unit }: SleeveProps): ReactNode => (
  <PlateSleeve perSide={load.perSide ?? []} oneEnd={load.oneEnd} unit={unit} heightPx={32} />
);

import type { Body as BodyOf } from '@drimbo/core/anatomy';
import type { Kit } from '@drimbo/core/kit';
import { gearOf, loadAlong, loadCurve } from '@drimbo/core/loads';
import { findEntry } from '@drimbo/core/movements';
import { massText, type MassUnit, roughMass } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { LoadCurve } from '../../drawings/load-curve';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, Rows } from '../kit/parts';

const chained = findEntry('bench-press-with-chains')!;

interface ChainsProps {
  kit: Kit;
  body: BodyOf;
  unit: MassUnit;
  /** On the bar, and the max it is a share of; null without a max. */
  work: { barKg: number; maxKg: number } | null;
}

/** What a bar with this gym's chains weighs on the chest, half-way and locked out. */
export function WithChains({ kit, body, unit, work }: ChainsProps): ReactNode {
  const gear = gearOf(kit);
  const along = work && loadAlong(chained.movement, chained.rig, work.barKg, body, gear);
  return (
    <Sheet>
      <SheetHead>
        <h2>With chains</h2>
        <span>flat bench, {body.statureM.toFixed(2)} m tall</span>
      </SheetHead>
      <Body>
        {along && work ? (
          <>
            <Rows>
              <thead>
                <tr>
                  <th scope="col">On the chest</th>
                  <th scope="col">Half-way</th>
                  <th scope="col">Locked out</th>
                </tr>
              </thead>
              <tbody>
                <tr>
                  <td>{roughMass(along.bottom, unit)}</td>
                  <td>{roughMass(along.middle, unit)}</td>
                  <td>{roughMass(along.top, unit)}</td>
                </tr>
              </tbody>
            </Rows>
            <p>
              {massText(work.barKg, unit)} on the bar and{' '}
              {kit.chains?.[0] ? kit.chains[0].name.toLowerCase() : 'one usual chain a side'}: what hangs
              counts, what lies on the floor does not.
            </p>
            <LoadCurve
              curve={loadCurve(chained.movement, chained.rig, work.barKg, body, gear, work.maxKg)}
              barKg={work.barKg}
              added="chains"
              unit={unit}
              widthPx={300}
            />
          </>
        ) : (
          <p>What the bar weighs on the chest and locked out appears with a max.</p>
        )}
      </Body>
    </Sheet>
  );
}

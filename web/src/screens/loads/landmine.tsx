import { GRAVITY, landmineBar, landmineLever, leverForce } from '@drimbo/core/mechanics';
import { massText, type MassUnit, roughMass, toKg } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { TextField } from '../../parts/text-field';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, Rows } from '../kit/parts';
import { figureFrom } from '../../parts/figure';
import type { Put } from './parts';

const angles = [20, 35, 50, 65];

/** What the hand holds of a bar in a landmine as it rises. */
export function OnALandmine({ typed, unit, put }: { typed: string; unit: MassUnit; put: Put }): ReactNode {
  const plates = typed === '' ? 0 : figureFrom(0, 300)(typed);
  const lever = plates === null ? null : landmineLever(landmineBar.barKg + toKg(plates, unit));
  return (
    <Sheet>
      <SheetHead>
        <h2>On a landmine</h2>
        <span>what the hand holds</span>
      </SheetHead>
      <Body>
        <TextField
          label={`Plates on the end, ${unit}`}
          inputMode="decimal"
          value={typed}
          onChange={(plates) => put('plates', plates)}
        />
        {lever === null ? (
          <p role="alert">Plates are a figure from 0 to 300.</p>
        ) : (
          <>
            <Rows>
              <thead>
                <tr>
                  {angles.map((a) => (
                    <th scope="col" key={a}>
                      bar at {a}°
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                <tr>
                  {angles.map((a) => (
                    <td key={a}>{roughMass(leverForce(lever, a) / GRAVITY, unit)}</td>
                  ))}
                </tr>
              </tbody>
            </Rows>
            <p>
              A {massText(landmineBar.barKg, unit)} bar {landmineBar.barM} m long: it lightens as it rises.
            </p>
          </>
        )}
      </Body>
    </Sheet>
  );
}

import type { Kit } from '@drimbo/core/kit';
import type { PercentageOfMax } from '@drimbo/core/loads';
import { MOST_REPS } from '@drimbo/core/strength';
import { massText, type MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, Rows } from '../kit/parts';
import { Sleeve } from './parts';

const repsWords = (reps: number): string =>
  reps < 1.5 ? '1' : reps >= MOST_REPS ? `${MOST_REPS} or more` : `about ${Math.round(reps)}`;

interface PercentagesProps {
  kit: Kit;
  unit: MassUnit;
  hasBar: boolean;
  shares: readonly PercentageOfMax[];
}

/** Percentages of the max as loads this kit makes on a bar. */
export const Percentages = ({ kit, unit, hasBar, shares }: PercentagesProps): ReactNode => (
  <Sheet>
    <SheetHead>
      <h2>Percentages of it on a bar</h2>
      <span>plates on each side</span>
    </SheetHead>
    <Body>
      {!hasBar && <p>{kit.name} has no straight bar; choose another kit or add one there.</p>}
      {hasBar && shares.length === 0 && <p>They appear with a max.</p>}
      {shares.length > 0 && (
        <Rows>
          <thead>
            <tr>
              <th scope="col">Percentage</th>
              <th scope="col">Load</th>
              <th scope="col">Reps</th>
              <th scope="col">Plates</th>
            </tr>
          </thead>
          <tbody>
            {shares.map((s) => (
              <tr key={s.percent}>
                <td>{s.percent} %</td>
                <td style={{ whiteSpace: 'nowrap' }}>
                  <b>{massText(s.made.kg, unit)}</b>
                </td>
                <td>{repsWords(s.reps)}</td>
                <td>
                  <Sleeve load={s.made} unit={kit.unit} />
                </td>
              </tr>
            ))}
          </tbody>
        </Rows>
      )}
    </Body>
  </Sheet>
);

import type { Kit } from '@drimbo/core/kit/kit';
import type { ShareOfMax } from '@drimbo/core/loads/shares';
import { MOST_REPS } from '@drimbo/core/strength/formulas';
import { massText, type MassUnit } from '@drimbo/core/units/mass';
import type { ReactNode } from 'react';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, Rows } from '../kit/parts';
import { Sleeve } from './parts';

const repsWords = (reps: number): string =>
  reps < 1.5 ? '1' : reps >= MOST_REPS ? `${MOST_REPS} or more` : `about ${Math.round(reps)}`;

interface SharesProps {
  kit: Kit;
  unit: MassUnit;
  hasBar: boolean;
  shares: readonly ShareOfMax[];
}

/** Shares of the max as loads this kit makes on a bar. */
export const Shares = ({ kit, unit, hasBar, shares }: SharesProps): ReactNode => (
  <Sheet>
    <SheetHead>
      <h2>Shares of it on a bar</h2>
      <span>plates on each side</span>
    </SheetHead>
    <Body>
      {!hasBar && <p>{kit.name} has no straight bar; choose another kit or add one there.</p>}
      {hasBar && shares.length === 0 && <p>They appear with a max.</p>}
      {shares.length > 0 && (
        <Rows>
          <thead>
            <tr>
              <th scope="col">Share</th>
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

import type { MadeLoad } from '@drimbo/core/kit/fitting';
import { rampSets, type RampStyle } from '@drimbo/core/loads/ramp';
import { massText, type MassUnit } from '@drimbo/core/units/mass';
import type { ReactNode } from 'react';
import { Choice, Label } from '../../parts/fields';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, Rows } from '../kit/parts';
import { percents } from './asked';
import { Sleeve, type Put } from './parts';

interface RampProps {
  loads: readonly MadeLoad[];
  /** The working load; nothing without a max. */
  working: MadeLoad | undefined;
  share: number;
  style: RampStyle;
  unit: MassUnit;
  kitUnit: MassUnit;
  put: Put;
}

/** The way up to a working set with the fewest plate moves. */
export function Ramp({ loads, working, share, style, unit, kitUnit, put }: RampProps): ReactNode {
  const steps = working ? rampSets(loads, working.kg, 'barbell', true, style) : [];
  return (
    <Sheet>
      <SheetHead>
        <h2>Ramp to a working set</h2>
        <span>fewest plate moves</span>
      </SheetHead>
      <Body>
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 6 }}>
          <Label>
            Work at
            <Choice value={share} onChange={(e) => put('work', e.target.value)}>
              {percents.map((p) => (
                <option key={p} value={p}>
                  {p} %
                </option>
              ))}
            </Choice>
          </Label>
          <Label>
            Way up
            <Choice value={style} onChange={(e) => put('ramp', e.target.value)}>
              <option value="ladder">rising loads</option>
              <option value="two sets">two sets of 12–15</option>
            </Choice>
          </Label>
        </div>
        {working ? (
          <Rows>
            <tbody>
              {steps.map((r, i) => (
                <tr key={i}>
                  <td style={{ whiteSpace: 'nowrap' }}>
                    {massText(r.kg, unit)} × {r.reps}
                  </td>
                  <td>
                    <Sleeve load={r} unit={kitUnit} />
                  </td>
                </tr>
              ))}
              <tr>
                <td>
                  <b>{massText(working.kg, unit)}</b>
                </td>
                <td>
                  <Sleeve load={working} unit={kitUnit} />
                </td>
              </tr>
            </tbody>
          </Rows>
        ) : (
          <p>It appears with a max.</p>
        )}
      </Body>
    </Sheet>
  );
}

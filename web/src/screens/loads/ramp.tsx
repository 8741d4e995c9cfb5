import type { MadeLoad } from '@drimbo/core/kit';
import { rampSets, type RampStyle } from '@drimbo/core/loads';
import { massText, type MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Select } from '../../parts/select';
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
          <Select
            label="Work at"
            value={String(share)}
            options={percents.map((p) => [String(p), `${p} %`])}
            onChange={(p) => p && put('work', p)}
          />
          <Select
            label="Way up"
            value={style}
            options={[
              ['ladder', 'rising loads'],
              ['two sets', 'two sets of 12–15'],
            ]}
            onChange={(way) => way && put('ramp', way)}
          />
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

import {
  estimatedMax,
  estimateError,
  estimateWords,
  formulaIds,
  formulaName,
  isRough,
} from '@drimbo/core/strength';
import { type MassUnit, roughMass } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import type { Someone } from '../../state/someone';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { Sheet, SheetHead } from '../../parts/sheet';
import { SomeoneChoice } from '../shared/someone-choice';
import { Body, Rows } from '../kit/parts';
import type { AskedSet } from './asked';
import type { Put } from './parts';

interface MaxFromSetProps {
  asked: AskedSet;
  unit: MassUnit;
  someone: Someone;
  clientId: string | null;
  put: Put;
}

/** A set in, a max out, by every formula; and whose kit and body the rest is for. */
export function MaxFromSet({ asked, unit, someone, clientId, put }: MaxFromSetProps): ReactNode {
  const { typed, wrong, set } = asked;
  const counted = set ? set.reps + set.left : 0;
  return (
    <Sheet>
      <SheetHead>
        <h2>Max from a set</h2>
        <span>an estimate</span>
      </SheetHead>
      <Body>
        <div style={{ display: 'grid', gridTemplateColumns: '1.2fr 1fr 1fr 1fr', gap: 6 }}>
          <TextField
            label="Load"
            inputMode="decimal"
            value={typed.load}
            onChange={(load) => put('load', load)}
          />
          <Select
            label="in"
            value={unit}
            options={[
              ['kg', 'kg'],
              ['lb', 'lb'],
            ]}
            onChange={(to) => to && put('unit', to)}
          />
          <TextField
            label="Reps"
            inputMode="numeric"
            value={typed.reps}
            onChange={(reps) => put('reps', reps)}
          />
          <TextField
            label="Left"
            inputMode="decimal"
            value={typed.left}
            onChange={(left) => put('left', left)}
          />
        </div>
        {wrong && <p role="alert">{wrong}</p>}
        {!set && !wrong && <p>Give the load and the reps of a set, and how many were left in it.</p>}
        {set && (
          <>
            <p data-testid="max" style={{ fontSize: 15 }}>
              <b>{roughMass(estimatedMax(set.loadKg, set.reps, set.left), unit)}</b> ±{' '}
              {Math.round(estimateError(counted) * 100)} %, {estimateWords(counted)}.
              {isRough(counted) && ' So many repetitions make it rough.'}
            </p>
            <Rows>
              <tbody>
                {formulaIds.map((id) => (
                  <tr key={id}>
                    <td>{formulaName(id)}</td>
                    <td style={{ textAlign: 'right' }}>
                      {roughMass(estimatedMax(set.loadKg, set.reps, set.left, id), unit)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Rows>
          </>
        )}
        <SomeoneChoice
          someone={someone}
          clientId={clientId}
          of="On the kit of"
          onClient={(id) => put('client', id ?? '')}
          onKit={(id) => put('kit', id)}
        />
      </Body>
    </Sheet>
  );
}

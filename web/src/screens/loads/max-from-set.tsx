import {
  estimateError,
  estimatedMax,
  estimateWords,
  formulaIds,
  formulaName,
  isRough,
} from '@drimbo/core/strength/formulas';
import { roughMass, type MassUnit } from '@drimbo/core/units/mass';
import type { ReactNode } from 'react';
import type { Someone } from '../../state/someone';
import { Choice, Field, Label } from '../../parts/fields';
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
          <Label>
            Load
            <Field inputMode="decimal" value={typed.load} onChange={(e) => put('load', e.target.value)} />
          </Label>
          <Label>
            in
            <Choice value={unit} onChange={(e) => put('unit', e.target.value)}>
              <option>kg</option>
              <option>lb</option>
            </Choice>
          </Label>
          <Label>
            Reps
            <Field inputMode="numeric" value={typed.reps} onChange={(e) => put('reps', e.target.value)} />
          </Label>
          <Label>
            Left
            <Field inputMode="decimal" value={typed.left} onChange={(e) => put('left', e.target.value)} />
          </Label>
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

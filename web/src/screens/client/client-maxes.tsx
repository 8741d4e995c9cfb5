import { clientMax, clientTrend } from '@drimbo/core/measure/client-max';
import { entries, findEntry } from '@drimbo/core/movements/catalogue';
import { missingFor } from '@drimbo/core/kit/fitting';
import type { Client } from '@drimbo/core/session/client';
import { formulaIds, formulaName } from '@drimbo/core/strength/formulas';
import { liftRecordSchema, type LiftRecord } from '@drimbo/core/strength/evidence';
import { massText, readMass, roughMass } from '@drimbo/core/units/mass';
import { movementName } from '@drimbo/core/movements/settings';
import { movementOf } from '@drimbo/core/movements/catalogue';
import { X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { todayIso, useKits, type ClientFile } from '../../data/queries';
import { TrendLine } from '../../drawings/trend-line';
import { readCount, readFigure } from '../shared/read';
import { Act } from '../../parts/act';
import { Choice, Field } from '../../parts/fields';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: ${size.small};
  th {
    text-align: left;
    font-weight: 420;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding: 2px 6px 2px 12px;
  }
  td {
    padding: 4px 6px 4px 12px;
    border-top: 1px solid ${ink.hush};
    vertical-align: top;
  }
  small {
    display: block;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  td.figure {
    white-space: nowrap;
    font-weight: 640;
  }
`;
const Form = styled.form`
  display: grid;
  grid-template-columns: 1.8fr 0.8fr 0.6fr 0.7fr auto;
  gap: 5px;
  padding: 6px 12px 12px;
  input,
  select {
    font-size: ${size.small};
    padding: 3px 5px;
  }
`;

const shown = [
  'barbell-bench-press',
  'incline-barbell-press',
  'dumbbell-bench-press',
  'incline-dumbbell-press',
  'seated-dumbbell-press',
  'standing-barbell-press',
  'chest-dip',
  'dumbbell-lateral-raise',
  'lying-triceps-extension',
  'cable-overhead-extension',
];
const testable = entries.filter((e) => e.movement.load.kind !== 'none' && e.movement.family !== 'corrective');

/** Maxes with where each comes from, the tests behind them, and a place to add one. */
export function ClientMaxes({
  client,
  file,
  change,
}: {
  client: Client;
  file: ClientFile;
  change: (patch: Partial<Client>) => void;
}): ReactNode {
  const kits = useKits();
  const kit = kits.data?.find((k) => k.id === client.kitId)?.document;
  const [entryId, setEntry] = useState('barbell-bench-press');
  const [load, setLoad] = useState('');
  const [reps, setReps] = useState('');
  const [reserve, setReserve] = useState('0');
  const [wrong, setWrong] = useState('');
  const context = kit ? { client, kit, logged: file.logged, todayIso: todayIso() } : null;
  const add = (): void => {
    const entry = findEntry(entryId)!;
    const record: LiftRecord = {
      movement: entry.movement.id,
      rig: entry.rig,
      date: todayIso(),
      loadKg: Number(load.trim() || NaN) === 0 ? 0 : (readMass(load, client.unit) ?? NaN),
      reps: readCount(1, 100)(reps) ?? NaN,
      reserve: readFigure(0, 10)(reserve) ?? NaN,
      kind: 'test',
    };
    const checked = liftRecordSchema.safeParse(record);
    if (!checked.success || record.reps + record.reserve > 36) {
      setWrong('Give a load, whole reps from 1, and what was left; up to 36 reps in all count as a test.');
      return;
    }
    setWrong('');
    change({ tests: [...client.tests, checked.data] });
    setLoad('');
    setReps('');
  };
  return (
    <>
      <SheetHead>
        <h2>Max today</h2>
        <label>
          by{' '}
          <select
            value={client.formula}
            onChange={(e) => change({ formula: e.target.value as Client['formula'] })}
            style={{ border: 'none', background: 'none', fontWeight: 620 }}
          >
            <option value="median">median of seven</option>
            {formulaIds.map((f) => (
              <option key={f} value={f}>
                {formulaName(f)}
              </option>
            ))}
          </select>
        </label>
      </SheetHead>
      <Table>
        <tbody>
          {context &&
            shown.map((id) => {
              const entry = findEntry(id)!;
              if (missingFor(context.kit, entry.movement)) return null;
              const max = clientMax(entry.movement, entry.rig, context);
              const perHand = entry.movement.load.kind === 'external' && entry.movement.load.perHand;
              return (
                <tr key={id}>
                  <td>
                    {entry.name}
                    <small>
                      {max.basis === 'calibrate' ? 'no test, no set, no honest ratio' : max.terms[0]!.says}
                    </small>
                  </td>
                  <td>
                    {(max.basis === 'tested' || max.basis === 'from sets') && (
                      <TrendLine
                        points={clientTrend(entry.movement, entry.rig, context)}
                        unit={client.unit}
                      />
                    )}
                  </td>
                  <td className="figure">
                    {max.basis === 'calibrate' ? (
                      <span style={{ fontWeight: 420, color: ink.soft }}>calibrate</span>
                    ) : (
                      <>
                        {roughMass(max.kg, client.unit, max.kg < 20 ? 1 : 0)}
                        {perHand ? ' each' : ''}
                        {entry.movement.load.kind === 'bodyweight' && (
                          <small style={{ fontWeight: 420 }}>with bodyweight</small>
                        )}
                        <small style={{ fontWeight: 420 }}>
                          ± {Math.round(max.spread * 100)} %, {max.basis}
                        </small>
                      </>
                    )}
                  </td>
                </tr>
              );
            })}
        </tbody>
      </Table>
      <SheetHead style={{ paddingTop: 14 }}>
        <h2>Tests</h2>
        <span>{file.logged.length} logged sets count too</span>
      </SheetHead>
      <Table>
        <tbody>
          {client.tests.map((t, i) => (
            <tr key={`${t.movement}${t.date}${i}`}>
              <td>
                {movementName(movementOf(t.movement), t.rig)}
                <small>{t.date}</small>
              </td>
              <td className="figure">
                {massText(t.loadKg, client.unit)} × {t.reps}
                {t.reserve > 0 && <small>{t.reserve} left</small>}
              </td>
              <td style={{ textAlign: 'right' }}>
                <Act
                  small
                  kind="quiet"
                  aria-label={`Take out the test of ${t.date}`}
                  onPress={() => change({ tests: client.tests.filter((_, n) => n !== i) })}
                >
                  <X size={13} aria-hidden />
                </Act>
              </td>
            </tr>
          ))}
          {client.tests.length === 0 && (
            <tr>
              <td style={{ color: ink.soft }}>None yet: loads are found on the day, set by set.</td>
            </tr>
          )}
        </tbody>
      </Table>
      <Form
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <Choice aria-label="Movement tested" value={entryId} onChange={(e) => setEntry(e.target.value)}>
          {testable.map((e) => (
            <option key={e.id} value={e.id}>
              {e.name}
            </option>
          ))}
        </Choice>
        <Field
          aria-label={`Load in ${client.unit}`}
          placeholder={client.unit}
          inputMode="decimal"
          value={load}
          onChange={(e) => setLoad(e.target.value)}
        />
        <Field
          aria-label="Reps"
          placeholder="reps"
          inputMode="numeric"
          value={reps}
          onChange={(e) => setReps(e.target.value)}
        />
        <Field
          aria-label="Reps left"
          placeholder="left"
          inputMode="decimal"
          value={reserve}
          onChange={(e) => setReserve(e.target.value)}
        />
        <Act small type="submit">
          Add test
        </Act>
        {wrong && (
          <p role="alert" style={{ gridColumn: '1 / -1', fontSize: size.small }}>
            {wrong}
          </p>
        )}
      </Form>
    </>
  );
}

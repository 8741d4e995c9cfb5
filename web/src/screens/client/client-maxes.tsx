import type { ClientFile } from '@drimbo/core/contract';
import { dayWords, massText, roughMass } from '@drimbo/core/units';
import { clientMax, clientTrend } from '@drimbo/core/measure';
import { canComeBack, findEntry, movementName, movementOf } from '@drimbo/core/movements';
import { missingFor } from '@drimbo/core/kit';
import type { Client } from '@drimbo/core/session';
import { formulaIds, formulaName } from '@drimbo/core/strength';
import { X } from 'lucide-react';
import { useEffect, useRef, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { todayIso, useKits } from '../../data/queries';
import { TrendLine } from '../../drawings/trend-line';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { Disclosure } from '../../parts/disclosure';
import { tell } from '../../parts/toast';
import { Nature } from './nature';
import { TestForm } from './test-form';

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
  const recent = client.deletedTests.filter((g) => canComeBack(g, todayIso()));
  const now = useRef(client);
  useEffect(() => {
    now.current = client;
  });
  const bringBack = ({ on, test }: Client['deletedTests'][number]): void => {
    const { tests, deletedTests } = now.current;
    const isIt = (g: Client['deletedTests'][number]): boolean =>
      g.on === on && JSON.stringify(g.test) === JSON.stringify(test);
    const at = deletedTests.findIndex(isIt);
    if (at < 0) return;
    change({
      tests: [...tests, test].sort((a, b) => a.date.localeCompare(b.date)),
      deletedTests: deletedTests.filter((_, n) => n !== at),
    });
  };
  const context = kit ? { client, kit, logged: file.logged, todayIso: todayIso() } : null;
  return (
    <>
      <SheetHead>
        <h2>Max today</h2>
        <Select
          quiet
          label="by"
          labelPlace="before"
          value={client.formula}
          options={[
            ['median', 'the usual curve'],
            ...formulaIds.map((f): [typeof f, string] => [f, formulaName(f)]),
          ]}
          onChange={(formula) => formula && change({ formula })}
        />
      </SheetHead>
      <Table>
        <tbody>
          {context &&
            shown.map((id) => {
              const entry = findEntry(id)!;
              if (missingFor(context.kit, entry.movement, entry.rig)) return null;
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
                <small>{dayWords(t.date)}</small>
              </td>
              <td className="figure">
                {massText(t.loadKg, client.unit)} × {t.reps}
                {t.reserve > 0 && <small>{t.reserve} left</small>}
              </td>
              <td style={{ textAlign: 'right' }}>
                <Button
                  small
                  kind="quiet"
                  aria-label={`Delete the test of ${dayWords(t.date)}`}
                  onPress={() => {
                    const left = client.tests.filter((_, n) => n !== i);
                    const gone = [{ on: todayIso(), test: t }, ...recent].slice(0, 200);
                    change({ tests: left, deletedTests: gone });
                    tell(
                      `The test of ${dayWords(t.date)} is deleted; maxes that rest on it change. It stays under Tests for thirty days.`,
                      () => bringBack(gone[0]!),
                    );
                  }}
                >
                  <X size={13} aria-hidden />
                </Button>
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
      {recent.length > 0 && (
        <div style={{ padding: '2px 12px' }}>
          <Disclosure says={`Deleted in the last thirty days (${recent.length})`}>
            <ul style={{ fontSize: size.small }}>
              {recent.map((gone, i) => (
                <li key={i} style={{ display: 'flex', gap: 8, justifyContent: 'space-between' }}>
                  <span>
                    {movementName(movementOf(gone.test.movement), gone.test.rig)},{' '}
                    {massText(gone.test.loadKg, client.unit)} × {gone.test.reps}, {gone.test.date}
                  </span>
                  <Button small onPress={() => bringBack(gone)}>
                    Bring back
                  </Button>
                </li>
              ))}
            </ul>
          </Disclosure>
        </div>
      )}
      <TestForm unit={client.unit} onAdd={(record) => change({ tests: [...client.tests, record] })} />
      {kit && <Nature client={client} file={file} kit={kit} change={change} />}
    </>
  );
}

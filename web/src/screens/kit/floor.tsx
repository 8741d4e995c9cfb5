import { entries } from '@drimbo/core/movements/catalogue';
import type { ReactNode } from 'react';
import { Act } from '../../parts/act';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Cell } from '../designer/cell';
import { Body, Rows, TakeOut, TakeOutHead, type PartProps } from './parts';
import { readFigure, replaced, without } from '../shared/read';

/** Every place a movement happens at, from the movements themselves. */
const stations = [...new Set(entries.map((e) => e.movement.station))].sort();

/** How far apart stations stand, where it is worth knowing. */
export function Floor({ kit, change }: PartProps): ReactNode {
  const apart = kit.apart ?? [];
  const free = stations.flatMap((a, i) =>
    stations
      .slice(i + 1)
      .flatMap((b) =>
        apart.some((d) => (d.a === a && d.b === b) || (d.a === b && d.b === a)) ? [] : [{ a, b }],
      ),
  );
  const usual = free.find((w) => w.a === 'cables' && w.b === 'dumbbells') ?? free[0];
  return (
    <Sheet>
      <SheetHead>
        <h2>Ways between stations</h2>
        <Act
          small
          isDisabled={!usual || apart.length >= 30}
          onPress={() => usual && change({ apart: [...apart, { ...usual, metres: 15 }] })}
        >
          Add a way
        </Act>
      </SheetHead>
      <Body>
        {apart.length === 0 && <p>None measured: fifteen metres are taken for every way.</p>}
        {apart.length > 0 && (
          <Rows>
            <thead>
              <tr>
                <th scope="col">From</th>
                <th scope="col">To</th>
                <th scope="col">Metres</th>
                <TakeOutHead />
              </tr>
            </thead>
            <tbody>
              {apart.map((d, i) => {
                const put = (patch: Partial<typeof d>): void =>
                  change({ apart: replaced(apart, i, { ...d, ...patch }) });
                const choose = (end: 'a' | 'b', says: string): ReactNode => (
                  <select
                    aria-label={`${says} of way ${i + 1}`}
                    value={d[end]}
                    style={{ width: '100%' }}
                    onChange={(e) => put({ [end]: e.target.value })}
                  >
                    {stations
                      .filter((s) => s !== d[end === 'a' ? 'b' : 'a'])
                      .map((s) => (
                        <option key={s}>{s}</option>
                      ))}
                  </select>
                );
                return (
                  <tr key={i}>
                    <td>{choose('a', 'Start')}</td>
                    <td>{choose('b', 'End')}</td>
                    <td style={{ width: 52 }}>
                      <Cell
                        label={`Metres of way ${i + 1}`}
                        text={String(d.metres)}
                        read={readFigure(0, 200)}
                        hint="Metres, up to 200"
                        take={(metres) => put({ metres })}
                      />
                    </td>
                    <TakeOut
                      of={`the way from ${d.a} to ${d.b}`}
                      act={() => change({ apart: without(apart, i) })}
                    />
                  </tr>
                );
              })}
            </tbody>
          </Rows>
        )}
      </Body>
    </Sheet>
  );
}

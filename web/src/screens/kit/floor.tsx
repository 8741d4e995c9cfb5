import { entries } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Select } from '../../parts/select';
import { Cell } from '../../parts/cell';
import { Body, Rows, Remove, RemoveHead, type PartProps } from './parts';
import { replaced, without } from '../shared/read';
import { figureFrom } from '../../parts/figure';

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
        <h2>Distances between stations</h2>
        <Button
          small
          isDisabled={!usual || apart.length >= 30}
          onPress={() => usual && change({ apart: [...apart, { ...usual, metres: 15 }] })}
        >
          Add a distance
        </Button>
      </SheetHead>
      <Body>
        {apart.length === 0 && <p>None measured: every two stations are taken to be fifteen metres apart.</p>}
        {apart.length > 0 && (
          <Rows>
            <thead>
              <tr>
                <th scope="col">From</th>
                <th scope="col">To</th>
                <th scope="col">Metres</th>
                <RemoveHead />
              </tr>
            </thead>
            <tbody>
              {apart.map((d, i) => {
                const put = (patch: Partial<typeof d>): void =>
                  change({ apart: replaced(apart, i, { ...d, ...patch }) });
                const choose = (end: 'a' | 'b', says: string): ReactNode => (
                  <Select
                    small
                    label={`${says} of distance ${i + 1}`}
                    labelPlace="unseen"
                    value={d[end]}
                    options={stations.filter((s) => s !== d[end === 'a' ? 'b' : 'a']).map((s) => [s, s])}
                    onChange={(station) => station && put({ [end]: station })}
                  />
                );
                return (
                  <tr key={i}>
                    <td>{choose('a', 'Start')}</td>
                    <td>{choose('b', 'End')}</td>
                    <td style={{ width: 52 }}>
                      <Cell
                        label={`Metres of distance ${i + 1}`}
                        text={String(d.metres)}
                        read={figureFrom(0, 200)}
                        hint="Metres, up to 200"
                        take={(metres) => put({ metres })}
                      />
                    </td>
                    <Remove
                      of={`the distance from ${d.a} to ${d.b}`}
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

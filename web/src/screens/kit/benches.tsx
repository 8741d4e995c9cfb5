import { readAngles } from '@drimbo/core/kit';
import type { ReactNode } from 'react';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Cell } from '../../parts/cell';
import { Body, Rows, Remove, RemoveHead, type PartProps } from './parts';
import { readText, replaced, without } from '../shared/read';

/** Benches by the notches they really have. */
export function Benches({ kit, change }: PartProps): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>Benches</h2>
        <Button
          small
          onPress={() =>
            change({
              benches: [...kit.benches, { id: newId('bench'), name: 'Bench', notchesDeg: [0, 30, 45] }],
            })
          }
        >
          Add a bench
        </Button>
      </SheetHead>
      <Body>
        {kit.benches.length === 0 && <p>None. A bench is its name and the angles it can be set to.</p>}
        {kit.benches.length > 0 && (
          <Rows>
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Notches, degrees</th>
                <RemoveHead />
              </tr>
            </thead>
            <tbody>
              {kit.benches.map((b, i) => (
                <tr key={b.id}>
                  <td>
                    <Cell
                      label={`Name of bench ${i + 1}`}
                      text={b.name}
                      read={readText}
                      hint="A name"
                      take={(name) => change({ benches: replaced(kit.benches, i, { ...b, name }) })}
                    />
                  </td>
                  <td>
                    <Cell
                      label={`Notches of ${b.name}`}
                      text={b.notchesDeg.join(', ')}
                      read={readAngles}
                      hint="Angles from −40 to 90, like 0, 30, 45"
                      take={(notchesDeg) =>
                        change({ benches: replaced(kit.benches, i, { ...b, notchesDeg }) })
                      }
                    />
                  </td>
                  <Remove of={b.name} act={() => change({ benches: without(kit.benches, i) })} />
                </tr>
              ))}
            </tbody>
          </Rows>
        )}
      </Body>
    </Sheet>
  );
}

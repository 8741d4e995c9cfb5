import type { ReactNode } from 'react';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Cell } from '../../parts/cell';
import { Body, Rows, Remove, type PartProps } from './parts';
import { readCount, readText, replaced, without } from '../shared/read';
import { figureFrom } from '../../parts/figure';

/** Chains to hang from a bar: weight a metre, length, how many a side. */
export function Chains({ kit, change }: PartProps): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>Chains</h2>
        <Button
          small
          onPress={() =>
            change({
              chains: [
                ...(kit.chains ?? []),
                { id: newId('chain'), name: 'Chains', kgPerMetre: 6, metres: 1.6, aSide: 1 },
              ],
            })
          }
        >
          Add chains
        </Button>
      </SheetHead>
      <Body>
        {(kit.chains ?? []).length === 0 && (
          <p>None. A chain is its weight a metre, its length and how many a side.</p>
        )}
        <Rows>
          <tbody>
            {(kit.chains ?? []).map((c, i) => {
              const put = (patch: Partial<typeof c>): void =>
                change({ chains: replaced(kit.chains!, i, { ...c, ...patch }) });
              return (
                <tr key={c.id}>
                  <td style={{ minWidth: 84 }}>
                    <Cell
                      label={`Name of chains ${i + 1}`}
                      text={c.name}
                      read={readText}
                      hint="A name"
                      take={(name) => put({ name })}
                    />
                  </td>
                  <td style={{ width: 34 }}>
                    <Cell
                      label={`Weight a metre of ${c.name}, kg`}
                      text={`${c.kgPerMetre}`}
                      read={figureFrom(0.1, 40)}
                      hint="Kilograms a metre"
                      take={(kgPerMetre) => put({ kgPerMetre })}
                    />
                  </td>
                  <td style={{ whiteSpace: 'nowrap' }}>kg a metre</td>
                  <td style={{ width: 38 }}>
                    <Cell
                      label={`Length of ${c.name}, metres`}
                      text={`${c.metres}`}
                      read={figureFrom(0.2, 5)}
                      hint="Metres"
                      take={(metres) => put({ metres })}
                    />
                  </td>
                  <td>m</td>
                  <td style={{ width: 28 }}>
                    <Cell
                      label={`How many a side of ${c.name}`}
                      text={`${c.aSide}`}
                      read={readCount(1, 6)}
                      hint="1 to 6 a side"
                      take={(aSide) => put({ aSide })}
                    />
                  </td>
                  <td style={{ whiteSpace: 'nowrap' }}>a side</td>
                  <Remove of={c.name} act={() => change({ chains: without(kit.chains!, i) })} />
                </tr>
              );
            })}
          </tbody>
        </Rows>
      </Body>
    </Sheet>
  );
}

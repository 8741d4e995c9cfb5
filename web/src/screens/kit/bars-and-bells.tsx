import { type Kit, readSizes, type Size, sizesText } from '@drimbo/core/kit';
import { markedUnit, markText, type MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { newId } from '../../data/ids';
import { PlateSleeve } from '../../drawings/plate-sleeve';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Select } from '../../parts/select';
import { Cell } from '../../parts/cell';
import { Body, Rows, Remove, RemoveHead, type PartProps } from './parts';
import { readText, readWeight, replaced, without } from '../shared/read';

const uses: Kit['bars'][number]['use'][] = ['straight', 'curl', 'guided', 'landmine'];

/** A list of sizes as it is typed; an emptied cell is about to be filled again, "none" empties the list. */
const readMarked =
  (unit: MassUnit) =>
  (text: string): Size[] | null =>
    text.trim() === '' ? null : /^none$/i.test(text.trim()) ? [] : readSizes(text, unit);

/** Bars with what they weigh and what they are for. */
export function Bars({ kit, change }: PartProps): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>Bars</h2>
        <Button
          small
          onPress={() =>
            change({ bars: [...kit.bars, { id: newId('bar'), name: 'Bar', kg: 20, use: 'straight' }] })
          }
        >
          Add a bar
        </Button>
      </SheetHead>
      <Body>
        {kit.bars.length === 0 && <p>None. A guided bar weighs what its carriage does.</p>}
        {kit.bars.length > 0 && (
          <Rows>
            <thead>
              <tr>
                <th scope="col">Name</th>
                <th scope="col">Weighs, {kit.unit}</th>
                <th scope="col">Use</th>
                <RemoveHead />
              </tr>
            </thead>
            <tbody>
              {kit.bars.map((b, i) => (
                <tr key={b.id}>
                  <td>
                    <Cell
                      label={`Name of bar ${i + 1}`}
                      text={b.name}
                      read={readText}
                      hint="A name"
                      take={(name) => change({ bars: replaced(kit.bars, i, { ...b, name }) })}
                    />
                  </td>
                  <td style={{ width: 70 }}>
                    <Cell
                      label={`Weight of ${b.name}`}
                      text={markText(b.kg, kit.unit)}
                      read={readWeight(kit.unit)}
                      hint={`A weight in ${kit.unit}, or with its unit`}
                      take={(kg) => change({ bars: replaced(kit.bars, i, { ...b, kg }) })}
                    />
                  </td>
                  <td style={{ minWidth: 92 }}>
                    <Select
                      small
                      label={`Use of ${b.name}`}
                      labelPlace="unseen"
                      value={b.use}
                      options={uses.map((u) => [u, u])}
                      onChange={(use) => use && change({ bars: replaced(kit.bars, i, { ...b, use }) })}
                    />
                  </td>
                  <Remove of={b.name} act={() => change({ bars: without(kit.bars, i) })} />
                </tr>
              ))}
            </tbody>
          </Rows>
        )}
      </Body>
    </Sheet>
  );
}

/** Plates by size and pairs, drawn as one side of a bar would look with all of them; each marking by itself. */
export function Plates({ kit, change }: PartProps): ReactNode {
  const groups = (['kg', 'lb'] as const)
    .map((unit) => kit.plates.filter((p) => markedUnit(p.kg, kit.unit) === unit && p.pairs > 0))
    .filter((group) => group.length > 0);
  return (
    <Sheet>
      <SheetHead>
        <h2>Plates</h2>
        <span>pairs of each</span>
      </SheetHead>
      <Body>
        <Cell
          label="Plates by size and pairs"
          text={sizesText(kit.plates, kit.unit) || 'none'}
          read={readMarked(kit.unit)}
          hint={`Sizes in ${kit.unit} and pairs, like 20 x 4, 10 x 2, 5; 45 lb x 2 in the other unit`}
          take={(plates) => change({ plates })}
        />
        {groups.map((group) => (
          <PlateSleeve
            key={markedUnit(group[0]!.kg, kit.unit)}
            perSide={[...group].sort((a, b) => b.kg - a.kg).map((p) => ({ kg: p.kg, count: p.pairs }))}
            unit={kit.unit}
          />
        ))}
        <p>
          {groups.length > 1
            ? 'Everything on one side, if it would fit. The two markings are never mixed on a bar.'
            : 'Everything on one side, if it would fit.'}
        </p>
      </Body>
    </Sheet>
  );
}

/** Dumbbells by size and pairs. */
export function Dumbbells({ kit, change }: PartProps): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>Dumbbells</h2>
        <span>{kit.dumbbells.length} sizes</span>
      </SheetHead>
      <Body>
        <Cell
          label="Dumbbells by size and pairs"
          text={sizesText(kit.dumbbells, kit.unit) || 'none'}
          read={readMarked(kit.unit)}
          hint={`Sizes in ${kit.unit}, like 2-30 by 2, 32.5, 35 x 2`}
          take={(dumbbells) => change({ dumbbells })}
        />
        <p>
          A run is written “2–30 by 2”, more than one pair “12 × 2”, a bell in the other unit “
          {kit.unit === 'kg' ? '25 lb' : '12 kg'}”.
        </p>
      </Body>
    </Sheet>
  );
}

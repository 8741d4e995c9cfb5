import { movements } from '@drimbo/core/movements';
import { markText } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Select } from '../../parts/select';
import { Cell } from '../../parts/cell';
import { Body, Rows, type PartProps } from './parts';
import { readCount, readText, readWeight, replaced, without } from '../shared/read';
import { figureFrom } from '../../parts/figure';

/** Stations a stack can serve, from the movements themselves. */
export const stackStations = [
  ...new Set(
    movements.filter((m) => m.implement === 'cable' || m.implement === 'machine').map((m) => m.station),
  ),
].sort();

const Stations = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  align-items: center;
  span {
    display: inline-flex;
    align-items: center;
  }
`;

/** The stations a stack is the load of: one at least. */
function Serves({
  of,
  serves,
  take,
}: {
  of: string;
  serves: string[];
  take: (serves: string[]) => void;
}): ReactNode {
  return (
    <Stations>
      {serves.map((station) => (
        <span key={station}>
          {station}
          {serves.length > 1 && (
            <Button
              small
              kind="quiet"
              aria-label={`${of} no longer serves ${station}`}
              onPress={() => take(serves.filter((s) => s !== station))}
            >
              Remove
            </Button>
          )}
        </span>
      ))}
      <Select
        small
        label={`What else ${of} serves`}
        labelPlace="unseen"
        value={null}
        none="also…"
        options={stackStations
          .filter((station) => !serves.includes(station))
          .map((station) => [station, station])}
        onChange={(station) => station && take([...serves, station])}
      />
    </Stations>
  );
}

/** Cable stacks and machines: first plate, step, end, ratio, and what each serves. */
export function Stacks({ kit, change }: PartProps): ReactNode {
  const { unit } = kit;
  const shown = (kg: number): string => markText(kg, unit);
  const kgOf = (text: string, most?: number): number | null => readWeight(unit, most)(text);
  return (
    <Sheet>
      <SheetHead>
        <h2>Stacks and machines</h2>
        <Button
          small
          onPress={() =>
            change({
              stacks: [
                ...kit.stacks,
                {
                  id: newId('stack'),
                  name: 'Cables',
                  serves: ['cables'],
                  firstKg: 5,
                  stepKg: 5,
                  maxKg: 80,
                  addOnsKg: [],
                  count: 2,
                  ratio: 1,
                },
              ],
            })
          }
        >
          Add a stack
        </Button>
      </SheetHead>
      <Body>
        {kit.stacks.length === 0 && (
          <p>None. A stack is its first plate, its step and its end, and what it serves.</p>
        )}
        {kit.stacks.map((s, i) => {
          const put = (patch: Partial<typeof s>): void =>
            change({ stacks: replaced(kit.stacks, i, { ...s, ...patch }) });
          const cell = (
            label: string,
            text: string,
            read: (t: string) => number | null,
            hint: string,
            take: (n: number) => void,
          ): ReactNode => (
            <tr>
              <td>{label}</td>
              <td>
                <Cell label={`${label}, ${s.name}`} text={text} read={read} hint={hint} take={take} />
              </td>
            </tr>
          );
          return (
            <div key={s.id}>
              <div style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
                <div style={{ flex: 1 }}>
                  <Cell
                    label={`Name of stack ${i + 1}`}
                    strong
                    text={s.name}
                    read={readText}
                    hint="A name"
                    take={(name) => put({ name })}
                  />
                </div>
                <Button
                  small
                  kind="quiet"
                  aria-label={`Remove ${s.name}`}
                  onPress={() => change({ stacks: without(kit.stacks, i) })}
                >
                  Remove
                </Button>
              </div>
              <Rows>
                <tbody>
                  {cell(
                    `First plate, ${unit}`,
                    shown(s.firstKg),
                    (t) => kgOf(t),
                    `A weight in ${unit}`,
                    (firstKg) => put({ firstKg }),
                  )}
                  {cell(
                    `Step, ${unit}`,
                    shown(s.stepKg),
                    (t) => kgOf(t),
                    `A weight in ${unit}`,
                    (stepKg) => put({ stepKg }),
                  )}
                  {cell(
                    `Whole stack, ${unit}`,
                    shown(s.maxKg),
                    (t) => kgOf(t, 500),
                    `A weight in ${unit}`,
                    (maxKg) => put({ maxKg }),
                  )}
                  {cell(
                    'Hand feels, of the stack',
                    String(s.ratio),
                    figureFrom(0.25, 2),
                    '0.5 for a pulley of two to one',
                    (ratio) => put({ ratio }),
                  )}
                  {cell('How many', String(s.count), readCount(1, 10), '1 to 10', (count) => put({ count }))}
                  <tr>
                    <td>Add-ons, {unit}</td>
                    <td>
                      <Cell
                        label={`Add-ons, ${s.name}`}
                        text={s.addOnsKg.map(shown).join(', ') || 'none'}
                        read={(t) => {
                          if (/^none$/i.test(t.trim())) return [];
                          const list = t.split(/\s*,\s*/).map((x) => kgOf(x));
                          return list.length <= 4 && list.every((k) => k !== null) ? list : null;
                        }}
                        hint={`Up to four weights in ${unit}, or none`}
                        take={(addOnsKg) => put({ addOnsKg })}
                      />
                    </td>
                  </tr>
                  <tr>
                    <td>Serves</td>
                    <td>
                      <Serves of={s.name} serves={s.serves} take={(serves) => put({ serves })} />
                    </td>
                  </tr>
                </tbody>
              </Rows>
            </div>
          );
        })}
      </Body>
    </Sheet>
  );
}

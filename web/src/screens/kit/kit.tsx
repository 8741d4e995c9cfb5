import { kitSchema, type Kit } from '@drimbo/core/kit/kit';
import { readAngles, readSizes, sizesText } from '@drimbo/core/kit/lists';
import { fromKg, massFigure, toKg } from '@drimbo/core/units/mass';
import { useCallback, useEffect, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { newId, queryClient, useKits, type Stored } from '../../data/queries';
import { useSavedDocument } from '../../designer/use-saved-document';
import { PlateSleeve } from '../../drawing/plate-sleeve';
import { SheetsPage } from '../../look/lists';
import { Act, Blank, Choice, Field, Label, Sheet, SheetHead, Title } from '../../look/parts';
import { ink, size } from '../../look/theme';
import { Cell } from '../designer/cell';
import { Chains } from './chains';
import { Body, readText, readFigure, replaced, Rows, without } from './parts';
import { Stacks } from './stacks';

const uses: Kit['bars'][number]['use'][] = ['straight', 'curl', 'guided', 'landmine'];
/** Stations that are places rather than stacks. */
const places = ['dip bars', 'landmine'];
function Desk({ stored }: { stored: Stored<Kit> }): ReactNode {
  const kept = useCallback(
    (answer: Stored<Kit>) =>
      queryClient.setQueryData<Stored<Kit>[]>(['kits'], (old) =>
        old?.map((k) => (k.id === answer.id ? answer : k)),
      ),
    [],
  );
  const {
    document: kit,
    change,
    says,
    stale,
    keepMine,
  } = useSavedDocument(`/kits/${stored.id}`, stored, kitSchema, kept);
  const { unit } = kit;
  useEffect(() => {
    window.document.title = `${kit.name} · Drimbo`;
  }, [kit.name]);
  const kgOf = (text: string, max = 300): number | null => {
    const n = readFigure(0.1, 1000)(text);
    const kg = n === null ? null : Number(toKg(n, unit).toFixed(4));
    return kg !== null && kg <= max ? kg : null;
  };
  const shown = (kg: number): string => massFigure(kg, unit);
  const sizes = (list: readonly { kg: number; pairs: number }[]): string =>
    sizesText(
      [...list]
        .sort((a, b) => a.kg - b.kg)
        .map((d) => ({ size: Number(fromKg(d.kg, unit).toFixed(3)), count: d.pairs })),
    );
  const asKg = (text: string): { kg: number; pairs: number }[] | null => {
    // An emptied cell is about to be filled again; "none" empties the list.
    if (text.trim() === '') return null;
    const list = /^none$/i.test(text.trim()) ? [] : readSizes(text);
    return list && list.map((d) => ({ kg: Number(toKg(d.size, unit).toFixed(4)), pairs: d.count }));
  };
  const save = (): void => {
    const address = URL.createObjectURL(
      new Blob([JSON.stringify(kit, null, 2)], { type: 'application/json' }),
    );
    const link = window.document.createElement('a');
    link.href = address;
    link.download = `${kit.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.kit.json`;
    link.click();
    URL.revokeObjectURL(address);
  };

  return (
    <SheetsPage $columns="1fr 1fr 1fr">
      <header>
        <Title>{kit.name}</Title>
        <p>Loads, warm-ups and swaps come from what is written here.</p>
        <span role="status" data-testid="save-state" style={{ fontSize: size.small, color: ink.soft }}>
          {says}
        </span>
        {stale && <Act onPress={keepMine}>Keep this version</Act>}
        <Act onPress={save}>Save as a file</Act>
      </header>
      <div className="sheets">
        <div style={{ display: 'grid', gap: 10 }}>
          <Sheet>
            <SheetHead>
              <h2>Gym</h2>
            </SheetHead>
            <Body>
              <Label>
                Name
                <Field
                  value={kit.name}
                  maxLength={80}
                  onChange={(e) => e.target.value.trim() !== '' && change({ name: e.target.value })}
                />
              </Label>
              <Label>
                Its irons are marked in
                <Choice value={unit} onChange={(e) => change({ unit: e.target.value as Kit['unit'] })}>
                  <option value="kg">kilograms</option>
                  <option value="lb">pounds</option>
                </Choice>
              </Label>
              <Label>
                Racks
                <Choice
                  value={kit.rack.count}
                  onChange={(e) => change({ rack: { ...kit.rack, count: Number(e.target.value) } })}
                >
                  {[0, 1, 2, 3, 4].map((n) => (
                    <option key={n}>{n}</option>
                  ))}
                </Choice>
              </Label>
              <label className="tick">
                <input
                  type="checkbox"
                  checked={kit.rack.safetyArms}
                  onChange={(e) => change({ rack: { ...kit.rack, safetyArms: e.target.checked } })}
                />
                Safety arms on the rack
              </label>
              {places.map((place) => (
                <label className="tick" key={place}>
                  <input
                    type="checkbox"
                    checked={kit.places.includes(place)}
                    onChange={(e) =>
                      change({
                        places: e.target.checked
                          ? [...kit.places, place]
                          : kit.places.filter((p) => p !== place),
                      })
                    }
                  />
                  {place[0]!.toUpperCase() + place.slice(1)}
                </label>
              ))}
              <label className="tick">
                <input
                  type="checkbox"
                  checked={kit.dipBelt}
                  onChange={(e) => change({ dipBelt: e.target.checked })}
                />
                Dip belt
              </label>
            </Body>
          </Sheet>
          <Sheet>
            <SheetHead>
              <h2>Benches</h2>
              <Act
                small
                onPress={() =>
                  change({
                    benches: [...kit.benches, { id: newId('bench'), name: 'Bench', notchesDeg: [0, 30, 45] }],
                  })
                }
              >
                Add a bench
              </Act>
            </SheetHead>
            <Body>
              <Rows>
                <thead>
                  <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Notches, degrees</th>
                    <th scope="col">
                      <span className="unseen">Take out</span>
                    </th>
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
                      <td>
                        <Act small kind="quiet" onPress={() => change({ benches: without(kit.benches, i) })}>
                          Out
                        </Act>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Rows>
            </Body>
          </Sheet>
        </div>
        <div style={{ display: 'grid', gap: 10 }}>
          <Sheet>
            <SheetHead>
              <h2>Bars</h2>
              <Act
                small
                onPress={() =>
                  change({ bars: [...kit.bars, { id: newId('bar'), name: 'Bar', kg: 20, use: 'straight' }] })
                }
              >
                Add a bar
              </Act>
            </SheetHead>
            <Body>
              <Rows>
                <thead>
                  <tr>
                    <th scope="col">Name</th>
                    <th scope="col">Weighs, {unit}</th>
                    <th scope="col">Use</th>
                    <th scope="col">
                      <span className="unseen">Take out</span>
                    </th>
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
                          text={shown(b.kg)}
                          read={(t) => kgOf(t)}
                          hint={`A weight in ${unit}`}
                          take={(kg) => change({ bars: replaced(kit.bars, i, { ...b, kg }) })}
                        />
                      </td>
                      <td>
                        <select
                          aria-label={`Use of ${b.name}`}
                          value={b.use}
                          onChange={(e) =>
                            change({
                              bars: replaced(kit.bars, i, { ...b, use: e.target.value as typeof b.use }),
                            })
                          }
                        >
                          {uses.map((u) => (
                            <option key={u} value={u}>
                              {u}
                            </option>
                          ))}
                        </select>
                      </td>
                      <td>
                        <Act small kind="quiet" onPress={() => change({ bars: without(kit.bars, i) })}>
                          Out
                        </Act>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Rows>
            </Body>
          </Sheet>
          <Sheet>
            <SheetHead>
              <h2>Plates</h2>
              <span>pairs of each</span>
            </SheetHead>
            <Body>
              <Cell
                label="Plates by size and pairs"
                text={sizes(kit.plates) || 'none'}
                read={asKg}
                hint={`Sizes in ${unit} and pairs, like 20 x 4, 10 x 2, 5`}
                take={(plates) => change({ plates })}
              />
              <PlateSleeve
                perSide={[...kit.plates]
                  .sort((a, b) => b.kg - a.kg)
                  .map((p) => ({ kg: p.kg, count: p.pairs }))}
                unit={unit}
              />
              <p>Everything on one side, if it would fit.</p>
            </Body>
          </Sheet>
          <Sheet>
            <SheetHead>
              <h2>Dumbbells</h2>
              <span>{kit.dumbbells.length} sizes</span>
            </SheetHead>
            <Body>
              <Cell
                label="Dumbbells by size and pairs"
                text={sizes(kit.dumbbells) || 'none'}
                read={asKg}
                hint={`Sizes in ${unit}, like 2-30 by 2, 32.5, 35 x 2`}
                take={(dumbbells) => change({ dumbbells })}
              />
              <p>A run is written “2–30 by 2”; more than one pair “12 × 2”.</p>
            </Body>
          </Sheet>
          <Chains kit={kit} change={change} />
        </div>
        <Stacks kit={kit} change={change} kgOf={kgOf} />
      </div>
    </SheetsPage>
  );
}

/** One gym's kit, edited in place and saved as it changes. */
export function KitScreen(): ReactNode {
  const { id = '' } = useParams();
  const kits = useKits();
  if (kits.error)
    return (
      <Blank title="The kit cannot be opened">
        <p>{kits.error.message}</p>
        <Act onPress={() => void kits.refetch()}>Try again</Act>
      </Blank>
    );
  if (!kits.data) return <Blank title="Opening the kit…" />;
  const stored = kits.data.find((k) => k.id === id);
  if (!stored)
    return (
      <Blank title="There is no gym at this address">
        <Link to="/kit">To the gyms</Link>
      </Blank>
    );
  return <Desk key={id} stored={stored} />;
}

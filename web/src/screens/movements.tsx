import { regionIds, regions, type RegionId } from '@drimbo/core/anatomy/regions';
import { limitIds } from '@drimbo/core/session/client';
import { filterEntries, mainRegions, type MovementFilter } from '@drimbo/core/movements/filters';
import { rigWords } from '@drimbo/core/movements/rig';
import { familyIds, familyNames, type HardWhere } from '@drimbo/core/movements/model';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useKits } from '../data/queries';
import { ListPage, ListTable } from '../look/lists';
import { Blank, Choice, Field, Label, Sheet, Title } from '../look/parts';
import { ink, voiceText } from '../look/theme';

const Filters = styled.form`
  display: grid;
  grid-template-columns: 2fr repeat(5, 1fr);
  gap: 8px;
  margin-bottom: 10px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr 1fr;
  }
`;

const hards: HardWhere[] = ['stretched', 'start', 'middle', 'shortened', 'throughout', 'varies'];

function Pick<T extends string>({
  label,
  value,
  options,
  take,
}: {
  label: string;
  value: T | null;
  options: [T, string][];
  take: (v: T | null) => void;
}): ReactNode {
  return (
    <Label>
      {label}
      <Choice
        value={value ?? ''}
        onChange={(e) => take(e.target.value === '' ? null : (e.target.value as T))}
      >
        <option value="">any</option>
        {options.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </Choice>
    </Label>
  );
}

/** The catalogue: found by any name, narrowed by what it trains, what the gym has and what a client minds. */
export function MovementsScreen(): ReactNode {
  const kits = useKits();
  const [filter, setFilter] = useState<MovementFilter>({
    text: '',
    region: null,
    family: null,
    hardWhere: null,
    kit: null,
    kindTo: null,
  });
  const [kitId, setKitId] = useState<string | null>(null);
  const list = useRef<HTMLTableSectionElement>(null);
  useEffect(() => {
    document.title = 'Movements · Drimbo';
  }, []);
  const kit = kits.data?.find((k) => k.id === kitId)?.document ?? null;
  const found = useMemo(() => filterEntries({ ...filter, kit }), [filter, kit]);
  const change = (patch: Partial<MovementFilter>): void => setFilter((f) => ({ ...f, ...patch }));

  const walk = (e: KeyboardEvent): void => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    const links = [...(list.current?.querySelectorAll<HTMLElement>('a.name') ?? [])];
    const at = links.indexOf(document.activeElement as HTMLElement);
    const to = at === -1 ? (by === 1 ? 0 : -1) : at + by;
    e.preventDefault();
    if (to < 0) document.querySelector<HTMLElement>('#find-movement')?.focus();
    else links[Math.min(links.length - 1, to)]?.focus();
  };

  return (
    <ListPage>
      <header>
        <Title>Movements</Title>
        <span role="status">
          {found.length} {found.length === 1 ? 'name' : 'names'}
        </span>
      </header>
      <Filters role="search" onSubmit={(e) => e.preventDefault()}>
        <Label>
          Name
          <Field
            id="find-movement"
            autoFocus
            placeholder="Any name: incl db, lat raise, pushdown…"
            value={filter.text}
            onChange={(e) => change({ text: e.target.value })}
            onKeyDown={(e) => {
              if (e.key === 'ArrowDown') walk(e);
            }}
          />
        </Label>
        <Pick<RegionId>
          label="Trains"
          value={filter.region}
          options={regionIds.map((id) => [id, regions[id].name.toLowerCase()])}
          take={(region) => change({ region })}
        />
        <Pick
          label="Family"
          value={filter.family}
          options={familyIds.map((id) => [id, familyNames[id].toLowerCase()])}
          take={(family) => change({ family })}
        />
        <Pick
          label="Hard where"
          value={filter.hardWhere}
          options={hards.map((h) => [h, h])}
          take={(hardWhere) => change({ hardWhere })}
        />
        <Pick
          label="In this gym"
          value={kitId}
          options={(kits.data ?? []).map((k) => [k.id, k.document.name])}
          take={setKitId}
        />
        <Pick
          label="Kind to"
          value={filter.kindTo}
          options={limitIds.map((l) => [l, l])}
          take={(kindTo) => change({ kindTo })}
        />
      </Filters>
      <Sheet>
        {found.length === 0 ? (
          <Blank title="Nothing like that">
            <p>Widen a filter, or try another name; short forms and small slips are understood.</p>
          </Blank>
        ) : (
          <ListTable>
            <thead>
              <tr>
                <th scope="col">Movement</th>
                <th scope="col">One hard set counts</th>
                <th scope="col">Hard</th>
                <th scope="col">Reps</th>
                <th scope="col">Begins with</th>
              </tr>
            </thead>
            <tbody ref={list}>
              {found.map((e) => (
                <tr key={e.id}>
                  <td style={{ width: '25%' }}>
                    <Link className="name" to={`/movements/${e.id}`} onKeyDown={walk}>
                      {e.name}
                    </Link>
                    <small>
                      {[familyNames[e.movement.family].toLowerCase(), e.movement.implement].join(', ')}
                    </small>
                  </td>
                  <td style={{ width: '25%' }}>
                    {mainRegions(e).map(([id, credit], i) => (
                      <span key={id}>
                        {i > 0 && ', '}
                        {regions[id].name.toLowerCase()}{' '}
                        <b style={{ color: voiceText[regions[id].voice], fontWeight: 640 }}>
                          {Number(credit.toFixed(2))}
                        </b>
                      </span>
                    ))}
                    {mainRegions(e).length === 0 && <span style={{ color: ink.soft }}>nothing</span>}
                  </td>
                  <td className="nowrap">{e.movement.hardWhere}</td>
                  <td className="nowrap">
                    {e.movement.homeReps[0]}–{e.movement.homeReps[1]}
                  </td>
                  <td style={{ color: ink.soft }}>{rigWords(e.rig, e.movement.knobs)}</td>
                </tr>
              ))}
            </tbody>
          </ListTable>
        )}
      </Sheet>
    </ListPage>
  );
}

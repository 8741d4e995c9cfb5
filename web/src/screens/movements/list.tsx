import { levelOf } from '@drimbo/core/mechanics/effort';
import {
  pressingRegions,
  regionIds,
  regions,
  type PressingRegion,
  type RegionId,
} from '@drimbo/core/anatomy/regions';
import { notchesOf } from '@drimbo/core/kit/kit';
import { limitIds } from '@drimbo/core/session/client';
import { filterEntries, mainRegions, type MovementFilter } from '@drimbo/core/choosing/filters';
import { familyIds, familyNames, type Entry, type HardWhere } from '@drimbo/core/movements/model';
import { allEntries, offeredEntries } from '@drimbo/core/movements/notebook';
import { rigWords } from '@drimbo/core/movements/rig';
import { teachingOf } from '@drimbo/core/movements/settings';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useNotebook } from '../../state/notebook';
import { useKits } from '../../data/queries';
import { middling } from '../../state/someone';
import { useSweep } from '../../data/use-sweep';
import type { Measured } from '../../workers/sweep';
import { ListPage } from '../../parts/pages';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { Choice, Field, Label } from '../../parts/fields';
import { Sheet, Title } from '../../parts/sheet';
import { ink, size, voiceText } from '../../look/theme';

const Filters = styled.form`
  display: grid;
  grid-template-columns: 2fr repeat(5, 1fr);
  gap: 8px;
  margin-bottom: 10px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr 1fr;
  }
`;
const Scroll = styled.div`
  height: calc(100vh - 216px);
  min-height: 320px;
  overflow-y: auto;
  font-size: ${size.text};
  [role='row'] {
    display: grid;
    grid-template-columns: 1.25fr 1.35fr 0.55fr 0.4fr 1.1fr;
    gap: 14px;
    padding: 7px 14px;
    border-bottom: 1px solid ${ink.hush};
  }
  [role='rowgroup']:first-child [role='row'] {
    position: sticky;
    top: 0;
    z-index: 1;
    background: ${ink.sheet};
    border-bottom: 1px solid ${ink.rule};
    font-size: ${size.fine};
    color: ${ink.soft};
    padding: 8px 14px 6px;
  }
  a.name {
    font-weight: 680;
    text-decoration: none;
  }
  a.name:hover {
    text-decoration: underline;
  }
  small {
    display: block;
    color: ${ink.soft};
    font-size: ${size.small};
  }
  @media (max-width: 700px) {
    [role='row'] {
      grid-template-columns: 1fr 1fr;
    }
    [role='row'] > :nth-child(n + 3) {
      display: none;
    }
  }
`;
const Measure = styled.div`
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 6px 14px;
  border-bottom: 1px solid ${ink.rule};
  font-size: ${size.small};
  color: ${ink.soft};
  progress {
    width: 160px;
  }
`;

const ROW_PX = 54;
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

const isPressing = (id: RegionId | null): id is PressingRegion =>
  id !== null && (pressingRegions as readonly string[]).includes(id);

/** What a name measured at its best notch is ranked by: what a set counts, then the effort. */
const serves = (m: Measured | undefined): number => (m ? m.counts * 10 + (m.effort ?? 0) : -1);

/** The catalogue: found by any name, narrowed by what it trains, what the gym has and what a client minds. */
export function MovementsScreen(): ReactNode {
  const kits = useKits();
  const notebook = useNotebook().data?.document;
  const [filter, setFilter] = useState<MovementFilter>({
    text: '',
    region: null,
    family: null,
    hardWhere: null,
    kit: null,
    kindTo: null,
  });
  const [kitId, setKitId] = useState<string | null>(null);
  const [withHidden, setWithHidden] = useState(false);
  const sweep = useSweep();
  useEffect(() => {
    document.title = 'Movements · Drimbo';
  }, []);
  const kit = kits.data?.find((k) => k.id === kitId)?.document ?? null;
  const pool = withHidden ? allEntries(notebook) : offeredEntries(notebook);
  const offered = useMemo(() => new Set(offeredEntries(notebook).map((e) => e.id)), [notebook]);
  const { state } = sweep;
  const measured = state.is === 'done' && state.region === filter.region ? state.found : null;
  const found = useMemo(() => {
    const kept = filterEntries({ ...filter, kit }, pool);
    // What is typed ranks by name; the measure ranks what is left unnamed.
    return measured && filter.text.trim() === ''
      ? [...kept].sort((a, b) => serves(measured.get(b.id)) - serves(measured.get(a.id)))
      : kept;
  }, [filter, kit, pool, measured]);
  const change = (patch: Partial<MovementFilter>): void => setFilter((f) => ({ ...f, ...patch }));

  const scroll = useRef<HTMLDivElement>(null);
  // The virtualiser's functions are made anew each time; nothing here is remembered across renders.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: found.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
    getItemKey: (i) => found[i]!.id,
  });
  // A row far off is drawn only after the list has scrolled there; then it takes the focus.
  const wanted = useRef<number | null>(null);
  const focusWanted = (): void => {
    const name = scroll.current?.querySelector<HTMLElement>(`[data-index="${wanted.current}"] a.name`);
    if (!name) return;
    wanted.current = null;
    name.focus();
  };
  useEffect(focusWanted);
  const focusRow = (index: number): void => {
    wanted.current = index;
    rows.scrollToIndex(index);
    focusWanted();
  };
  const walk = (e: KeyboardEvent, from: number): void => {
    const to = { ArrowDown: from + 1, ArrowUp: from - 1, Home: 0, End: found.length - 1 }[e.key];
    if (to === undefined || (from === -1 && e.key !== 'ArrowDown')) return;
    e.preventDefault();
    if (to < 0) document.querySelector<HTMLElement>('#find-movement')?.focus();
    else focusRow(Math.min(found.length - 1, to));
  };
  const benches = notchesOf(kit ?? kits.data?.[0]?.document ?? { benches: [] });

  return (
    <ListPage style={{ paddingBottom: 12 }}>
      <header>
        <Title>Movements</Title>
        <span role="status">
          {found.length} {found.length === 1 ? 'name' : 'names'}
        </span>
        <label style={{ fontSize: size.small, color: ink.soft }}>
          <input type="checkbox" checked={withHidden} onChange={(e) => setWithHidden(e.target.checked)} />{' '}
          with those put away
        </label>
        <Link to="/movements/compare">Compare</Link>
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
              if (e.key === 'ArrowDown') walk(e, -1);
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
        {isPressing(filter.region) && notebook && (
          <Measure>
            {state.is === 'running' ? (
              <>
                <progress max={1} value={state.done} aria-label="Measured so far" />
                <span>measuring every movement at every notch</span>
                <Act small onPress={sweep.stop}>
                  Stop
                </Act>
              </>
            ) : (
              <>
                <Act
                  small
                  onPress={() =>
                    void sweep.start(notebook, benches, middling, filter.region as PressingRegion)
                  }
                >
                  Measure at every notch
                </Act>
                <span>
                  {measured
                    ? `Sorted by what a hard set counts for the ${regions[filter.region].name.toLowerCase()} at its best notch, then by how hard it works there, a model’s estimate.`
                    : state.is === 'failed'
                      ? `That did not work: ${state.why}. Try again.`
                      : 'Finds the notch at which each counts most, and how hard the region works there.'}
                </span>
              </>
            )}
          </Measure>
        )}
        {found.length === 0 ? (
          <Blank title="Nothing like that">
            <p>Widen a filter, or try another name; short forms and small slips are understood.</p>
          </Blank>
        ) : (
          <Scroll ref={scroll} role="table" aria-label="Movements" aria-rowcount={found.length + 1}>
            <div role="rowgroup">
              <div role="row">
                <span role="columnheader">Movement</span>
                <span role="columnheader">One hard set counts</span>
                <span role="columnheader">Hard</span>
                <span role="columnheader">Reps</span>
                <span role="columnheader">{measured ? 'Best notch' : 'Begins with'}</span>
              </div>
            </div>
            <div role="rowgroup" style={{ position: 'relative', height: rows.getTotalSize() }}>
              {rows.getVirtualItems().map((item) => (
                <MovementRow
                  key={item.key}
                  entry={found[item.index]!}
                  index={item.index}
                  top={item.start}
                  measure={rows.measureElement}
                  putAway={!offered.has(found[item.index]!.id)}
                  best={measured?.get(found[item.index]!.id) ?? null}
                  onKeyDown={(e) => walk(e, item.index)}
                />
              ))}
            </div>
          </Scroll>
        )}
      </Sheet>
    </ListPage>
  );
}

function MovementRow({
  entry: e,
  index,
  top,
  measure,
  putAway,
  best,
  onKeyDown,
}: {
  entry: Entry;
  index: number;
  top: number;
  measure: (node: Element | null) => void;
  putAway: boolean;
  best: Measured | null;
  onKeyDown: (e: KeyboardEvent) => void;
}): ReactNode {
  const taught = teachingOf(e.movement, e.rig);
  const main = mainRegions(e);
  return (
    <div
      role="row"
      ref={measure}
      data-index={index}
      aria-rowindex={index + 2}
      style={{ position: 'absolute', left: 0, right: 0, transform: `translateY(${top}px)` }}
    >
      <span role="cell">
        <Link className="name" to={`/movements/${e.id}`} onKeyDown={onKeyDown}>
          {e.name}
        </Link>
        <small>
          {[
            ...(e.own ? ['your own'] : []),
            ...(putAway ? ['put away'] : []),
            familyNames[e.movement.family].toLowerCase(),
            e.movement.implement,
          ].join(', ')}
        </small>
      </span>
      <span role="cell">
        {main.map(([id, credit], i) => (
          <span key={id}>
            {i > 0 && ', '}
            {regions[id].name.toLowerCase()}{' '}
            <b style={{ color: voiceText[regions[id].voice], fontWeight: 640 }}>
              {Number(credit.toFixed(2))}
            </b>
          </span>
        ))}
        {main.length === 0 && <span style={{ color: ink.soft }}>nothing</span>}
      </span>
      <span role="cell">{taught.hardWhere}</span>
      <span role="cell">
        {taught.homeReps[0]}–{taught.homeReps[1]}
      </span>
      <span role="cell" style={{ color: ink.soft }}>
        {best ? (
          <>
            <b style={{ color: ink.ink }}>{best.effort === null ? 'not told' : levelOf(best.effort)}</b>
            {best.benchDeg !== null && ` at ${best.benchDeg}°`}, counts {Number(best.counts.toFixed(2))}
          </>
        ) : (
          rigWords(e.rig, e.movement.knobs)
        )}
      </span>
    </div>
  );
}

import {
  type PressingRegion,
  pressingRegions,
  type RegionId,
  regionIds,
  regions,
} from '@drimbo/core/anatomy';
import { filterEntries, turnedWords } from '@drimbo/core/choosing';
import { notchesOf } from '@drimbo/core/kit';
import { allEntries, familyIds, familyNames, type HardWhere, offeredEntries } from '@drimbo/core/movements';
import { limitIds } from '@drimbo/core/session';
import { useEffect, useMemo, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { useKits } from '../../data/queries';
import { useSweep } from '../../data/use-sweep';
import { ink, size } from '../../look/theme';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { ListPage } from '../../parts/pages';
import { Progress } from '../../parts/progress';
import { SearchBox } from '../../parts/search-box';
import { Select } from '../../parts/select';
import { Sheet, Title } from '../../parts/sheet';
import { focusFirstRow, Table } from '../../parts/table';
import { useNotebook } from '../../state/notebook';
import { averageBuild } from '../../state/someone';
import { useAsked } from '../../state/use-asked';
import { Drawn } from './drawn';
import { NewOwn } from './new-own';
import { columnsFor, serves, type Listed } from './columns';

const Filters = styled.div`
  display: grid;
  grid-template-columns: 2fr repeat(5, minmax(0, 1fr));
  gap: 8px;
  margin-bottom: 10px;
  align-items: end;
  @media (max-width: 900px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Measure = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 6px 14px;
  border-bottom: 1px solid ${ink.rule};
  font-size: ${size.small};
  color: ${ink.soft};
  > :first-child:last-child {
    flex: 1;
  }
`;

const hards: HardWhere[] = ['stretched', 'start', 'middle', 'shortened', 'throughout', 'varies'];
const isPressing = (id: RegionId | null): id is PressingRegion =>
  id !== null && (pressingRegions as readonly string[]).includes(id);

/** The catalogue: found by any name, narrowed by what it trains, what the gym has and what a client's limits ask. */
export function MovementsScreen(): ReactNode {
  const kits = useKits();
  const notebook = useNotebook().data?.document;
  const { asked, ask, sort, sortBy } = useAsked();
  const sweep = useSweep();
  useEffect(() => {
    document.title = 'Movements · Drimbo';
  }, []);
  const text = asked.get('name') ?? '';
  const region = regionIds.find((id) => id === asked.get('trains')) ?? null;
  const family = familyIds.find((id) => id === asked.get('family')) ?? null;
  const hardWhere = hards.find((h) => h === asked.get('hard')) ?? null;
  const kindTo = limitIds.find((l) => l === asked.get('kind')) ?? null;
  const kitId = asked.get('kit');
  const isDrawn = asked.get('view') === 'drawn';
  const withHidden = asked.get('hidden') === 'yes';
  const kit = kits.data?.find((k) => k.id === kitId)?.document ?? null;
  const pool = withHidden ? allEntries(notebook) : offeredEntries(notebook);
  const offered = useMemo(() => new Set(offeredEntries(notebook).map((e) => e.id)), [notebook]);
  const { state } = sweep;
  const measured = state.is === 'done' && state.region === region ? state.found : null;
  const found = useMemo(() => {
    const kept = filterEntries({ text, region, family, hardWhere, kindTo, kit }, pool).map(
      (entry): Listed => ({
        entry,
        best: measured?.get(entry.id) ?? null,
        isHidden: !offered.has(entry.id),
        turned:
          kindTo === null
            ? ''
            : turnedWords(
                pool.find((e) => e.id === entry.id)!,
                entry,
              ),
      }),
    );
    // What is typed ranks by name; the measure ranks what is left unnamed.
    return measured && text.trim() === '' ? [...kept].sort((a, b) => serves(b.best) - serves(a.best)) : kept;
  }, [text, region, family, hardWhere, kindTo, kit, pool, measured, offered]);
  const columns = useMemo(() => columnsFor(measured !== null), [measured]);
  const benches = notchesOf(kit ?? kits.data?.[0]?.document ?? { benches: [] });

  return (
    <ListPage style={{ paddingBottom: 12 }}>
      <header>
        <Title>Movements</Title>
        <span role="status">
          {found.length} {found.length === 1 ? 'name' : 'names'}
        </span>
        <CheckBox isOn={withHidden} onChange={(on) => ask({ hidden: on ? 'yes' : null })}>
          with hidden ones
        </CheckBox>
        <CheckBox isOn={isDrawn} onChange={(on) => ask({ view: on ? 'drawn' : null })}>
          drawn
        </CheckBox>
        <Link to="/movements/compare">Compare</Link>
        <NewOwn />
      </header>
      <Filters role="search">
        <SearchBox
          label="Name"
          isLabelShown
          autoFocus
          placeholder="Any name: incl db, lat raise, pushdown…"
          value={text}
          onChange={(name) => ask({ name })}
          onDown={focusFirstRow}
        />
        <Select<RegionId>
          label="Trains"
          none="any"
          value={region}
          options={regionIds.map((id) => [id, regions[id].name.toLowerCase()])}
          onChange={(trains) => ask({ trains })}
        />
        <Select
          label="Family"
          none="any"
          value={family}
          options={familyIds.map((id) => [id, familyNames[id].toLowerCase()])}
          onChange={(to) => ask({ family: to })}
        />
        <Select
          label="Hard where"
          none="any"
          value={hardWhere}
          options={hards.map((h) => [h, h])}
          onChange={(hard) => ask({ hard })}
        />
        <Select
          label="In this gym"
          none="any"
          value={kitId}
          options={(kits.data ?? []).map((k) => [k.id, k.document.name])}
          onChange={(to) => ask({ kit: to })}
        />
        <Select
          label="Easy on"
          none="any"
          value={kindTo}
          options={limitIds.map((l) => [l, l])}
          onChange={(kind) => ask({ kind })}
        />
      </Filters>
      <Sheet>
        {isPressing(region) && notebook && (
          <Measure>
            {state.is === 'running' ? (
              <Progress
                says="Measuring every movement at every notch"
                done={state.done}
                onStop={sweep.stop}
              />
            ) : (
              <>
                <Button small onPress={() => void sweep.start(notebook, benches, averageBuild, region)}>
                  Measure at every notch
                </Button>
                <span>
                  {measured
                    ? `Sorted by what a hard set counts for the ${regions[region].name.toLowerCase()} at its best notch, then by how hard it works there, a model’s estimate.`
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
        ) : isDrawn ? (
          <Drawn rows={found} />
        ) : (
          <Table
            label="Movements"
            columns={columns}
            rows={found}
            idOf={(row) => row.entry.id}
            sort={sort}
            onSort={sortBy}
            besidePx={216}
          />
        )}
      </Sheet>
    </ListPage>
  );
}

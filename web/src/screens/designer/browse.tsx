import { type RegionId, regionIds, regions } from '@drimbo/core/anatomy';
import { filterEntries, mainRegions } from '@drimbo/core/choosing';
import { bodyOf } from '@drimbo/core/measure';
import { type Entry, type FamilyId, familyIds, familyNames, offeredEntries } from '@drimbo/core/movements';
import { startingLine } from '@drimbo/core/schools';
import { linesOf, singleBlock } from '@drimbo/core/session';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import { StillMovement } from '../../drawings/figure/still';
import { ink, size, voiceText } from '../../look/theme';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { Dialog } from '../../parts/dialog';
import { GridList } from '../../parts/grid-list';
import { SearchBox } from '../../parts/search-box';
import { Select } from '../../parts/select';
import type { Designer } from '../../state/use-designer';

const Filters = styled.div`
  display: grid;
  grid-template-columns: 1.6fr 1fr 1fr;
  gap: 8px;
  align-items: end;
  margin-bottom: 6px;
  .all {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    font-size: ${size.small};
  }
  @media (max-width: 640px) {
    grid-template-columns: 1fr 1fr;
    > :first-child {
      grid-column: 1 / -1;
    }
  }
`;
const Card = styled.div`
  font-size: ${size.fine};
  color: ${ink.soft};
  b {
    display: block;
    font-size: ${size.small};
    font-weight: 650;
    color: ${ink.ink};
    line-height: 1.2;
  }
`;

/** How many are drawn at first, and with each further press. */
const A_FEW = 24;

function Small({ entry, designer }: { entry: Entry; designer: Designer }): ReactNode {
  const { movement, rig } = entry;
  const { context } = designer;
  const body = useMemo(() => bodyOf(context), [context]);
  const times = linesOf(designer.session).filter((l) => l.movement === movement.id).length;
  return (
    <Card>
      <StillMovement
        movement={movement}
        rig={rig}
        body={body}
        widthPx={150}
        heightPx={104}
        says={entry.name}
      />
      <b>{entry.name}</b>
      {mainRegions(entry, 2).map(([id], i) => (
        <span key={id} style={{ color: voiceText[regions[id].voice] }}>
          {i > 0 && ', '}
          {regions[id].name.toLowerCase()}
        </span>
      ))}
      {times > 0 && <span> · in the session</span>}
    </Card>
  );
}

/** The catalogue beside the line-up: narrowed by what fits, each drawn small; a press adds it. */
export function Browse({ designer, close }: { designer: Designer; close: () => void }): ReactNode {
  const { client, kit, notebook } = designer.context;
  const [text, setText] = useState('');
  const [family, setFamily] = useState<FamilyId | null>(null);
  const [region, setRegion] = useState<RegionId | null>(null);
  const [isHere, setHere] = useState(true);
  const [isKind, setKind] = useState(client.limits.length > 0);
  const [most, setMost] = useState(A_FEW);
  const [told, setTold] = useState('');
  const found = useMemo(() => {
    const narrowed = { text, family, region, hardWhere: null, kit: isHere ? kit : null };
    const limits = isKind ? client.limits.map((l) => l.limit) : [];
    return (limits.length > 0 ? limits : [null]).reduce<Entry[] | null>(
      (pool, kindTo) => filterEntries({ ...narrowed, kindTo }, pool ?? offeredEntries(notebook)),
      null,
    )!;
  }, [text, family, region, isHere, isKind, kit, client, notebook]);
  const add = (entry: Entry): void => {
    const line = startingLine(entry, designer.appraisal.school, newId('line'));
    const block = singleBlock(newId('block'), line);
    const name = entry.name.toLowerCase();
    designer.edit({ do: 'add block', at: designer.session.blocks.length, block }, `add ${name}`);
    designer.select(line.id);
    setTold(`${entry.name} is added.`);
  };
  return (
    <Dialog title="Add a movement" side="right" widthPx={760} isOpen onClose={close}>
      {() => (
        <>
          <Filters role="search">
            <SearchBox
              label="Name"
              isLabelShown
              autoFocus
              placeholder="Any name: incl db, lat raise…"
              value={text}
              onChange={setText}
            />
            <Select
              label="Family"
              none="any"
              value={family}
              options={familyIds.map((id) => [id, familyNames[id].toLowerCase()])}
              onChange={setFamily}
            />
            <Select
              label="Trains"
              none="any"
              value={region}
              options={regionIds.map((id) => [id, regions[id].name.toLowerCase()])}
              onChange={setRegion}
            />
            <div className="all">
              <CheckBox isOn={isHere} onChange={setHere}>
                what {kit.name} has
              </CheckBox>
              {client.limits.length > 0 && (
                <CheckBox isOn={isKind} onChange={setKind}>
                  kind to {client.limits.map((l) => l.limit).join(', ')}
                </CheckBox>
              )}
              <span role="status" style={{ color: ink.soft }}>
                {told || `${found.length} ${found.length === 1 ? 'movement' : 'movements'}`}
              </span>
              <Button small onPress={close}>
                Done
              </Button>
            </div>
          </Filters>
          <GridList
            label="Movements to add"
            items={found.slice(0, most)}
            idOf={(e) => e.id}
            says={(e) => e.name}
            onTake={add}
            empty="Nothing like that: widen a filter, or try another name."
          >
            {(entry) => <Small entry={entry} designer={designer} />}
          </GridList>
          {found.length > most && (
            <p style={{ marginTop: 10 }}>
              <Button small onPress={() => setMost(most + A_FEW * 2)}>
                Show more
              </Button>
            </p>
          )}
        </>
      )}
    </Dialog>
  );
}

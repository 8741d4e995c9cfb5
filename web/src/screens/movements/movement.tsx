import { cautionsOf } from '@drimbo/core/choosing';
import type { RegionId } from '@drimbo/core/anatomy';
import { notchesOf } from '@drimbo/core/kit';
import { sayingEachHand } from '@drimbo/core/mechanics';
import {
  allEntries,
  atHome,
  dress,
  type Entry,
  entryIn,
  familyNames,
  findOwn,
  fullRig,
  keepOwn,
  movementName,
  type Notebook,
  offeredEntries,
  type OwnMovement,
  type Rig,
  setOffered,
  variantOf,
} from '@drimbo/core/movements';
import { ownFrom } from '@drimbo/core/movements/teaching';
import { teachingOf } from '@drimbo/core/movements/teaching';
import { schools } from '@drimbo/core/schools';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { changeNotebook, useNotebook } from '../../state/notebook';
import { newId } from '../../data/ids';
import { useSomeone } from '../../state/someone';
import { SheetsPage } from '../../parts/pages';
import { Button } from '../../parts/button';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { writeRig } from '../set-up/rig-link';
import { notchesFor, SetUpView } from '../set-up/set-up-view';
import { WorkView } from '../set-up/work-view';
import { LoadSource } from './load-source';
import { TeachingNotes } from './notes';
import { OwnForm } from './own-form';
import { AddToSession } from './add-to-session';
import { DeleteOwn } from './delete-own';
import { SomeoneChoice } from '../shared/someone-choice';

const EXAMPLE_KG = 20;
const ordinaryNotches = [0, 15, 30, 45, 60, 75];

function Page({ entry, notebook }: { entry: Entry; notebook: Notebook }): ReactNode {
  const [address, setAddress] = useSearchParams();
  const clientId = address.get('client');
  const [kitId, setKitId] = useState<string | null>(null);
  const someone = useSomeone(clientId, kitId);
  const [rig, setRig] = useState<Rig>(entry.rig);
  const [editing, setEditing] = useState<OwnMovement | null>(() =>
    address.get('own') === 'new' && !entry.own
      ? { ...ownFrom(entry, fullRig(entry.movement, entry.rig), newId('own')), name: '' }
      : null,
  );
  const [says, setSays] = useState('');
  const go = useNavigate();
  const movement = useMemo(() => (editing ? dress(editing) : entry.movement), [editing, entry]);
  const full = useMemo(() => fullRig(movement, rig), [movement, rig]);
  const taught = teachingOf(entry.movement, full);
  const { homeReps } = atHome(entry.movement, full);
  const name = movementName(entry.movement, full);
  const here = variantOf(entry.movement, full).id;
  const { kit } = someone;
  const notches = useMemo(
    () => notchesFor(movement, kit ? notchesOf(kit) : ordinaryNotches),
    [movement, kit],
  );
  useEffect(() => {
    document.title = `${name} · Drimbo`;
  }, [name]);
  const own = findOwn(notebook, entry.own);
  const isOffered = offeredEntries(notebook).some((e) => e.id === entry.id);
  const taken = useMemo(
    () =>
      new Set(
        allEntries(notebook)
          .filter((e) => e.id !== editing?.id)
          .map((e) => e.name.toLowerCase()),
      ),
    [notebook, editing?.id],
  );
  const attempt = (work: Promise<void>, done: string): void => {
    work.then(
      () => setSays(done),
      (error: Error) => setSays(`Not saved: ${error.message}`),
    );
  };
  const pin = (region: RegionId, credit: number | null): void =>
    setEditing((now) => {
      if (!now) return now;
      const { [region]: _before, ...others } = now.pins;
      return { ...now, pins: credit === null ? others : { ...others, [region]: credit } };
    });
  const kept = [...(someone.context?.client.cues?.[here] ?? []), ...(notebook.cues[here] ?? [])];

  return (
    <SheetsPage $columns="1.15fr 0.95fr 1fr">
      <header style={{ alignItems: 'flex-start' }}>
        <div style={{ flex: '1 1 420px', minWidth: 0 }}>
          <Title>{name}</Title>
          <p>
            {familyNames[movement.family]}, {homeReps[0]}–{homeReps[1]} reps. {taught.chooseWhen} Also called{' '}
            {entry.aliases.slice(0, 4).join(', ') || 'nothing else'}.
          </p>
          <p role="status" style={{ minHeight: says ? 18 : 0, color: ink.ink }}>
            {says}
          </p>
        </div>
        <div style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
          <Link
            to={`/movements/compare?${new URLSearchParams([['rig', writeRig({ entry, rig: full })], ...(clientId ? [['client', clientId]] : [])]).toString()}`}
            style={{ fontSize: size.small, alignSelf: 'center', marginRight: 4 }}
          >
            Compare
          </Link>
          <AddToSession entry={entry} rig={full} />
          {own ? (
            <>
              <Button onPress={() => setEditing(own)}>Edit</Button>
              <DeleteOwn own={own} />
            </>
          ) : (
            <>
              <Button onPress={() => setEditing(ownFrom(entry, full, newId('own')))}>Make it my own</Button>
              <Button
                kind="quiet"
                onPress={() =>
                  attempt(
                    changeNotebook(setOffered(entry.id, !isOffered)),
                    isOffered
                      ? 'Hidden: it is no longer offered. Sessions that have it keep it.'
                      : 'Offered again.',
                  )
                }
              >
                {isOffered ? 'Hide' : 'Show again'}
              </Button>
            </>
          )}
        </div>
      </header>
      <div className="sheets">
        <Sheet>
          <SheetHead>
            <h2>Set-up</h2>
          </SheetHead>
          <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 8, padding: '0 12px 4px' }}>
            <SomeoneChoice
              someone={someone}
              clientId={clientId}
              onClient={(id) => setAddress(id ? { client: id } : {}, { replace: true })}
              onKit={setKitId}
            />
          </div>
          <SetUpView
            movement={movement}
            rig={full}
            name={name}
            load=""
            body={someone.body}
            notches={notches}
            tempo={schools.evidence.starting.tempo}
            heightPx={330}
            onTurn={(patch) => setRig((r) => ({ ...r, ...patch }))}
            {...(editing ? { onPin: pin } : {})}
          />
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>Work</h2>
          </SheetHead>
          <WorkView
            movement={movement}
            rig={full}
            body={someone.body}
            notches={notches}
            wanted={someone.context?.client.lagging ?? []}
            onNotch={(benchDeg) => setRig((r) => ({ ...r, benchDeg }))}
            loadKg={sayingEachHand(movement, EXAMPLE_KG)}
            loadIs={`${movement.load.kind === 'bodyweight' ? 'the body alone' : '20 kg in each hand'} on ${someone.context ? 'this client' : 'an average build'}`}
          />
        </Sheet>
        <Sheet>
          {editing ? (
            <OwnForm
              key={editing.id}
              own={editing}
              base={entry.own ? movementName(entry.movement, entry.rig) : name}
              taken={taken}
              isNew={!own}
              save={async (filled) => {
                await changeNotebook(keepOwn({ ...filled, pins: editing.pins, rig: full }));
                setEditing(null);
                void go(`/movements/${filled.id}`);
              }}
              leave={() => setEditing(null)}
            />
          ) : (
            <>
              <SheetHead>
                <h2>Load</h2>
              </SheetHead>
              <LoadSource movement={movement} rig={full} context={someone.context} />
              <TeachingNotes taught={taught} cautions={cautionsOf(movement, full)} kept={kept} />
            </>
          )}
        </Sheet>
      </div>
    </SheetsPage>
  );
}

/** One movement: the rig large with every knob live, where it is hard, who does the work, loads, cues, faults, cautions. */
export function MovementScreen(): ReactNode {
  const { id = '' } = useParams();
  const notebook = useNotebook();
  if (notebook.error)
    return (
      <Failed
        what="The movements cannot be opened"
        error={notebook.error}
        again={() => void notebook.refetch()}
      />
    );
  if (!notebook.data) return <Blank title="Opening…" />;
  const entry = entryIn(notebook.data.document, id);
  if (!entry)
    return (
      <Blank title="There is no movement by this name">
        <Link to="/movements">To the movements</Link>
      </Blank>
    );
  return <Page key={id} entry={entry} notebook={notebook.data.document} />;
}

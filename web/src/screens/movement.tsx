import { pressingRegions, type PressingRegion, regions } from '@drimbo/core/anatomy/regions';
import { notchesOf } from '@drimbo/core/kit/kit';
import { findEntry } from '@drimbo/core/movements/catalogue';
import { faults } from '@drimbo/core/movements/faults';
import { familyNames, type Entry } from '@drimbo/core/movements/model';
import type { Rig } from '@drimbo/core/movements/rig';
import { fullRig, movementName } from '@drimbo/core/movements/settings';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { useKits } from '../data/queries';
import { NotchCurve } from '../drawing/notch-curve';
import { useWidth } from '../drawing/use-width';
import { SheetsPage } from '../look/lists';
import { Blank, Sheet, SheetHead, Title } from '../look/parts';
import { ink, size } from '../look/theme';
import { notchesFor, RigView } from './rig/rig-view';
import { WorkView } from './rig/work-view';

const Notes = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  display: grid;
  gap: 4px;
  p,
  li {
    border-top: 1px solid ${ink.hush};
    padding: 4px 0;
  }
  .soft {
    color: ${ink.soft};
  }
`;

/** Somebody of middling build, until a client is chosen. */
const someone = { statureM: 1.75, massKg: 80 };
const EXAMPLE_KG = 20;

function Page({ entry }: { entry: Entry }): ReactNode {
  const kits = useKits();
  const [rig, setRig] = useState<Rig>(entry.rig);
  const [region, setRegion] = useState<PressingRegion>('pecUpper');
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const { movement } = entry;
  const full = useMemo(() => fullRig(movement, rig), [movement, rig]);
  const name = movementName(movement, full);
  const [kitId, setKitId] = useState<string | null>(null);
  const choices = kits.data ?? [];
  const richest = [...choices].sort((a, b) => notchesOf(b.document).length - notchesOf(a.document).length)[0];
  const kit = (choices.find((k) => k.id === kitId) ?? richest)?.document;
  const notches = useMemo(
    () => notchesFor(movement, kit ? notchesOf(kit) : [0, 15, 30, 45, 60, 75]),
    [movement, kit],
  );
  useEffect(() => {
    document.title = `${name} · Drimbo`;
  }, [name]);
  return (
    <SheetsPage $columns="1.15fr 0.9fr 1fr">
      <header>
        <Title>{name}</Title>
        <p>
          {familyNames[movement.family]}, {movement.homeReps[0]}–{movement.homeReps[1]} reps.{' '}
          {movement.chooseWhen}
        </p>
      </header>
      <div className="sheets">
        <Sheet ref={ref}>
          <SheetHead>
            <h2>Rig</h2>
            <label>
              bench of{' '}
              <select value={kitId ?? richest?.id ?? ''} onChange={(e) => setKitId(e.target.value)}>
                {choices.map((k) => (
                  <option key={k.id} value={k.id}>
                    {k.document.name}
                  </option>
                ))}
              </select>
            </label>
          </SheetHead>
          <RigView
            movement={movement}
            rig={full}
            name={name}
            load=""
            body={someone}
            notches={notches}
            heightPx={300}
            onTurn={(patch) => setRig((r) => ({ ...r, ...patch }))}
          />
          {notches.length > 1 && full.stance !== 'floor' && (
            <div style={{ padding: '4px 12px 12px', borderTop: `1px solid ${ink.hush}` }}>
              <label style={{ fontSize: size.small, fontWeight: 650 }}>
                At every notch:{' '}
                <select value={region} onChange={(e) => setRegion(e.target.value as PressingRegion)}>
                  {pressingRegions.slice(0, 6).map((id) => (
                    <option key={id} value={id}>
                      {regions[id].name.toLowerCase()}
                    </option>
                  ))}
                </select>
              </label>
              <NotchCurve
                movement={movement}
                rig={full}
                body={someone}
                notches={notches}
                region={region}
                widthPx={Math.max(240, Math.floor(width) - 26)}
              />
              <p style={{ fontSize: size.fine, color: ink.soft }}>
                Share of the six shoulder regions, a model&apos;s estimate.
              </p>
            </div>
          )}
        </Sheet>
        <Sheet>
          <WorkView
            movement={movement}
            rig={full}
            body={someone}
            notches={notches}
            loadKg={EXAMPLE_KG}
            loadIs="20 kg and a body of 1.75 m and 80 kg as an example"
          />
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>Cues</h2>
          </SheetHead>
          <Notes>
            <ol>
              {movement.cues.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ol>
          </Notes>
          <SheetHead>
            <h2>Look for</h2>
          </SheetHead>
          <Notes>
            {movement.faultIds.map((id) => (
              <p key={id} className="soft">
                <b style={{ color: ink.ink }}>{faults[id]!.seen}.</b> {faults[id]!.cost}. {faults[id]!.fix}.
              </p>
            ))}
          </Notes>
          {movement.cautions.length > 0 && (
            <>
              <SheetHead>
                <h2>Cautions</h2>
              </SheetHead>
              <Notes>
                {movement.cautions.map((c) => (
                  <p key={c.limit} className="soft">
                    <b style={{ color: ink.ink }}>Mind the {c.limit}.</b> {c.say}
                  </p>
                ))}
                <p className="soft">Pain, illness or doubt go to a clinician first.</p>
              </Notes>
            </>
          )}
        </Sheet>
      </div>
    </SheetsPage>
  );
}

/** One movement: the rig large with every knob live, where it is hard, who does the work, cues, faults, cautions. */
export function MovementScreen(): ReactNode {
  const { id = '' } = useParams();
  const entry = findEntry(id);
  if (!entry)
    return (
      <Blank title="There is no movement by this name">
        <Link to="/movements">To the movements</Link>
      </Blank>
    );
  return <Page key={id} entry={entry} />;
}

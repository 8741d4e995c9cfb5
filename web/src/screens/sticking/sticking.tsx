import type { ClientFile } from '@drimbo/core/contract';
import { Chance } from '@drimbo/core/lifter';
import {
  hasBothSides,
  readTrace,
  type Sample,
  samplesOf,
  sidesApart,
  simulatedTrace,
  tiltOf,
  TraceError,
  type TraceRead,
  variationsFor,
  type Where,
  whereAt,
} from '@drimbo/core/sticking';
import type { Kit } from '@drimbo/core/kit';
import Papa from 'papaparse';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';

import { TraceChart } from '../../drawings/trace-chart';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { FileChoice } from '../../parts/file-choice';
import { SheetsPage } from '../../parts/pages';
import { RadioGroup } from '../../parts/radio-group';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { plainTable } from '../../parts/table-look';
import { ClientPage, NoGym } from '../shared/client-page';
import { wayOf } from './way';
import { Ways } from './ways';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  .soft {
    color: ${ink.soft};
  }
  li {
    border-top: 1px solid ${ink.hush};
    padding: 6px 0;
  }
  ${plainTable}
`;

interface Seen {
  name: string;
  /** The other end of the bar beside this one; null where one was traced. */
  sides: { apart: number; tiltM: number } | null;
  samples: Sample[];
  read: TraceRead;
}

/** Where most of the repetitions stick; null where none does. */
function usual(read: TraceRead): Where | null {
  const at = read.reps.flatMap((r) => (r.sticking ? [r.sticking.at] : []));
  return at.length === 0 ? null : whereAt(at.reduce((a, b) => a + b, 0) / at.length);
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function Reps({ read }: { read: TraceRead }): ReactNode {
  return (
    <>
      <table>
        <thead>
          <tr>
            <th scope="col">Rep</th>
            <th scope="col">Mean, m/s</th>
            <th scope="col">Peak</th>
            <th scope="col">Pause</th>
            <th scope="col">Slowest at</th>
          </tr>
        </thead>
        <tbody>
          {read.reps.map((r, i) => (
            <tr key={r.fromS}>
              <td>{i + 1}</td>
              <td>{r.meanSpeed.toFixed(2)}</td>
              <td>{r.peakSpeed.toFixed(2)}</td>
              <td>{r.pauseS.toFixed(1)} s</td>
              <td>
                {r.sticking ? `${percent(r.sticking.at)} of the way, ${r.sticking.where}` : 'it never slows'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {read.loss !== null && (
        <p>From the fastest repetition to the last {percent(read.loss)} of the speed is lost.</p>
      )}
    </>
  );
}

function Desk({ file, kit }: { file: ClientFile; kit: Kit }): ReactNode {
  const client = file.document;
  const [where, setWhere] = useState<Where>('off the chest');
  const [seen, setSeen] = useState<Seen | null>(null);
  const [wrong, setWrong] = useState('');
  useEffect(() => {
    document.title = `Where ${client.name} sticks · Drimbo`;
  }, [client.name]);
  const take = (name: string, samples: Sample[], other: Sample[] | null = null): void => {
    try {
      const read = readTrace(samples);
      const sides = other && {
        apart: sidesApart(read, readTrace(other)),
        tiltM: tiltOf(samples, other),
      };
      setSeen({ name, samples: [...samples].sort((a, b) => a.t - b.t), read, sides });
      setWhere(usual(read) ?? where);
      setWrong('');
    } catch (error) {
      setWrong(
        error instanceof TraceError ? error.message : `The trace cannot be read: ${(error as Error).message}`,
      );
    }
  };
  const open = async (file: File): Promise<void> => {
    try {
      const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: 'greedy' });
      take(file.name, samplesOf(data), hasBothSides(data) ? samplesOf(data, 2) : null);
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  const simulate = (): void => {
    const chance = new Chance('a set to look at');
    const trace = simulatedTrace({ sticksAt: 0.28, reps: 4, strokeM: 0.42, keeps: 0.92, noiseM: 0.001 }, () =>
      chance.normal(1),
    );
    take('a simulated set', trace);
  };
  const ways = useMemo(
    () => variationsFor(where, { client, kit, logged: file.logged }),
    [where, client, kit, file.logged],
  );
  const last = seen?.read.reps[seen.read.reps.length - 1];
  const { statureM, massKg, biacromialM } = client;
  const way = useMemo(
    () =>
      seen && last
        ? wayOf(seen.samples, last, { statureM, massKg, biacromialM: biacromialM ?? undefined })
        : [],
    [seen, last, statureM, massKg, biacromialM],
  );
  return (
    <SheetsPage $columns="1.15fr 1fr">
      <header>
        <Title>Where it sticks</Title>
        <p>
          <Link to={`/clients/${file.id}`}>{client.name}</Link>, bench press
        </p>
      </header>
      <div className="sheets">
        <Sheet style={{ minWidth: 0 }}>
          <SheetHead>
            <h2>Seen</h2>
            <span>by the eye, or from a trace</span>
          </SheetHead>
          <Body>
            <RadioGroup
              label="Where it stops"
              isRow
              value={where}
              options={[
                { value: 'off the chest', words: 'off the chest' },
                { value: 'middle', words: 'in the middle' },
                { value: 'lockout', words: 'at the lockout' },
              ]}
              onChange={setWhere}
            />
            <div className="row">
              <FileChoice accept=".csv,text/csv" onFile={(f) => void open(f)}>
                Read a trace
              </FileChoice>
              <Button onPress={simulate}>Look at a simulated set</Button>
            </div>
            <p className="soft">
              A table of seconds and height of the bar in metres, from any camera or sensor; a third column is
              its right end, the second then its left.
            </p>
            {wrong && <p role="alert">{wrong}</p>}
            {seen && last && (
              <>
                <p>
                  <b>{seen.name}</b>, last repetition: the line is its speed along the way up, the broken one
                  where the model says a bench press of this build is hard.
                </p>
                <TraceChart
                  points={way}
                  rep={last}
                  label={
                    last.sticking
                      ? `Slowest at ${percent(last.sticking.at)} of the way up`
                      : 'It never slows on the way up'
                  }
                />
                <Reps read={seen.read} />
                {seen.sides && (
                  <p>
                    The right end takes {percent(Math.abs(seen.sides.apart))}{' '}
                    {seen.sides.apart < 0 ? 'less' : 'more'} time on the way up than the left; the bar tilts
                    by {(seen.sides.tiltM * 100).toFixed(1)} cm at most.
                  </p>
                )}
              </>
            )}
          </Body>
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>What may help, {where}</h2>
            <span>for two to four weeks, in place of the bench or after it</span>
          </SheetHead>
          <Body>
            <Ways file={file} ways={ways} />
            {ways.length === 0 && <p>Nothing this gym has and the client’s limits allow.</p>}
            <p className="soft">
              They do the same job: where one hurts, take another. None is without risk, and none of it is
              physical therapy; pain that stays belongs to a clinician.
            </p>
          </Body>
        </Sheet>
      </div>
    </SheetsPage>
  );
}

/** Where the bench press sticks, by the coach's eye or a bar's trace, and what may be done about it. */
export const StickingScreen = (): ReactNode => (
  <ClientPage failed="This cannot be shown" opening="Opening…">
    {({ file, kit }) => (kit ? <Desk file={file} kit={kit} /> : <NoGym />)}
  </ClientPage>
);

import type { ClientFile } from '@drimbo/core/contract';
import { daysAfter, dayWords, massRange, type MassUnit, roughMass } from '@drimbo/core/units';
import { placed, type TrainingBlock } from '@drimbo/core/block';
import { type LiftProgress, progress, recoveryAlarm, type Standing } from '@drimbo/core/log';
import { useQueries } from '@tanstack/react-query';
import { useEffect, useMemo, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { documentOf } from '../../data/documents';
import { todayIso } from '../../data/queries';
import { LiftChart } from '../../drawings/lift-chart';
import { ink, size } from '../../look/theme';
import { Blank } from '../../parts/blank';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import type { Kit } from '@drimbo/core/kit';
import { BodyLog } from './body';
import { Notes } from './notes';
import { Ratings } from './ratings';
import { Weeks } from './weeks';
import { ClientPage, NoGym } from '../shared/client-page';

const Page = styled.div`
  max-width: 1248px;
  margin: 0 auto;
  padding: 14px 16px 32px;
  > header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 12px;
    color: ${ink.soft};
  }
  > header > :first-child {
    color: ${ink.ink};
  }
  .lifts {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
    gap: 10px;
  }
  .said {
    padding: 0 12px 10px;
    font-size: ${size.small};
  }
  .said span {
    color: ${ink.soft};
  }
`;

const standingWords: Record<Standing, string> = {
  rising: 'rising',
  holding: 'holding: no gain worth having',
  falling: 'falling',
  'cannot tell yet': 'cannot be told yet',
};

const percent = (n: number): string => `${n > 0 ? '+' : n < 0 ? '−' : ''}${Math.abs(n).toFixed(1)}`;

/** What a coach may do about it; nothing where it goes as it should. */
function advice(lift: LiftProgress): string | null {
  if (lift.standing === 'falling') return 'Look at recovery before the load: fewer sets, or a lighter week.';
  if (lift.standing === 'holding')
    return 'Hold, or change the variation and keep the job: another angle by 15°, grip or implement.';
  return null;
}

function Lift({
  lift,
  phases,
  unit,
}: {
  lift: LiftProgress;
  phases: readonly { from: string; name: string }[];
  unit: MassUnit;
}): ReactNode {
  const first = lift.points[0]!.date;
  const last = lift.points[lift.points.length - 1]!;
  const { slope } = lift;
  const now = `${roughMass(last.kg, unit)}${lift.perHand}`;
  const about = advice(lift);
  return (
    <Sheet aria-label={lift.name}>
      <SheetHead>
        <h2>{lift.name}</h2>
        <span>{standingWords[lift.standing]}</span>
      </SheetHead>
      <LiftChart
        points={lift.points}
        phases={phases.filter((p) => p.from > first && p.from <= lift.points.at(-1)!.date)}
        unit={unit}
        label={`Max of ${lift.name.toLowerCase()}: ${roughMass(lift.points[0]!.kg, unit)} on ${dayWords(lift.points[0]!.date)}, ${now} on ${dayWords(last.date)}`}
      />
      <div className="said">
        <p>
          <b>{now}</b>{' '}
          <span>
            {massRange(last.low, last.high, unit)}; {percent(slope.mean)} % a week ({percent(slope.low)} to{' '}
            {percent(slope.high)}), {lift.points.length} days
          </span>
        </p>
        {about && <p>{about}</p>}
      </div>
    </Sheet>
  );
}

/** The client's blocks, whole. */
function useBlocksOf(file: ClientFile): TrainingBlock[] {
  const blocks = useQueries({
    queries: file.blocks.map((b) => ({
      queryKey: ['block document', b.id],
      queryFn: () => documentOf('block', b.id),
    })),
  });
  return blocks.flatMap((b) => (b.data ? [b.data.document] : []));
}

/** Where the phases of blocks begin. */
const phaseStarts = (blocks: readonly TrainingBlock[]): { from: string; name: string }[] =>
  blocks.flatMap((block) => {
    let week = 0;
    return block.phases.map((phase) => {
      const from = daysAfter(block.startsOn, 7 * week);
      week += phase.weeks;
      return { from, name: phase.goal };
    });
  });

/** How many of the days that were planned by now were done, over all blocks. */
function Adherence({ blocks }: { blocks: readonly TrainingBlock[] }): ReactNode {
  const days = blocks.flatMap((b) => placed(b)).filter((p) => p.date < todayIso());
  if (days.length === 0) return null;
  const done = days.filter((p) => p.state === 'done').length;
  const out = days.filter((p) => p.state === 'left out').length;
  return (
    <span>
      {done} of {days.length} planned days done{out > 0 && `, ${out} left out on purpose`}
    </span>
  );
}

function Told({ file, kit }: { file: ClientFile; kit: Kit }): ReactNode {
  const client = file.document;
  const blocks = useBlocksOf(file);
  const phases = phaseStarts(blocks);
  const { lifts, alarm } = useMemo(() => {
    const context = { client, kit, logged: file.logged, todayIso: todayIso() };
    return { lifts: progress(context), alarm: recoveryAlarm(context) };
  }, [client, kit, file.logged]);
  useEffect(() => {
    document.title = `Progress of ${client.name} · Drimbo`;
  }, [client.name]);
  return (
    <Page>
      <header>
        <Title>Progress</Title>
        <Link to={`/clients/${file.id}`}>{client.name}</Link>
        <Link to={`/clients/${file.id}/sticking`}>Where the bench sticks</Link>
        <Adherence blocks={blocks} />
        <span>
          Maxes are a model’s estimate from what was logged; the band is where four in five would lie.
        </span>
      </header>
      <Weeks file={file} />
      <div className="lifts" style={{ margin: '10px 0' }}>
        <BodyLog id={file.id} client={client} />
        <Ratings id={file.id} client={client} />
        <Notes id={file.id} client={client} />
      </div>
      {alarm !== null && (
        <p>
          First sets fell behind what was expected of them, session after session, up to {dayWords(alarm)}:
          too much, too close together, or little sleep and food. Fewer sets where they are worth least, or a
          lighter week.
        </p>
      )}
      {lifts.length === 0 ? (
        <Blank title="Nothing to look back on yet">
          <p>
            A lift shows here from its third day in the log: run a session on the floor, or type afterwards
            what was done.
          </p>
        </Blank>
      ) : (
        <div className="lifts">
          {lifts.map((lift) => (
            <Lift key={`${lift.movement} ${lift.name}`} lift={lift} phases={phases} unit={client.unit} />
          ))}
        </div>
      )}
    </Page>
  );
}

/** Looking back: where each lift's max went, how surely, and whether it moves. */
export const ProgressScreen = (): ReactNode => (
  <ClientPage failed="The progress cannot be shown" opening="Looking back…">
    {({ file, kit }) => (kit ? <Told file={file} kit={kit} /> : <NoGym />)}
  </ClientPage>
);

import type { DaySheet, LineSheet } from '@drimbo/core/block/sheets';
import { lifePreviews } from '@drimbo/core/block/life';
import { followAgain, madeOf, sessionOfDay } from '@drimbo/core/block/making';
import { measureDay } from '@drimbo/core/block/measuring';
import { moveDay, moveEveryWeek, putOn } from '@drimbo/core/block/moving';
import { placed } from '@drimbo/core/block/placing';
import { readShortDay, shortDayText } from '@drimbo/core/block/short-day';
import { massText, type MassUnit } from '@drimbo/core/units/mass';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { keepSession, sessionFrom } from '../../data/blocks';
import { newId, useClientFile } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { tell } from '../../parts/toast';
import type { BlockDesk } from '../../state/use-block';
import { dayWords, loadWords } from './words';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: end;
    margin-top: 8px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    margin-top: 6px;
  }
  td,
  th {
    text-align: left;
    font-weight: 420;
    padding: 3px 8px 3px 0;
    border-top: 1px solid ${ink.hush};
    vertical-align: top;
  }
  td:first-child {
    font-weight: 620;
  }
  thead th {
    color: ${ink.soft};
    font-size: ${size.fine};
    border-top: none;
  }
  .soft {
    color: ${ink.soft};
  }
`;

const verdictWords: Record<NonNullable<LineSheet['verdict']>, string> = {
  up: 'next time the next load, if the last set was clean',
  hold: 'same load, more reps',
  down: 'next time a step lighter',
  'rack ends': 'the rack ends here',
};

function Lines({ sheet, unit }: { sheet: DaySheet; unit: MassUnit }): ReactNode {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Movement</th>
          <th scope="col">Sets</th>
          <th scope="col">Load, and where it may lie</th>
          <th scope="col">Expected reps</th>
        </tr>
      </thead>
      <tbody>
        {sheet.lines.map((l) => (
          <tr key={l.id}>
            <td>{l.name}</td>
            <td>
              {l.sets} <span className="soft">leave {l.reserve}</span>
            </td>
            <td>
              {loadWords(l, unit)}{' '}
              {l.lowKg !== null && l.highKg !== null && l.lowKg !== l.highKg && (
                <span className="soft">
                  {massText(l.lowKg, unit)}–{massText(l.highKg, unit)}
                </span>
              )}
            </td>
            <td>
              {l.reps === null
                ? ''
                : l.reps.first === l.reps.last
                  ? l.reps.first
                  : `${l.reps.first} → ${l.reps.last}`}{' '}
              <span className="soft">
                {l.verdict && sheet.placed.state === 'planned' ? verdictWords[l.verdict] : ''}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What a training day uses: a session of the client, or work in short form. */
function Uses({ desk, sheet }: { desk: BlockDesk; sheet: DaySheet }): ReactNode {
  const { block } = desk;
  const file = useClientFile(block.clientId);
  const training = block.days.find((d) => d.id === sheet.placed.training)!;
  const { does } = training;
  const [typed, setTyped] = useState(does.is === 'short' ? shortDayText(does.work) : '');
  const read = readShortDay(typed);
  const sessions = (file.data?.sessions ?? []).filter((s) => s.status !== 'finished');
  const put = (id: string | null): void => {
    if (id === null)
      desk.take(
        putOn(block, training.id, { is: 'short', work: read.work }),
        `write ${training.name} in short form`,
      );
    else
      sessionFrom(id).then(
        (stored) => {
          desk.know(id, stored.document);
          desk.take(
            putOn(block, training.id, { is: 'session', session: id }),
            `put ${stored.document.title} on ${training.name}`,
          );
        },
        (error: Error) => tell(`The session cannot be fetched: ${error.message}`),
      );
  };
  return (
    <div className="row">
      <Select
        label={`${training.name} uses`}
        value={does.is === 'session' ? does.session : null}
        none="short form"
        options={sessions.map((s) => [s.id, s.title])}
        onChange={put}
      />
      {does.is === 'short' && (
        <>
          <TextField
            label="In short form: muscles, sets, how hard"
            value={typed}
            placeholder="back 8 hard, biceps 4 medium"
            maxLength={300}
            onChange={setTyped}
          />
          <Button
            isDisabled={read.unread.length > 0 || shortDayText(read.work) === shortDayText(does.work)}
            onPress={() =>
              desk.take(
                putOn(block, training.id, { is: 'short', work: read.work }),
                `change ${training.name}`,
              )
            }
          >
            Keep
          </Button>
          <span role="status" className="soft">
            {read.unread.length > 0
              ? `Not understood: ${read.unread.join(', ')}. A muscle and a number of sets, like “back 8 hard”.`
              : `Read as: ${shortDayText(read.work) || 'nothing'}`}
          </span>
        </>
      )}
    </div>
  );
}

/** Changing a day: elsewhere, missed, done, or with a session of its own. */
function Actions({ desk, sheet }: { desk: BlockDesk; sheet: DaySheet }): ReactNode {
  const { block, context } = desk;
  const { placed: p } = sheet;
  const isOpen = p.state === 'planned';
  const missed = (): void => {
    const event = { id: newId('life'), what: 'missed' as const, from: p.date, to: p.date, note: sheet.name };
    const [first] = lifePreviews(block, event);
    desk.take(first!.change, `catch up on ${sheet.name}`);
  };
  const own = (status: 'handed over' | 'finished'): void => {
    const measured = measureDay(block, { ...context, sessions: desk.sessions }, p);
    if (!measured) {
      desk.take(madeOf(block, p, null, status === 'finished' ? p.date : null), `${sheet.name} is done`);
      return;
    }
    const session = sessionOfDay(measured, p.date, status);
    keepSession(session).then(
      (id) => {
        desk.know(id, session);
        desk.take(
          madeOf(block, p, id, status === 'finished' ? p.date : null),
          status === 'finished' ? `${sheet.name} is done` : `give ${sheet.name} a session of its own`,
        );
      },
      (error: Error) => tell(`No session was made: ${error.message}`),
    );
  };
  return (
    <>
      <div className="row">
        {isOpen && (
          <DateField
            label="On"
            value={p.date}
            onChange={(to) =>
              to && desk.take(moveDay(block, p.day, to), `move ${sheet.name} to ${dayWords(to)}`)
            }
          />
        )}
        {isOpen && p.date !== p.planned && (
          <Button
            onPress={() => {
              const change = moveEveryWeek({ ...block, moved: [] }, p.day, p.date);
              desk.take(
                change && {
                  ...change,
                  block: { ...change.block, moved: block.moved.filter((m) => m.day !== p.day) },
                },
                `${sheet.name} that day every week`,
              );
            }}
          >
            That day every week
          </Button>
        )}
        {isOpen && <Button onPress={missed}>Missed: catch up</Button>}
        {isOpen && p.date <= context.todayIso && <Button onPress={() => own('finished')}>It is done</Button>}
        {isOpen && !sheet.isShort && p.session === null && !sheet.isMissing && (
          <Button onPress={() => own('handed over')}>Make a session of this day</Button>
        )}
        {isOpen && p.session !== null && (
          <Button
            onPress={() => desk.take(followAgain(block, p.day), `${sheet.name} follows its session again`)}
          >
            Follow the session again
          </Button>
        )}
        {p.state === 'done' && (
          <Button
            kind="quiet"
            onPress={() => desk.take(followAgain(block, p.day), `${sheet.name} is not done`)}
          >
            Not done after all
          </Button>
        )}
      </div>
      {isOpen && p.session === null && <Uses key={p.training} desk={desk} sheet={sheet} />}
    </>
  );
}

/** One day of the block: what its week makes of its session, and what can be done with it. */
export function DayPane({ desk, sheet }: { desk: BlockDesk; sheet: DaySheet }): ReactNode {
  const { unit } = desk.context.client;
  const { placed: p, difficulty } = sheet;
  const next = placed(desk.block).find((x) => x.day > p.day && x.training === p.training);
  return (
    <Body>
      <p>
        <b>{dayWords(p.date)}</b>
        {p.date !== p.planned && <span className="soft">, planned for {dayWords(p.planned)}</span>}, week{' '}
        {p.week + 1}:{' '}
        {sheet.sessionId && !sheet.isMissing ? (
          <Link to={`/sessions/${sheet.sessionId}`}>{sheet.title}</Link>
        ) : (
          sheet.title
        )}
        {sheet.minutes !== null && `, ${Math.round(sheet.minutes)} min`}
        {next && <span className="soft">; the next is on {dayWords(next.date)}</span>}
      </p>
      {sheet.sessionId && sheet.placed.session === null && !sheet.isMissing && p.state === 'planned' && (
        <p className="soft">
          As this week has it. Changing the session changes every week that is not done; a day that is done
          stays as it was.
        </p>
      )}
      <p>
        A <b>{difficulty.name}</b> day, {Math.round(difficulty.sum)}:{' '}
        <span className="soft">
          {difficulty.terms.map((t) => `${t.says.toLowerCase()} ${t.points.toFixed(1)}`).join(', ') ||
            'nothing'}
          . Sets by how near failure, how much muscle moves and what the spine carries; a model’s estimate.
        </span>
      </p>
      {sheet.stops.map((says) => (
        <p key={says} role="alert">
          ▲ {says}
        </p>
      ))}
      {sheet.lines.length > 0 && <Lines sheet={sheet} unit={unit} />}
      <Actions desk={desk} sheet={sheet} />
    </Body>
  );
}

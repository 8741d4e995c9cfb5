import {
  type DaySheet,
  followAgain,
  lifePreviews,
  madeOf,
  measureDay,
  moveDay,
  moveEveryWeek,
  putOn,
  readShortDay,
  sessionOfDay,
  shortDayText,
} from '@drimbo/core/block';
import type { Edit } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { keepSession, sessionFrom } from '../../data/blocks';
import { newId } from '../../data/ids';
import { useClientFile } from '../../data/queries';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { tell } from '../../parts/toast';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';

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
export function Actions({ desk, sheet }: { desk: BlockDesk; sheet: DaySheet }): ReactNode {
  const { block, context } = desk;
  const { placed: p } = sheet;
  const isOpen = p.state === 'planned';
  const missed = (): void => {
    const event = { id: newId('life'), what: 'missed' as const, from: p.date, to: p.date, note: sheet.name };
    const [first] = lifePreviews(block, event);
    desk.take(first!.change, `catch up on ${sheet.name}`);
  };
  const own = (status: 'handed over' | 'finished'): void => {
    if (p.session !== null) {
      // It has its own already: that one is finished.
      const finished: Edit = { do: 'head', patch: { status: 'finished', date: p.date } };
      const done = madeOf(block, p, p.session, p.date);
      desk.take({ ...done, sessions: [{ id: p.session, edit: finished }] }, `${sheet.name} is done`);
      return;
    }
    const measured = measureDay(block, { ...context, sessions: desk.sessions }, p);
    if (!measured) {
      desk.take(madeOf(block, p, null, status === 'finished' ? p.date : null), `${sheet.name} is done`);
      return;
    }
    const session = sessionOfDay(measured, p.date, status);
    keepSession(`own day ${p.day} of ${block.clientId} ${block.startsOn}`, session).then(
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

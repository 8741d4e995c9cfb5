import { dayWords } from '@drimbo/core/units';
import { logFromTable, setsOfLog, type PerformedSet, plannedLog, readLog } from '@drimbo/core/log';
import Papa from 'papaparse';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ways } from '@drimbo/core/contract';
import { ask } from '../../data/api';
import { listsAnew } from '../../data/house';
import { idIsThrough, keptId } from '../../data/ids';
import { queryClient, todayIso } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { FileChoice } from '../../parts/file-choice';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { Designer } from '../../state/use-designer';
import { Beside, LeftOut } from './done-beside-plan';

const Body = styled.div`
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  textarea {
    min-height: 130px;
  }
  .soft {
    color: ${ink.soft};
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
  }
`;

/** Ids of sets this form has sent for a session, kept over a reload until all is through. */
const sentKey = (sessionId: string): string => `drimbo.sent.${sessionId}`;
function sentFor(sessionId: string): string[] {
  try {
    return JSON.parse(sessionStorage.getItem(sentKey(sessionId)) ?? '[]') as string[];
  } catch {
    return [];
  }
}

/** When it was, how long it took, how ready one was. */
function Ending({
  date,
  setDate,
  minutes,
  setMinutes,
  ready,
  setReady,
}: {
  date: string;
  setDate: (date: string) => void;
  minutes: number;
  setMinutes: (minutes: number) => void;
  ready: string | null;
  setReady: (ready: string | null) => void;
}): ReactNode {
  return (
    <div className="row">
      <DateField label="Done on" value={date} latest={todayIso()} onChange={(d) => d && setDate(d)} />
      <NumberField label="Minutes it took" value={minutes} lo={1} hi={400} onChange={setMinutes} />
      <Select
        label="Ready, 1 to 5"
        value={ready}
        none="not said"
        options={['1', '2', '3', '4', '5'].map((n) => [n, n])}
        onChange={setReady}
      />
    </div>
  );
}

/** What was done, typed afterwards as quickly as a session: read back set by set before it is kept. */
export function LogDialog({
  designer,
  id,
  close,
}: {
  designer: Designer;
  id: string;
  close: () => void;
}): ReactNode {
  const { session, appraisal, context } = designer;
  const { unit } = context.client;
  const known = useQuery({
    queryKey: ['sets', id],
    queryFn: () => ask(ways.setsOfSession({ query: { session: id, size: 500 } })),
  });
  const [text, setText] = useState(() => plannedLog(appraisal.lines, unit));
  const [date, setDate] = useState(session.date && session.date <= todayIso() ? session.date : todayIso());
  const [minutes, setMinutes] = useState(Math.max(1, Math.round(appraisal.totals.minutes)));
  const [ready, setReady] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const [isBusy, setBusy] = useState(false);
  const read = readLog(text, appraisal.lines, unit);
  const sets = setsOfLog(read.sets, appraisal.lines);
  /** The sets of a file stand in the field as if they had been typed. */
  const takeTable = async (file: File): Promise<void> => {
    const { data } = Papa.parse<string[]>((await file.text()).slice(0, 200_000), { skipEmptyLines: true });
    const found = logFromTable(data);
    setWrong('wrong' in found ? `${file.name}: ${found.wrong}` : '');
    if ('text' in found) setText(found.text);
  };
  /** A set that says the same is the same set, however often it is sent; one that was sent and says so no more goes. */
  const sendSets = async (): Promise<void> => {
    const mark = (s: (typeof sets)[number]): string => `set ${id} ${date} ${JSON.stringify(s)}`;
    const told = sets.map((s): PerformedSet => ({
      ...s,
      id: keptId(mark(s), 'set'),
      clientId: session.clientId,
      sessionId: id,
      doneOn: date,
    }));
    const ids = told.map((s) => s.id);
    const removes = sentFor(id).filter((sent) => !ids.includes(sent));
    sessionStorage.setItem(sentKey(id), JSON.stringify([...ids, ...removes]));
    if (told.length + removes.length > 0) await ask(ways.writeSets({ body: { sets: told, removes } }));
    sets.forEach((s) => idIsThrough(mark(s)));
    sessionStorage.removeItem(sentKey(id));
  };
  const finish = async (): Promise<void> => {
    const done = { minutes, readiness: ready === null ? null : Number(ready), swaps: [], note: '' };
    // The server finishes it: it marks the day of the block that has it as its own.
    await designer.through(() => ask(ways.finishSession({ id, body: { date, done } })), 'finish with a log');
    await Promise.all([
      listsAnew(),
      ...[['sets', id], ['needs from log'], ['sets of client']].map((queryKey) =>
        queryClient.invalidateQueries({ queryKey }),
      ),
    ]);
    close();
  };
  const keep = (work: () => Promise<void>): void => {
    setBusy(true);
    setWrong('');
    work()
      .catch(async (error: Error) => {
        setWrong(`${error.message} Nothing is doubled by pressing again.`);
        await known.refetch();
      })
      .finally(() => setBusy(false));
  };
  const logged = known.data ?? [];
  const isFinished = session.status === 'finished';
  const ending = { date, setDate, minutes, setMinutes, ready, setReady };
  return (
    <Dialog
      title={logged.length > 0 ? 'What was done' : 'Log what was done'}
      isOpen
      onClose={close}
      widthPx={620}
    >
      {() => (
        <Body>
          {logged.length > 0 ? (
            <>
              <Beside designer={designer} done={logged} />
              {session.done && (
                <p>
                  {session.date && dayWords(session.date)}
                  {session.done.minutes !== null && `, ${session.done.minutes} min`}
                  {session.done.readiness !== null && `, ready ${session.done.readiness} of 5`}
                  {session.done.swaps.map((s) => `; ${s.to} in place of ${s.from} (${s.why})`).join('')}
                  {session.done.note && `. ${session.done.note}`}
                </p>
              )}
              <LeftOut designer={designer} />
              {!isFinished && <Ending {...ending} />}
              {wrong && <p role="alert">{wrong}</p>}
              <DialogFeet>
                {!isFinished && (
                  <Button kind="strong" isDisabled={isBusy} onPress={() => keep(finish)}>
                    Say that it is finished
                  </Button>
                )}
                <Button onPress={close}>Close</Button>
              </DialogFeet>
            </>
          ) : (
            <>
              <TextField
                label="A movement a line: load, then the reps of each set"
                value={text}
                maxLength={4000}
                rows={8}
                onChange={setText}
              />
              <p className="soft">
                What was left is known where a line says so, like “leave 1”; sets without it count and teach
                nothing about loads.
              </p>
              <div className="row">
                <FileChoice accept=".csv,text/csv,.txt" onFile={(file) => void takeTable(file)}>
                  Read a CSV
                </FileChoice>
              </div>
              {read.unread.map((u) => (
                <p key={u.text} role="alert">
                  “{u.text}”: {u.why}.
                </p>
              ))}
              <Beside designer={designer} done={sets} />
              <Ending {...ending} />
              {wrong && <p role="alert">{wrong}</p>}
              <DialogFeet>
                <Button
                  kind="strong"
                  isDisabled={read.unread.length > 0 || known.isPending || isBusy}
                  onPress={() =>
                    keep(async () => {
                      await sendSets();
                      await finish();
                    })
                  }
                >
                  Log {read.sets.length} {read.sets.length === 1 ? 'set' : 'sets'}
                </Button>
                <Button kind="quiet" onPress={close}>
                  Cancel
                </Button>
              </DialogFeet>
            </>
          )}
        </Body>
      )}
    </Dialog>
  );
}

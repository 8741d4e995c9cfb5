import { dayWords } from '@drimbo/core/units/time';
import type { PerformedSet } from '@drimbo/core/log/performed-set';
import { logFromTable } from '@drimbo/core/log/csv-log';
import { plannedLog, readLog } from '@drimbo/core/log/typed-log';
import { schemeText } from '@drimbo/core/session/schemes';
import { repSeconds } from '@drimbo/core/session/effort';
import { massText } from '@drimbo/core/units/mass';
import Papa from 'papaparse';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { api } from '../../data/api';
import { listsAnew } from '../../data/house';
import { savesDone } from '../../data/pending-saves';
import { newId } from '../../data/ids';
import { queryClient, todayIso } from '../../data/queries';
import { nothingSaid } from '../../data/said';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { FileChoice } from '../../parts/file-choice';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { NumberField } from '../../parts/number-field';
import { plainTable } from '../../parts/table-look';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { Designer } from '../../state/use-designer';

const Body = styled.div`
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  textarea {
    min-height: 130px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
  }
  ${plainTable}
`;

/** Sets as they are told: "80 kg × 8, 8, 7". */
function told(sets: readonly { loadKg: number; reps: number; reserve: number }[], unit: 'kg' | 'lb'): string {
  const parts: string[] = [];
  let load = -1;
  for (const s of sets) {
    if (s.loadKg === load) parts[parts.length - 1] += `, ${s.reps}`;
    else parts.push(`${massText(s.loadKg, unit)} × ${s.reps}`);
    load = s.loadKg;
  }
  const last = sets[sets.length - 1];
  return last ? `${parts.join('; ')}, ${last.reserve} left` : '';
}

/** The plan beside what was done, set by set. */
function Beside({
  designer,
  done,
}: {
  designer: Designer;
  done: readonly Pick<PerformedSet, 'lineId' | 'setIndex' | 'loadKg' | 'reps' | 'reserve'>[];
}): ReactNode {
  const { unit } = designer.context.client;
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Movement</th>
          <th scope="col">Planned</th>
          <th scope="col">Done</th>
        </tr>
      </thead>
      <tbody>
        {designer.appraisal.lines.map((m) => (
          <tr key={m.id}>
            <th scope="row">{m.name}</th>
            <td>
              {schemeText(m.line.scheme)}
              {m.sets[0]?.kg != null && `, ${massText(m.sets[0].kg, unit)}`}
            </td>
            <td>
              {told(
                done.filter((s) => s.lineId === m.id).sort((a, b) => a.setIndex - b.setIndex),
                unit,
              ) || <span style={{ color: ink.soft }}>nothing</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
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
    queryFn: () => api.get<PerformedSet[]>(`/sets?session=${id}&size=500`),
  });
  const [text, setText] = useState(() => plannedLog(appraisal.lines, unit));
  const [date, setDate] = useState(session.date && session.date <= todayIso() ? session.date : todayIso());
  const [minutes, setMinutes] = useState(Math.max(1, Math.round(appraisal.totals.minutes)));
  const [ready, setReady] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const read = readLog(text, appraisal.lines, unit);
  /** The sets of a file stand in the field as if they had been typed. */
  const takeTable = async (file: File): Promise<void> => {
    const { data } = Papa.parse<string[]>((await file.text()).slice(0, 200_000), { skipEmptyLines: true });
    const found = logFromTable(data);
    setWrong('wrong' in found ? `${file.name}: ${found.wrong}` : '');
    if ('text' in found) setText(found.text);
  };
  const keep = async (): Promise<void> => {
    const lines = new Map(appraisal.lines.map((m) => [m.id, m]));
    const sets = read.sets.map((s): PerformedSet => {
      const m = lines.get(s.lineId)!;
      return {
        ...nothingSaid,
        id: newId(`set-${id}`.slice(0, 80)),
        clientId: session.clientId,
        sessionId: id,
        lineId: s.lineId,
        setIndex: s.setIndex,
        movement: m.movement.id,
        rig: m.rig,
        doneOn: date,
        loadKg: Number(s.loadKg.toFixed(3)),
        reps: s.reps,
        reserve: s.reserve,
        tired: Number(Math.min(0.6, m.sets[s.setIndex]!.loss).toFixed(3)),
        repS: Math.min(60, Math.max(0.5, repSeconds(m.line.tempo))),
      };
    });
    if (sets.length > 0) await api.post('/sets', { sets });
    const done = { minutes, readiness: ready === null ? null : Number(ready), swaps: [], note: '' };
    await savesDone(id);
    // The server marks the day of the block that has it as its own; the same is then said here, so that both agree.
    await api.post(`/sessions/${id}/finish`, { date, done });
    designer.edit({ do: 'head', patch: { status: 'finished', date, done } }, 'finish with a log');
    await Promise.all([listsAnew(), queryClient.invalidateQueries({ queryKey: ['sets', id] })]);
    close();
  };
  const logged = known.data ?? [];
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
              <DialogFeet>
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
              <Beside designer={designer} done={read.sets} />
              <div className="row">
                <DateField
                  label="Done on"
                  value={date}
                  latest={todayIso()}
                  onChange={(d) => d && setDate(d)}
                />
                <NumberField label="Minutes it took" value={minutes} lo={1} hi={400} onChange={setMinutes} />
                <Select
                  label="Ready, 1 to 5"
                  value={ready}
                  none="not said"
                  options={['1', '2', '3', '4', '5'].map((n) => [n, n])}
                  onChange={setReady}
                />
              </div>
              {wrong && <p role="alert">{wrong}</p>}
              <DialogFeet>
                <Button
                  kind="strong"
                  isDisabled={read.unread.length > 0 || known.isPending}
                  onPress={() => {
                    keep().catch((error: Error) => setWrong(`Nothing was logged: ${error.message}`));
                  }}
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

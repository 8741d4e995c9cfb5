import { type BlockChange, dayChanges, endsOn, eventsOf, sayLife } from '@drimbo/core/block';
import { byTitle, type CalendarEntry, dayOfUid, readBack } from '@drimbo/core/formats';
import { daysAfter } from '@drimbo/core/units';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import { readCalendarFile } from '../../data/read-calendar';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { FileDrop } from '../../parts/file-drop';
import { RadioGroup } from '../../parts/radio-group';
import type { BlockDesk } from '../../state/use-block';
import { Changes } from './changes';
import { saveBlockCalendar } from './save-calendar';
import { dayWords } from './words';

const Body = styled.div`
  display: grid;
  gap: 12px;
  font-size: ${size.small};
  .soft {
    color: ${ink.soft};
  }
`;

/** Days away out of somebody's calendar: which entries count, and what happens to the days that fall on them. */
function Away({
  desk,
  entries,
  onTake,
}: {
  desk: BlockDesk;
  entries: readonly CalendarEntry[];
  onTake: (change: BlockChange) => void;
}): ReactNode {
  const { block } = desk;
  const titles = useMemo(() => byTitle(entries), [entries]);
  const [chosen, setChosen] = useState<readonly string[]>(() => titles.map((t) => t.title));
  const [then, setThen] = useState<'catch up' | 'leave out' | 'move'>('catch up');
  const change = useMemo(() => {
    const days = titles.filter((t) => chosen.includes(t.title)).flatMap((t) => t.days);
    const nameOn = (day: string): string =>
      titles.find((t) => chosen.includes(t.title) && t.days.includes(day))?.title ?? '';
    const events = eventsOf(
      days.filter((d) => d >= desk.context.todayIso),
      (from, to) => ({ id: newId('life'), what: 'shift', from, to, then, note: nameOn(from).slice(0, 160) }),
      (day) => daysAfter(day, 1),
    );
    // A calendar read again takes the place of the shifts read before, from today on.
    const before = block.life.filter((e) => e.what !== 'shift' || e.to < desk.context.todayIso);
    return sayLife({ ...block, life: before }, events.slice(0, 200 - before.length));
  }, [titles, chosen, then, block, desk.context.todayIso]);
  const changes = useMemo(() => dayChanges(block, { ...block, ...change.block }), [block, change]);
  return (
    <>
      <div role="group" aria-label="Entries that are days away">
        {titles.map((t) => (
          <CheckBox
            key={t.title}
            isOn={chosen.includes(t.title)}
            onChange={(on) => setChosen(on ? [...chosen, t.title] : chosen.filter((c) => c !== t.title))}
          >
            {t.title}: {t.days.length} {t.days.length === 1 ? 'day' : 'days'}, the first{' '}
            {dayWords(t.days[0]!)}
          </CheckBox>
        ))}
      </div>
      <RadioGroup
        label="Training days that fall on them"
        isRow
        value={then}
        options={[
          { value: 'catch up', words: 'catch up on days off' },
          { value: 'leave out', words: 'are left out' },
          { value: 'move', words: 'move everything after them' },
        ]}
        onChange={setThen}
      />
      <Changes changes={changes} />
      <DialogFeet>
        <Button kind="strong" isDisabled={chosen.length === 0} onPress={() => onTake(change)}>
          Keep
        </Button>
      </DialogFeet>
    </>
  );
}

interface Read {
  name: string;
  entries: CalendarEntry[];
  leftOut: string[];
  isOurs: boolean;
}

/** The block as a calendar file, its own one read back, and a client's shifts read from theirs. */
export function CalendarDialog({
  desk,
  id,
  close,
}: {
  desk: BlockDesk;
  id: string;
  close: () => void;
}): ReactNode {
  const { block, context } = desk;
  const [read, setRead] = useState<Read | null>(null);
  const [wrong, setWrong] = useState('');
  const take = async (file: File): Promise<void> => {
    setWrong('');
    setRead(null);
    try {
      const { entries, leftOut } = await readCalendarFile(file, block.startsOn, daysAfter(endsOn(block), 60));
      if (entries.length === 0) {
        setWrong('No entry of this file lies within the block.');
        return;
      }
      setRead({
        name: file.name,
        entries,
        leftOut,
        isOurs: entries.some((e) => dayOfUid(e.uid)?.blockId === id),
      });
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  const back = read?.isOurs ? readBack(block, id, read.entries) : null;
  const moved: BlockChange | null = back && { block: { moved: back.moved }, sessions: [] };
  const done = (change: BlockChange, says: string): void => {
    desk.take(change, says);
    close();
  };
  return (
    <Dialog title="Calendar" isOpen onClose={close} widthPx={560}>
      {() => (
        <Body>
          <div>
            <Button
              onPress={() => {
                saveBlockCalendar(id, block, { ...context, sessions: desk.sessions }).catch((error: Error) =>
                  setWrong(`The file cannot be written: ${error.message}`),
                );
              }}
            >
              Save as a calendar file
            </Button>{' '}
            <span className="soft">
              Every day with its session as text. A later file updates the days of an earlier one.
            </span>
          </div>
          <FileDrop
            accept=".ics,text/calendar"
            choose="Read a calendar file"
            onFile={(file) => void take(file)}
          />
          <p className="soft">
            This block’s own file, with days moved in a calendar; or the client’s shifts and trips, for days
            away.
          </p>
          {wrong && <p role="alert">{wrong}</p>}
          {read && read.leftOut.length > 0 && (
            <p role="status">
              Left out: {read.leftOut.slice(0, 5).join(', ')}
              {read.leftOut.length > 5 && ` and ${read.leftOut.length - 5} more`}.
            </p>
          )}
          {read && back && moved && (
            <>
              <p>
                {read.name} is this block’s own: {back.changes.length}{' '}
                {back.changes.length === 1 ? 'day' : 'days'} put elsewhere
                {back.done > 0 && `; ${back.done} done, which stay`}
                {back.foreign > 0 && `; ${back.foreign} entries of something else`}.
              </p>
              <Changes changes={dayChanges(block, { ...block, ...moved.block })} />
              <DialogFeet>
                <Button
                  kind="strong"
                  isDisabled={back.changes.length === 0}
                  onPress={() => done(moved, 'days moved in a calendar')}
                >
                  Move the days
                </Button>
              </DialogFeet>
            </>
          )}
          {read && !back && (
            <Away
              desk={desk}
              entries={read.entries}
              onTake={(change) => done(change, 'days away from a calendar')}
            />
          )}
        </Body>
      )}
    </Dialog>
  );
}

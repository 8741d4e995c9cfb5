import type { ClientFile } from '@drimbo/core/contract';
import { type Split, splits, startBlock } from '@drimbo/core/block';
import type { Client } from '@drimbo/core/session';
import { daysAfter, weekdayOf } from '@drimbo/core/units';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { keepBlock } from '../../data/blocks';
import { todayIso } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';

const Form = styled.form`
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
  }
  .soft {
    color: ${ink.soft};
  }
`;

/** The split somebody with so many days is likely to want. */
const usualSplit = ({ daysAWeek }: Pick<Client, 'daysAWeek'>): Split =>
  splits.find((s) => s.id === (daysAWeek >= 6 ? 'six-and-one' : daysAWeek >= 4 ? 'twice' : 'once'))!;

const nextMonday = (today: string): string => daysAfter(today, (7 - weekdayOf(today)) % 7 || 7);

/** Starts a block: split, sessions, weeks; everything has a likely answer already. */
export function NewBlock({ file, close }: { file: ClientFile; close: () => void }): ReactNode {
  const client = file.document;
  const go = useNavigate();
  const [splitId, setSplit] = useState(usualSplit(client).id);
  const split = splits.find((s) => s.id === splitId)!;
  const open = file.sessions.filter((s) => s.status !== 'finished');
  const wanted = split.days.filter((d) => d.short === undefined);
  const [picked, setPicked] = useState<Readonly<Record<string, string | null>>>({});
  const sessionFor = (id: string, i: number): string | null =>
    picked[id] === undefined ? (open[i % Math.max(1, open.length)]?.id ?? null) : picked[id];
  const [weeks, setWeeks] = useState(6);
  const [startsOn, setStart] = useState(nextMonday(todayIso()));
  const [wrong, setWrong] = useState('');
  const start = async (): Promise<void> => {
    const sessions = Object.fromEntries(
      wanted.flatMap(({ id }, i) => {
        const session = sessionFor(id, i);
        return session === null ? [] : [[id, session]];
      }),
    );
    const block = startBlock(file.id, client, {
      title: `${split.name}, ${weeks} weeks`,
      split,
      sessions,
      weeks,
      startsOn,
      school: client.trainingAge === 'under 1 year' ? 'foundations' : 'evidence',
    });
    void go(`/blocks/${await keepBlock(block)}`);
  };
  return (
    <Dialog title={`Start a block for ${client.name}`} isOpen onClose={close} widthPx={560}>
      {() => (
        <Form
          onSubmit={(e) => {
            e.preventDefault();
            start().catch((error: Error) => setWrong(`No block was started: ${error.message}`));
          }}
        >
          <Select
            label="Split"
            value={splitId}
            options={splits.map((s) => [s.id, s.name])}
            onChange={(id) => id && setSplit(id)}
          />
          <p className="soft">{split.about}</p>
          <div className="row">
            {wanted.map(({ id, name }, i) => (
              <Select
                key={id}
                label={name}
                value={sessionFor(id, i)}
                none="no session yet"
                options={open.map((s) => [s.id, s.title])}
                onChange={(session) => setPicked({ ...picked, [id]: session })}
              />
            ))}
          </div>
          <div className="row">
            <NumberField label="Weeks" value={weeks} lo={1} hi={26} onChange={setWeeks} />
            <DateField label="Begins on" value={startsOn} onChange={(d) => d && setStart(d)} />
          </div>
          <p className="soft">
            Weeks follow what {client.name.split(' ')[0]} trains for: sets rise, less is left in reserve, then
            a lighter week. Other days begin in short form. All of it can be changed.
          </p>
          {wrong && <p role="alert">{wrong}</p>}
          <DialogFeet>
            <Button kind="strong" type="submit">
              Start the block
            </Button>
            <Button kind="quiet" onPress={close}>
              Cancel
            </Button>
          </DialogFeet>
        </Form>
      )}
    </Dialog>
  );
}

import {
  addDay,
  canGo,
  dropDay,
  MOST_DAYS,
  nameDay,
  shortDayText,
  type TrainingDay,
} from '@drimbo/core/block';
import { useState, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { TextField } from '../../parts/text-field';
import type { BlockDesk } from '../../state/use-block';

/** Kept as it is typed; an empty name is none, and the last one stands. */
function DayName({ day, at, desk }: { day: TrainingDay; at: number; desk: BlockDesk }): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <TextField
      label={`Name of training day ${at + 1}`}
      labelPlace="unseen"
      value={typed ?? day.name}
      maxLength={60}
      onChange={(to) => {
        setTyped(to);
        desk.take(nameDay(desk.block, day.id, to), 'name a training day', `name ${day.id}`);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}

/** The training days a pattern is made of: named, added, and taken out where nothing uses them. */
export function TrainingDays({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, sessions, take } = desk;
  const [name, setName] = useState('');
  const adds = addDay(block, name);
  return (
    <>
      <ul aria-label="Training days">
        {block.days.map((d, i) => (
          <li key={d.id}>
            <DayName day={d} at={i} desk={desk} />
            <span className="soft">
              {d.does.is === 'session'
                ? (sessions[d.does.session]?.title ?? 'its session is not there')
                : shortDayText(d.does.work) || 'nothing yet: press it in the grid and say what it does'}
            </span>
            {canGo(block, d.id) && (
              <Button
                small
                kind="quiet"
                aria-label={`Remove ${d.name}`}
                onPress={() => take(dropDay(block, d.id), `remove ${d.name}`)}
              >
                Remove
              </Button>
            )}
          </li>
        ))}
      </ul>
      <form
        className="row"
        onSubmit={(e) => {
          e.preventDefault();
          take(adds, `add ${name.trim()}`);
          setName('');
        }}
      >
        <TextField label="Another training day" value={name} maxLength={60} onChange={setName} />
        <Button small type="submit" isDisabled={adds === null}>
          Add it
        </Button>
        {block.days.length >= MOST_DAYS && <span className="soft">At most {MOST_DAYS} training days.</span>}
      </form>
    </>
  );
}

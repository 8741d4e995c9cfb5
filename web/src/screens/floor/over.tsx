import { dayWords } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Floor } from '../../state/use-floor';
import { Plain, Stage } from './look';
import { setWordsIn } from './so-far';
import { syncWords } from './words';

/** A session that is finished: what was done. Changing it is a choice, and the coach's. */
export function Over({
  floor,
  isClient,
  isNew,
  change,
}: {
  floor: Floor;
  isClient: boolean;
  /** It was finished just now. */
  isNew: boolean;
  change: () => void;
}): ReactNode {
  const { session, context } = floor;
  const { done, date } = session;
  return (
    <Stage>
      <h1 className="unseen">{session.title}</h1>
      <h2>{isNew ? 'Done. Well trained.' : `${session.title} is finished`}</h2>
      <p role="status" data-testid="sync">
        {syncWords(floor)}
      </p>
      {date && (
        <p>
          {dayWords(date)}
          {done?.minutes != null && `, ${done.minutes} minutes`}
        </p>
      )}
      <ul aria-label="What was done" style={{ display: 'grid', gap: 10 }}>
        {floor.measured.lines.map((m) => {
          const sets = floor.sets.filter((s) => s.lineId === m.id).sort((a, b) => a.setIndex - b.setIndex);
          return (
            <li key={m.id}>
              <b>{m.name}</b>
              <br />
              {sets.length > 0
                ? sets.map((s) => setWordsIn(m, s, context.client.unit)).join('; ')
                : 'not done'}
            </li>
          );
        })}
      </ul>
      <div className="foot">
        {!isClient && !isNew && <Plain onPress={change}>Put something right</Plain>}
        {isClient ? <Link to="/mine">To your sessions</Link> : <Link to="/clients">To the clients</Link>}
      </div>
    </Stage>
  );
}

import { useEffect, type ReactNode } from 'react';
import { useOwnSessions } from '../../data/access';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { LinkButton } from '../../parts/link-button';
import { dayWords } from '../blocks/words';
import { Stage } from '../floor/look';

/** What a client sees of their own: the sessions there are to do, and those done last. */
export function MineScreen(): ReactNode {
  const { data, error, refetch } = useOwnSessions();
  useEffect(() => {
    document.title = 'Your sessions · Drimbo';
  }, []);
  if (error)
    return <Failed what="Your sessions cannot be shown" error={error} again={() => void refetch()} />;
  if (!data) return <Blank title="Opening your sessions…" />;
  const open = data.sessions.filter((s) => !s.isDone);
  const done = data.sessions.filter((s) => s.isDone).slice(0, 10);
  return (
    <Stage>
      <h1>{data.name}</h1>
      <h2>To do</h2>
      {open.length === 0 && <p>Nothing is handed over to you now. Ask your coach.</p>}
      <ul aria-label="To do" style={{ display: 'grid', gap: 10 }}>
        {open.map((s) => (
          <li key={s.id}>
            <LinkButton to={`/floor/${s.id}`} style={{ minHeight: 48, fontSize: 17 }}>
              {s.title}
              {s.date && `, ${dayWords(s.date)}`}
            </LinkButton>
          </li>
        ))}
      </ul>
      {done.length > 0 && (
        <>
          <h2>Done</h2>
          <ul aria-label="Done">
            {done.map((s) => (
              <li key={s.id}>
                {s.title}
                {s.date && `, ${dayWords(s.date)}`}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="soft">Your link holds until {dayWords(data.expiresAt.slice(0, 10))}.</p>
    </Stage>
  );
}

import { useEffect, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { ink } from '../../look/theme';
import { Finder } from '../../parts/finder';
import { useHits, type Hit } from './hits';

/** Finds a client, a session, a movement, a gym, a page, or the max of a set. */
export function FindBox({ begin, close }: { begin: () => string; close: () => void }): ReactNode {
  const [text, setText] = useState('');
  const go = useNavigate();
  const { hits, isLooking } = useHits(text);
  const [goesOn, setGoesOn] = useState(false);
  const choose = (hit: Hit | undefined): void => {
    if (!hit) return;
    close();
    void go(hit.to);
  };
  // Enter before the answer is there takes the first of the answer.
  useEffect(() => {
    if (!goesOn || isLooking || !hits[0]) return;
    close();
    void go(hits[0].to);
  }, [goesOn, isLooking, hits, close, go]);
  return (
    <>
      <Finder
        autoFocus
        // What was typed before the field was there was kept for it.
        onFocus={() => {
          const early = begin();
          if (early !== '') setText((later) => early + later);
        }}
        label="Find a client, a session, a movement or a gym"
        listLabel="Found"
        placeholder="A client, a session, a movement, a gym, or a set: 100 x 5"
        text={text}
        onText={(next) => {
          setText(next);
          setGoesOn(false);
        }}
        found={hits.map((h) => ({ id: `${h.kind} ${h.id}`, name: h.name, about: h.kind }))}
        onTake={(found) => {
          if (isLooking) setGoesOn(true);
          else choose(hits.find((h) => `${h.kind} ${h.id}` === found?.id));
        }}
        frame={(list, input) => (
          <>
            {input}
            <div style={{ marginTop: 8 }}>{list}</div>
          </>
        )}
      />
      {text.trim() !== '' && hits.length === 0 && !isLooking && (
        <p role="status" style={{ padding: 10, color: ink.soft }}>
          Nothing by that name.
        </p>
      )}
    </>
  );
}

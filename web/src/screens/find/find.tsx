import { useEffect, useId, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { Act } from '../../parts/act';
import { Option } from '../../parts/option';
import { ink } from '../../look/theme';
import { Box, Veil } from '../../parts/veil';
import { isTyping, keyHelp } from '../designer/keys';
import { useHits, type Hit } from './hits';

const Inside = styled.div`
  input {
    width: 100%;
    border: 1px solid ${ink.ink};
    border-radius: 3px;
    padding: 7px 10px;
    font-size: 15px;
    background: ${ink.sheet};
  }
  dl {
    display: grid;
    grid-template-columns: 110px 1fr;
    gap: 6px 12px;
    margin: 0 0 12px;
  }
  dt {
    font-weight: 650;
  }
`;

function FindBox({ close }: { close: () => void }): ReactNode {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const go = useNavigate();
  const id = useId();
  const { hits, isLooking } = useHits(text);
  const [goesOn, setGoesOn] = useState(false);
  const index = Math.min(at, Math.max(0, hits.length - 1));
  const choose = (hit: Hit | undefined): void => {
    if (!hit) return;
    close();
    void go(hit.to);
  };
  const keys = (e: KeyboardEvent): void => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0 && hits.length > 0) {
      e.preventDefault();
      setAt((index + by + hits.length) % hits.length);
    } else if (e.key === 'Enter') {
      if (isLooking) setGoesOn(true);
      else choose(hits[index]);
    }
  };
  // Enter before the answer is there takes the first of the answer.
  useEffect(() => {
    if (!goesOn || isLooking || !hits[0]) return;
    close();
    void go(hits[0].to);
  }, [goesOn, isLooking, hits, close, go]);
  return (
    <Dialog aria-label="Find">
      <input
        autoFocus
        role="combobox"
        aria-label="Find a client, a session, a movement or a gym"
        aria-expanded={hits.length > 0}
        aria-controls={`${id}-hits`}
        aria-activedescendant={hits.length > 0 ? `${id}-${index}` : undefined}
        placeholder="A client, a session, a movement, a gym, or a set: 100 x 5"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
          setGoesOn(false);
        }}
        onKeyDown={keys}
      />
      <div role="listbox" id={`${id}-hits`} aria-label="Found" style={{ marginTop: 8 }}>
        {hits.map((h, n) => (
          <Option
            key={`${h.kind}${h.id}`}
            id={`${id}-${n}`}
            role="option"
            aria-selected={n === index}
            $on={n === index}
            onClick={() => choose(h)}
          >
            <span>{h.name}</span>
            <span>{h.kind}</span>
          </Option>
        ))}
      </div>
      {text.trim() !== '' && hits.length === 0 && !isLooking && (
        <p role="status" style={{ padding: 10, color: ink.soft }}>
          Nothing by that name.
        </p>
      )}
    </Dialog>
  );
}

/** Finds anything with `/`, tells the keys with `?`. */
export function Find(): ReactNode {
  const [open, setOpen] = useState<'find' | 'keys' | null>(null);
  useEffect(() => {
    const keys = (e: globalThis.KeyboardEvent): void => {
      if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      if (e.key === '/' || e.key === '?') {
        e.preventDefault();
        setOpen(e.key === '/' ? 'find' : 'keys');
      }
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  return (
    <>
      <Act kind="quiet" small className="keys" onPress={() => setOpen('keys')}>
        Keys <kbd>?</kbd>
      </Act>
      <Act small onPress={() => setOpen('find')}>
        Find <kbd>/</kbd>
      </Act>
      <Veil isOpen={open !== null} onOpenChange={(o) => !o && setOpen(null)} isDismissable>
        <Box $widthPx={560}>
          <Inside>
            {open === 'find' && <FindBox close={() => setOpen(null)} />}
            {open === 'keys' && (
              <Dialog>
                <Heading slot="title">Keys</Heading>
                <dl>
                  {keyHelp.map((k) => (
                    <div key={k.keys} style={{ display: 'contents' }}>
                      <dt>{k.keys}</dt>
                      <dd>{k.does}</dd>
                    </div>
                  ))}
                </dl>
                <Act onPress={() => setOpen(null)}>Close</Act>
              </Dialog>
            )}
          </Inside>
        </Box>
      </Veil>
    </>
  );
}

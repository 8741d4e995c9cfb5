import { offeredEntries } from '@drimbo/core/movements/notebook';
import { searchEntries } from '@drimbo/core/movements/search';
import { useEffect, useId, useMemo, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { teachingOf } from '@drimbo/core/movements/settings';
import { useNotebook } from '../data/notebook';
import { useRoster } from '../data/queries';
import { Act, Option } from '../look/parts';
import { ink } from '../look/theme';
import { isTyping, keyHelp } from './designer/keys';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(19 32 42 / 32%);
  display: flex;
  justify-content: center;
  align-items: flex-start;
  padding-top: 11vh;
  z-index: 20;
`;
const Box = styled(Modal)`
  background: ${ink.raised};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  width: min(560px, 92vw);
  box-shadow: 0 10px 34px rgb(19 32 42 / 26%);
  padding: 12px;
  h2 {
    font-size: 16px;
    margin: 0 0 8px;
  }
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

interface Hit {
  id: string;
  name: string;
  kind: string;
  to: string | null;
}

function useHits(text: string): Hit[] {
  const roster = useRoster();
  const notebook = useNotebook().data?.document;
  const pool = offeredEntries(notebook);
  return useMemo(() => {
    const asked = text.trim().toLowerCase();
    if (asked === '') return [];
    const rows = roster.data ?? [];
    const clients = rows
      .filter((c) => c.document.name.toLowerCase().includes(asked))
      .map((c) => ({ id: c.id, name: c.document.name, kind: 'client', to: `/clients/${c.id}` }));
    const sessions = rows.flatMap((c) =>
      c.sessions
        .filter((s) => `${s.title} ${c.document.name}`.toLowerCase().includes(asked))
        .map((s) => ({
          id: s.id,
          name: s.title,
          kind: `${c.document.name}, ${s.date ?? s.status}`,
          to: `/sessions/${s.id}`,
        })),
    );
    const movements = searchEntries(text, 5, pool).map((m) => ({
      id: m.entry.id,
      name: m.entry.name,
      kind: teachingOf(m.entry.movement, m.entry.rig).chooseWhen,
      to: `/movements/${m.entry.id}`,
    }));
    return [...clients, ...sessions.slice(0, 8), ...movements].slice(0, 14);
  }, [text, roster.data, pool]);
}

function FindBox({ close }: { close: () => void }): ReactNode {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const go = useNavigate();
  const id = useId();
  const hits = useHits(text);
  const index = Math.min(at, Math.max(0, hits.length - 1));
  const choose = (hit: Hit | undefined): void => {
    if (!hit?.to) return;
    close();
    void go(hit.to);
  };
  const keys = (e: KeyboardEvent): void => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0 && hits.length > 0) {
      e.preventDefault();
      setAt((index + by + hits.length) % hits.length);
    } else if (e.key === 'Enter') choose(hits[index]);
  };
  return (
    <Dialog aria-label="Find">
      <input
        autoFocus
        role="combobox"
        aria-label="Find a client, a session or a movement"
        aria-expanded={hits.length > 0}
        aria-controls={`${id}-hits`}
        aria-activedescendant={hits.length > 0 ? `${id}-${index}` : undefined}
        placeholder="A client, a session, a movement"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
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
            aria-disabled={h.to === null}
            onClick={() => choose(h)}
          >
            <span>{h.name}</span>
            <span>{h.kind}</span>
          </Option>
        ))}
      </div>
      {text.trim() !== '' && hits.length === 0 && (
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
        <Box>
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
        </Box>
      </Veil>
    </>
  );
}

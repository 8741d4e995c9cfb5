import { allEntries, offeredEntries } from '@drimbo/core/movements';
import { blocksOfPasted, type Pasted, readPasted, withEntry, writeSession } from '@drimbo/core/shorthand';
import { notchesOf } from '@drimbo/core/kit';
import { type Edit, LONGEST_NOTE, MOST_BLOCKS } from '@drimbo/core/session';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { TextField } from '../../parts/text-field';
import { Dialog } from '../../parts/dialog';
import { ink, size } from '../../look/theme';
import { makeDays } from './make-days';
import { ReadRows } from './read-rows';

const Inside = styled.div`
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 14px;
  }
  .acts {
    display: flex;
    gap: 8px;
    margin-top: 10px;
    align-items: center;
    flex-wrap: wrap;
  }
  .soft {
    color: ${ink.soft};
    font-size: ${size.small};
  }
  @media (max-width: 760px) {
    .two {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;
/** A session as text: paste a message, see what was understood, repair the rest, and take it over. */
export function TextDialog({
  designer,
  begin,
  close,
}: {
  designer: Designer;
  begin: string;
  close: () => void;
}): ReactNode {
  const { session, context } = designer;
  const { notebook, client, kit } = context;
  const [text, setText] = useState(begin);
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [said, setSaid] = useState('');
  const paste = useMemo(
    () => ({
      unit: client.unit,
      school: session.school,
      newId,
      help: { notchesDeg: notchesOf(kit) },
      ...(notebook ? { notebook } : {}),
    }),
    [client.unit, session.school, kit, notebook],
  );
  const names = offeredEntries(notebook);
  const pasted = useMemo<Pasted>(() => {
    const read = readPasted(text, paste);
    return {
      ...read,
      rows: read.rows.map((row, i) => {
        const entry = allEntries(notebook).find((e) => e.id === chosen[`${i} ${row.text}`]);
        return entry ? withEntry(row, entry, paste) : row;
      }),
    };
  }, [text, chosen, paste, notebook]);
  const blocks = useMemo(() => blocksOfPasted(pasted, newId), [pasted]);
  const count = blocks.reduce((n, b) => n + b.lines.length, 0);
  const lost = pasted.rows.filter((r) => r.line === null && r.kind !== 'heading');
  const unknown = lost.filter((r) => r.kind === 'unknown');

  /** A note with the words of the lines that are no movement behind it. */
  const noteWith = (note: string): string =>
    [note, ...lost.map((r) => r.text)].filter(Boolean).join('\n').slice(0, LONGEST_NOTE);

  const room = MOST_BLOCKS - session.blocks.length;

  const add = (): void => {
    const at = session.blocks.length;
    const edits: Edit[] = blocks.map((block, i) => ({ do: 'add block', at: at + i, block }));
    const warmed = session.warmup.length;
    edits.push(...pasted.warmup.map((item, i): Edit => ({ do: 'add warmup', at: warmed + i, item })));
    if (lost.length > 0) edits.push({ do: 'head', patch: { note: noteWith(session.note) } });
    designer.edit({ do: 'all', edits }, `add ${count} from text`);
    close();
  };
  const replace = (): void => {
    const { head, warmup } = pasted;
    designer.edit(
      {
        do: 'put',
        values: {
          ...head,
          note: noteWith(head.note ?? session.note),
          blocks,
          ...(warmup.length > 0 ? { warmup } : {}),
        },
      },
      'take the text over',
    );
    close();
  };
  return (
    <Dialog title="Session as text" isOpen onClose={close} widthPx={1040}>
      {() => (
        <Inside>
          <div className="two">
            <div>
              <TextField
                label="Text"
                labelPlace="unseen"
                rows={18}
                autoFocus
                placeholder={
                  'Paste a message or a session, one movement a line or several:\nincline db 4x8, then flys 3x12 super w/ pushups to failure, 90s rest'
                }
                value={text}
                onChange={setText}
              />
              <div className="acts">
                <Button
                  small
                  onPress={() =>
                    setText(writeSession(session, { unit: client.unit, ...(notebook ? { notebook } : {}) }))
                  }
                >
                  This session as text
                </Button>
                <Button
                  small
                  isDisabled={text.trim() === ''}
                  onPress={() => {
                    navigator.clipboard.writeText(text).then(
                      () => setSaid('Copied.'),
                      () =>
                        setSaid('The browser did not allow copying; select the text and copy it yourself.'),
                    );
                  }}
                >
                  Copy
                </Button>
                <span className="soft" role="status">
                  {said}
                </span>
              </div>
            </div>
            <div>
              <ReadRows
                rows={pasted.rows}
                names={names}
                choose={(i, entryId) =>
                  setChosen((c) => ({ ...c, [`${i} ${pasted.rows[i]!.text}`]: entryId }))
                }
              />
              {pasted.refused && <p role="alert">{pasted.refused}</p>}
              {pasted.rows.length === 0 && !pasted.refused && (
                <p className="soft">What is read appears here. Nothing is taken over until you say so.</p>
              )}
              {pasted.warmup.length > 0 && (
                <p className="soft">
                  {pasted.warmup.length === 1 ? 'One thing' : `${pasted.warmup.length} things`} for the
                  warm-up.
                </p>
              )}
              {unknown.length > 0 && (
                <p className="soft">
                  {unknown.length === 1 ? 'One line names' : `${unknown.length} lines name`} no movement of
                  the catalogue; left so, the words are kept in the note of the session.
                </p>
              )}
            </div>
          </div>
          <div className="acts">
            <Button kind="strong" isDisabled={count === 0 || blocks.length > room} onPress={add}>
              Add {count} {count === 1 ? 'movement' : 'movements'}
            </Button>
            <Button isDisabled={count === 0 || blocks.length > MOST_BLOCKS} onPress={replace}>
              Replace the line-up
            </Button>
            {pasted.days.length > 1 && (
              <Button onPress={() => void makeDays(designer.session, pasted, close)}>
                Make {pasted.days.length} sessions of it
              </Button>
            )}
            <Button kind="quiet" onPress={close}>
              Close
            </Button>
            {blocks.length > room && (
              <span className="soft" role="alert">
                A session holds {MOST_BLOCKS} movements and rounds; there is room for {room} more.
              </span>
            )}
          </div>
        </Inside>
      )}
    </Dialog>
  );
}

import { familyNames, offeredEntries, rigWords, searchEntries } from '@drimbo/core/movements';
import { missingFor, notchesOf } from '@drimbo/core/kit';
import { type Edit, LONGEST_NOTE } from '@drimbo/core/session';
import type { TypedText } from '@drimbo/core/shorthand';
import { lazy, Suspense, useMemo, useState, type ReactNode, type RefObject } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { fetchReader, useReader } from '../../state/reader';
import { Button } from '../../parts/button';
import { Finder } from '../../parts/finder';
import { LinkButton } from '../../parts/link-button';
import { floating } from '../../parts/surfaces';
import { ink, size } from '../../look/theme';

const ReadingBack = lazy(() => import('./reading-back').then((m) => ({ default: m.ReadingBack })));

const Box = styled.div`
  position: relative;
  padding: 8px;
  border-top: 1px solid ${ink.rule};
  .in {
    display: flex;
    gap: 6px;
  }
  .told {
    display: block;
    padding: 4px 2px 0;
    font-size: ${size.fine};
  }
`;
const Popup = styled.div`
  position: absolute;
  left: 8px;
  right: 8px;
  bottom: calc(100% - 4px);
  ${floating}
  z-index: 6;
  max-height: min(70vh, 420px);
  overflow: auto;
  .own {
    padding: 0 10px 8px;
    display: flex;
    gap: 8px;
  }
`;
function TypedRowPane({
  designer,
  inputRef,
  onManyLines,
  onBrowse,
}: {
  designer: Designer;
  inputRef: RefObject<HTMLInputElement | null>;
  /** Several lines were pasted: more than this row can read back. */
  onManyLines: (text: string) => void;
  /** Opens the catalogue to pick from. */
  onBrowse: () => void;
}): ReactNode {
  const [text, setText] = useState('');
  const [told, setTold] = useState('');
  const [isRefused, setRefused] = useState(false);
  /** Readings the coach chose where words can mean two things. */
  const [meant, setMeant] = useState<readonly string[]>([]);
  const reader = useReader();
  const { client, kit, notebook } = designer.context;
  const { school } = designer.session;
  const pool = offeredEntries(notebook);
  const context = useMemo(
    () => ({
      unit: client.unit,
      school,
      newId,
      help: { notchesDeg: notchesOf(kit), meant },
      ...(notebook ? { notebook } : {}),
    }),
    [client.unit, school, kit, notebook, meant],
  );
  const typed = useMemo<TypedText | null>(
    () => reader?.readTyped(text, context) ?? null,
    [reader, text, context],
  );
  const open = text.trim() !== '';
  const isMany = typed !== null && (typed.movements.length > 1 || typed.warmup.length > 0);
  const nearest = useMemo(() => (open ? searchEntries(text, 5, pool) : []), [open, text, pool]);
  const read = typed?.line.choices ?? [];
  const choices = !open || isMany ? [] : (read.length > 0 ? read : nearest).slice(0, 5);

  const take = (edits: Edit[], says: string, done: string): void => {
    designer.edit(edits.length === 1 ? edits[0]! : { do: 'all', edits }, says);
    setTold(done);
    setRefused(false);
    setText('');
    setMeant([]);
  };
  const keepAsNote = (): void => {
    const note = [designer.session.note, text.trim()].filter(Boolean).join('\n').slice(0, LONGEST_NOTE);
    take([{ do: 'head', patch: { note } }], 'keep a note', 'Kept in the note of the session.');
  };
  const add = async (id: string | undefined): Promise<void> => {
    const { readTyped, blocksOfTyped } = await fetchReader();
    const now = readTyped(text, context);
    const chosen = choices.find((c) => c.entry.id === id)?.entry;
    if (now.warmup.length > 0) {
      const from = designer.session.warmup.length;
      const items = now.warmup.map((item, i): Edit => ({ do: 'add warmup', at: from + i, item }));
      take(items, 'add to the warm-up', 'Added to the warm-up.');
      return;
    }
    if (now.why !== null && !chosen) {
      setTold(now.why);
      setRefused(true);
      return;
    }
    const blocks = blocksOfTyped(text, now, context, chosen);
    const from = designer.session.blocks.length;
    const names = chosen && !isMany ? chosen.name : now.movements.map((row) => row.name).join(', ');
    take(
      blocks.map((block, i): Edit => ({ do: 'add block', at: from + i, block })),
      `add ${names.toLowerCase()}`,
      `${names} added.`,
    );
    const first = blocks[0]?.lines[0];
    if (first) designer.select(first.id);
  };
  return (
    <Box>
      <Finder
        label="Add a movement by typing"
        listLabel="Movements"
        placeholder="Add: flat db press 3x8-10 leave 2 rest 90s"
        inputRef={inputRef}
        text={text}
        onText={(next) => {
          void fetchReader();
          setText(next);
          setTold('');
        }}
        onFocus={() => void fetchReader()}
        isFirstMarked={typed === null || typed.why === null}
        found={choices.map(({ entry }) => {
          const missing = missingFor(kit, entry.movement, entry.rig);
          return {
            id: entry.id,
            name: entry.name,
            about: missing
              ? `needs ${missing}`
              : [familyNames[entry.movement.family].toLowerCase(), rigWords(entry.rig, entry.movement.knobs)]
                  .filter(Boolean)
                  .join(', '),
          };
        })}
        onTake={(found) => void add(found?.id)}
        onEscape={(e) => {
          e.stopPropagation();
          if (open) setText('');
          else inputRef.current?.blur();
        }}
        onPaste={(e) => {
          const pasted = e.clipboardData.getData('text');
          if (!pasted.trim().includes('\n')) return;
          e.preventDefault();
          onManyLines(pasted);
        }}
        frame={(list, input) => (
          <>
            {open && (
              <Popup>
                {list}
                {typed && (
                  <Suspense fallback={null}>
                    <ReadingBack typed={typed} onMeant={(as) => setMeant((m) => [...m, as])} />
                  </Suspense>
                )}
                {typed?.why && (
                  <div className="own">
                    <Button small onPress={keepAsNote}>
                      Keep it as a note
                    </Button>
                    <LinkButton small to="/movements">
                      Make one of your own…
                    </LinkButton>
                  </div>
                )}
              </Popup>
            )}
            <div className="in">
              {input}
              <Button id="to-catalogue" onPress={onBrowse}>
                Catalogue
              </Button>
            </div>
          </>
        )}
      />
      <span className={isRefused && told !== '' ? 'told' : 'unseen'} role="status">
        {told}
      </span>
    </Box>
  );
}

/** One typed line becomes a movement of the session; what is understood is read back as it is typed. */
export const TypedRow = drawsAgain(TypedRowPane, ...work);

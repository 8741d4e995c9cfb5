import { familyNames } from '@drimbo/core/movements/model';
import { rigWords } from '@drimbo/core/movements/rig';
import { offeredEntries } from '@drimbo/core/movements/notebook';
import { searchEntries } from '@drimbo/core/movements/search';
import { missingFor } from '@drimbo/core/kit/fitting';
import { schools } from '@drimbo/core/schools/schools';
import { singleBlock } from '@drimbo/core/session/starting';
import { keepingUnknown, lineFromTyped, readTypedLine } from '@drimbo/core/shorthand/typed-line';
import { useMemo, useState, type ReactNode, type RefObject } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Finder } from '../../parts/finder';
import { floating } from '../../parts/surfaces';
import { ink, severityInk, size } from '../../look/theme';

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
  overflow: hidden;
`;
const Reading = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  padding: 6px 10px;
  font-size: ${size.fine};
  border-top: 1px solid ${ink.hush};
  color: ${ink.soft};
  b {
    color: ${ink.ink};
    font-weight: 650;
  }
  u {
    text-decoration-style: wavy;
    text-decoration-color: ${severityInk.watch};
    color: ${severityInk.watch};
  }
`;

/** One typed line becomes a movement of the session; what is understood is read back as it is typed. */
export function TypedRow({
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
  const { client, kit, notebook } = designer.context;
  const pool = offeredEntries(notebook);
  const typed = useMemo(() => readTypedLine(text, client.unit, pool), [text, client.unit, pool]);
  const choices = text.trim() === '' ? [] : typed.choices.slice(0, 5);
  const open = text.trim() !== '';

  const add = (id: string | undefined): void => {
    const entry = choices.find((c) => c.entry.id === id)?.entry ?? searchEntries(text, 1, pool)[0]?.entry;
    if (!entry) {
      setTold('No movement recognised yet: name one, like “incline db press”.');
      return;
    }
    const line = lineFromTyped({ ...typed, entry }, schools[designer.session.school], newId('line'));
    if (!line) return;
    const block = singleBlock(newId('block'), keepingUnknown(line, typed.unknown));
    designer.edit(
      { do: 'add block', at: designer.session.blocks.length, block },
      `add ${entry.name.toLowerCase()}`,
    );
    designer.select(line.id);
    setTold(`${entry.name} added.`);
    setText('');
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
          setText(next);
          setTold('');
        }}
        found={choices.map(({ entry }) => {
          const missing = missingFor(kit, entry.movement);
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
        onTake={(found) => add(found?.id)}
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
                <Reading aria-live="polite" data-testid="reading-back">
                  {choices.length === 0 && <span>No movement recognised yet</span>}
                  {typed.understood.slice(typed.entry ? 1 : 0).map((u) => (
                    <b key={u.as}>{u.as}</b>
                  ))}
                  {typed.unknown.length > 0 && (
                    <span>
                      kept as a note: <u>{typed.unknown.join(' ')}</u>
                    </span>
                  )}
                </Reading>
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
      <span className={told.startsWith('No ') ? 'told' : 'unseen'} role="status">
        {told}
      </span>
    </Box>
  );
}

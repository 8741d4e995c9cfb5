import { familyNames } from '@drimbo/core/movements/model';
import { rigWords } from '@drimbo/core/movements/rig';
import { offeredEntries } from '@drimbo/core/movements/notebook';
import { searchEntries } from '@drimbo/core/movements/search';
import { missingFor } from '@drimbo/core/kit/fitting';
import { schools } from '@drimbo/core/schools/schools';
import { singleBlock } from '@drimbo/core/session/starting';
import { keepingUnknown, lineFromTyped, readTypedLine } from '@drimbo/core/shorthand/typed-line';
import { useId, useMemo, useState, type KeyboardEvent, type ReactNode, type RefObject } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import { Option } from '../../parts/option';
import { floating } from '../../parts/surfaces';
import { ink, severityInk, size } from '../../look/theme';

const Box = styled.div`
  position: relative;
  padding: 8px;
  border-top: 1px solid ${ink.rule};
`;
const Input = styled.input`
  width: 100%;
  border: 1px solid ${ink.ink};
  border-radius: 3px;
  background: ${ink.raised};
  padding: 6px 10px;
  min-height: 34px;
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
}: {
  designer: Designer;
  inputRef: RefObject<HTMLInputElement | null>;
  /** Several lines were pasted: more than this row can read back. */
  onManyLines: (text: string) => void;
}): ReactNode {
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const [told, setTold] = useState('');
  const id = useId();
  const { client, kit, notebook } = designer.context;
  const pool = offeredEntries(notebook);
  const typed = useMemo(() => readTypedLine(text, client.unit, pool), [text, client.unit, pool]);
  const choices = text.trim() === '' ? [] : typed.choices.slice(0, 5);
  const open = text.trim() !== '';
  const index = Math.min(at, Math.max(0, choices.length - 1));

  const addChoice = (n: number): void => {
    const entry = choices[n]?.entry ?? searchEntries(text, 1, pool)[0]?.entry;
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
    setAt(0);
  };
  const keys = (e: KeyboardEvent): void => {
    if (e.key === 'Enter') {
      e.preventDefault();
      if (open) addChoice(index);
    } else if (e.key === 'ArrowDown' && choices.length > 0) {
      e.preventDefault();
      setAt((index + 1) % choices.length);
    } else if (e.key === 'ArrowUp' && choices.length > 0) {
      e.preventDefault();
      setAt((index + choices.length - 1) % choices.length);
    } else if (e.key === 'Escape') {
      e.stopPropagation();
      if (open) setText('');
      else inputRef.current?.blur();
    }
  };
  return (
    <Box>
      {open && (
        <Popup>
          <div role="listbox" id={`${id}-list`} aria-label="Movements">
            {choices.map((c, n) => {
              const missing = missingFor(kit, c.entry.movement);
              return (
                <Option
                  key={c.entry.id}
                  id={`${id}-${n}`}
                  role="option"
                  aria-selected={n === index}
                  $on={n === index}
                  onPointerDown={(e) => e.preventDefault()}
                  onClick={() => addChoice(n)}
                >
                  <span>{c.entry.name}</span>
                  <span>
                    {missing
                      ? `needs ${missing}`
                      : [
                          familyNames[c.entry.movement.family].toLowerCase(),
                          rigWords(c.entry.rig, c.entry.movement.knobs),
                        ]
                          .filter(Boolean)
                          .join(', ')}
                  </span>
                </Option>
              );
            })}
          </div>
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
      <Input
        ref={inputRef}
        role="combobox"
        aria-label="Add a movement by typing"
        aria-expanded={open && choices.length > 0}
        aria-controls={`${id}-list`}
        aria-autocomplete="list"
        aria-activedescendant={open && choices.length > 0 ? `${id}-${index}` : undefined}
        autoComplete="off"
        spellCheck={false}
        placeholder="Add: flat db press 3x8-10 leave 2 rest 90s"
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
          setTold('');
        }}
        onKeyDown={keys}
        onPaste={(e) => {
          const pasted = e.clipboardData.getData('text');
          if (!pasted.trim().includes('\n')) return;
          e.preventDefault();
          onManyLines(pasted);
        }}
      />
      <span className="unseen" role="status">
        {told}
      </span>
    </Box>
  );
}

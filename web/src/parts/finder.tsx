import {
  useId,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { Input } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Box = styled(Input)`
  width: 100%;
  border: 1px solid ${ink.ink};
  border-radius: 3px;
  background: ${ink.raised};
  padding: 6px 10px;
  min-height: 34px;
`;
const Row = styled.div<{ $on: boolean }>`
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 10px;
  cursor: pointer;
  background: ${(p) => (p.$on ? ink.chosen : 'transparent')};
  white-space: nowrap;
  span:last-child {
    overflow: hidden;
    text-overflow: ellipsis;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

export interface Found {
  id: string;
  name: string;
  /** What tells it from others of nearly that name. */
  about: string;
}

/**
 * A text that finds things as it is typed, with the list of them told to a screen reader: arrows walk it, Enter takes
 * the one that is marked. What is typed stays the caller's, so that it may mean more than a name.
 *
 * @example <Finder label="Find" listLabel="Found" text={text} onText={setText} found={hits} onTake={open} />
 */
export function Finder({
  label,
  listLabel,
  placeholder,
  text,
  onText,
  found,
  onTake,
  onEscape,
  onPaste,
  onFocus,
  inputRef,
  autoFocus = false,
  isFirstMarked = true,
  frame = (list, input) => (
    <>
      {input}
      {list}
    </>
  ),
}: {
  label: string;
  listLabel: string;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  found: readonly Found[];
  /** Takes what is marked; null where Enter is pressed and nothing is found. */
  onTake: (found: Found | null) => void;
  onEscape?: (e: KeyboardEvent) => void;
  onPaste?: (e: ClipboardEvent) => void;
  onFocus?: () => void;
  inputRef?: RefObject<HTMLInputElement | null>;
  autoFocus?: boolean;
  /** False where nothing in the list is what was typed: Enter takes one only once arrows have marked it. */
  isFirstMarked?: boolean;
  /** Where list and field stand; the list is null while there is nothing in it. */
  frame?: (list: ReactNode, input: ReactNode) => ReactNode;
}): ReactNode {
  const [at, setAt] = useState<number | null>(null);
  const id = useId();
  const index = at === null ? (isFirstMarked ? 0 : -1) : Math.min(at, Math.max(0, found.length - 1));
  const isOpen = text.trim() !== '' && found.length > 0;
  const keys = (e: KeyboardEvent): void => {
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by !== 0 && found.length > 0) {
      e.preventDefault();
      setAt(index < 0 && by < 0 ? found.length - 1 : (index + by + found.length) % found.length);
    } else if (e.key === 'Enter') {
      e.preventDefault();
      if (text.trim() !== '') onTake(found[index] ?? null);
    } else if (e.key === 'Escape') onEscape?.(e);
  };
  const list = isOpen ? (
    <div role="listbox" id={`${id}-list`} aria-label={listLabel}>
      {found.map((f, n) => (
        // The field keeps the focus and tells which row is marked; it has the keys.

        <Row
          key={`${f.id} ${f.about}`}
          id={`${id}-${n}`}
          role="option"
          tabIndex={-1}
          aria-selected={n === index}
          $on={n === index}
          onPointerDown={(e) => e.preventDefault()}
          onClick={() => onTake(f)}
        >
          <span>{f.name}</span>
          <span>{f.about}</span>
        </Row>
      ))}
    </div>
  ) : null;
  return frame(
    list,
    <Box
      ref={inputRef ?? null}
      autoFocus={autoFocus}
      role="combobox"
      aria-label={label}
      aria-expanded={isOpen}
      aria-controls={isOpen ? `${id}-list` : undefined}
      aria-autocomplete="list"
      aria-activedescendant={isOpen && index >= 0 ? `${id}-${index}` : undefined}
      autoComplete="off"
      spellCheck={false}
      placeholder={placeholder}
      value={text}
      onChange={(e) => {
        onText(e.target.value);
        setAt(null);
      }}
      onKeyDown={keys}
      onPaste={onPaste}
      onFocus={onFocus}
    />,
  );
}

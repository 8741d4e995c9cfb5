import { useRef, useState, type ChangeEvent, type KeyboardEvent, type ReactNode } from 'react';
import { css, styled, type RuleSet } from 'styled-components';
import { ink, narrow, severityInk, size } from '../look/theme';

/** Where a cell wraps, longer texts are set tighter, so that four loads still fit, and on more lines. */
const LONG = 13;
const LETTERS_A_LINE = 15;
const MOST_LINES = 4;

const linesOf = (text: string): number =>
  text.length <= LONG ? 1 : Math.min(MOST_LINES, Math.max(2, Math.ceil(text.length / LETTERS_A_LINE)));

const wrapping = (lines: number): RuleSet => css`
  display: block;
  resize: none;
  overflow: hidden;
  line-height: ${lines > 1 ? '12.5px' : '20px'};
  height: ${lines > 1 ? `${4 + 12.5 * lines}px` : '24px'};
`;
const Text = styled.input<{ $strong: boolean; $small: boolean; $lines: number; $wraps: boolean }>`
  width: 100%;
  border: 1px solid transparent;
  border-radius: 3px;
  background: transparent;
  padding: 1px 4px;
  font-weight: ${(p) => (p.$strong ? 650 : 450)};
  font-size: ${(p) => (p.$small ? size.fine : size.text)};
  color: ${(p) => (p.$small ? ink.soft : ink.ink)};
  height: ${(p) => (p.$small ? '19px' : '24px')};
  text-overflow: ellipsis;
  ${(p) => p.$lines > 1 && `${narrow} font-size: ${size.fine};`}
  ${(p) => p.$wraps && wrapping(p.$lines)}
  &:hover {
    border-color: ${ink.rule};
    background: ${ink.raised};
  }
  &:focus {
    background: ${ink.raised};
    border-color: ${ink.ink};
    color: ${ink.ink};
    outline: 1px solid ${ink.ink};
  }
  &[aria-invalid='true'] {
    border-color: ${severityInk.stop};
    outline-color: ${severityInk.stop};
  }
`;
const Wrong = styled.span`
  position: absolute;
  left: 0;
  top: 100%;
  z-index: 5;
  background: ${ink.ink};
  color: ${ink.sheet};
  font-size: ${size.fine};
  padding: 3px 7px;
  border-radius: 3px;
  white-space: nowrap;
`;
const Place = styled.span`
  position: relative;
  display: block;
`;

const select = (e: { currentTarget: HTMLInputElement }): void => e.currentTarget.select();

interface CellProps<T> {
  label: string;
  /** The value as text. */
  text: string;
  /** Reads what is typed; null when it is not understood. */
  read: (text: string) => T | null;
  /** Takes a value at once, on every keystroke that makes sense. */
  take: (value: T) => void;
  /** What to type, told when the text is not understood. */
  hint: string;
  /** Gives a way back to what is there now, where reading the text again would not be it. */
  mark?: () => () => void;
  strong?: boolean;
  small?: boolean;
  /** A long text takes more lines. */
  wraps?: boolean;
  testId?: string;
}

/**
 * A value edited in place. What makes sense is taken while typing; what does not stays in the cell,
 * marked, and the value from before the typing stands. Escape brings that value back too.
 */
export function Cell<T>({
  label,
  text,
  read,
  take,
  hint,
  mark,
  strong = false,
  small = false,
  wraps = false,
  testId,
}: CellProps<T>): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = typed !== null && typed.trim() !== '' && read(typed) === null;
  /** Brings back what was there before the typing, once something of it was taken. */
  const before = useRef<(() => void) | null>(null);
  const takeBack = (): void => {
    before.current?.();
    before.current = null;
  };
  const presentText = (): (() => void) => {
    const value = read(text);
    return () => value !== null && take(value);
  };
  const keys = (e: KeyboardEvent<HTMLInputElement>): void => {
    // With nothing typed, Escape is for whatever the cell stands in.
    if (e.key === 'Escape' && typed === null) {
      e.currentTarget.blur();
      return;
    }
    if (e.key === 'Escape' || e.key === 'Enter') {
      e.preventDefault();
      e.stopPropagation();
      if (wrong && e.key === 'Enter') return;
      if (e.key === 'Escape') takeBack();
      setTyped(null);
      e.currentTarget.blur();
      if (e.key === 'Enter') e.currentTarget.focus();
    }
  };
  return (
    <Place>
      <Text
        as={wraps ? 'textarea' : 'input'}
        aria-label={label}
        title={typed === null ? text : undefined}
        aria-invalid={wrong}
        data-cell={typed === null ? 'still' : 'typed'}
        data-testid={testId}
        autoComplete="off"
        spellCheck={false}
        $strong={strong}
        $small={small}
        $wraps={wraps}
        $lines={wraps ? linesOf(typed ?? text) : 1}
        value={typed ?? text}
        onFocus={select}
        onChange={(e: ChangeEvent<HTMLInputElement>) => {
          const written = e.target.value.replace(/\s*\n\s*/g, ' ');
          setTyped(written);
          const value = read(written);
          if (value !== null) {
            before.current ??= (mark ?? presentText)();
            take(value);
          } else if (written.trim() !== '') takeBack();
        }}
        onBlur={() => {
          before.current = null;
          setTyped(null);
        }}
        onKeyDown={keys}
      />
      {wrong && <Wrong role="alert">{hint}</Wrong>}
    </Place>
  );
}

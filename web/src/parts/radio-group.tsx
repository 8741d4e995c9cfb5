import type { ReactNode } from 'react';
import { Label, Radio, RadioGroup as Root, Text } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { pressedThrough } from './labelled';

const Frame = styled(Root)<{ $isRow: boolean }>`
  display: ${(p) => (p.$isRow ? 'flex' : 'grid')};
  gap: ${(p) => (p.$isRow ? '2px 12px' : '2px')};
  > .react-aria-Label {
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  .react-aria-Radio {
    ${pressedThrough}
    position: relative;
    display: flex;
    align-items: baseline;
    gap: 7px;
    min-height: 24px;
    padding: 2px 0;
    cursor: pointer;
  }
  .dot {
    flex: none;
    align-self: center;
    width: 14px;
    height: 14px;
    border: 1px solid ${ink.ink};
    border-radius: 50%;
    background: ${ink.raised};
  }
  [data-selected] .dot {
    box-shadow: inset 0 0 0 3px ${ink.raised};
    background: ${ink.ink};
  }
  [data-focus-visible] .dot {
    outline: 2px solid ${ink.focus};
    outline-offset: 1px;
  }
  .react-aria-Radio[data-focus-visible] {
    outline: none;
  }
  [slot='description'] {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

/**
 * One of two to five things, all of them in sight.
 *
 * @example <RadioGroup label="Which stays" value="mine" options={[{ value: 'mine', words: 'This version' }]} onChange={set} />
 */
export function RadioGroup<K extends string>({
  label,
  isLabelUnseen = false,
  isRow = false,
  value,
  autoFocus = false,
  options,
  onChange,
}: {
  label: string;
  isLabelUnseen?: boolean;
  /** Beside each other instead of below. */
  isRow?: boolean;
  value: K | null;
  /** The one that is chosen begins with the focus. */
  autoFocus?: boolean;
  options: readonly { value: K; words: ReactNode; about?: string }[];
  onChange: (value: K) => void;
}): ReactNode {
  return (
    <Frame
      $isRow={isRow}
      orientation={isRow ? 'horizontal' : 'vertical'}
      value={value}
      onChange={(v) => onChange(v as K)}
      {...(isLabelUnseen ? { 'aria-label': label } : {})}
    >
      {!isLabelUnseen && <Label>{label}</Label>}
      {options.map((o) => (
        <Radio key={o.value} value={o.value} autoFocus={autoFocus && o.value === value}>
          <span className="dot" aria-hidden />
          <span>
            {o.words}
            {o.about && <Text slot="description"> {o.about}</Text>}
          </span>
        </Radio>
      ))}
    </Frame>
  );
}

import type { ReactNode } from 'react';
import { Input, Label, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import { size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { field } from './surfaces';

const Box = styled(SearchField)<{ $place: LabelPlace }>`
  ${labelled}
  width: ${(p) => (p.$place === 'unseen' ? 'min(280px, 100%)' : '100%')};
  input {
    ${field}
    font-size: ${size.small};
  }
`;

/**
 * A text to look for in a list, told as it is typed; Escape empties it.
 *
 * @example <SearchBox label="Look for a client" value={search} onChange={setSearch} />
 */
export function SearchBox({
  label,
  isLabelShown = false,
  placeholder = label,
  value,
  onChange,
  autoFocus = false,
  onDown,
}: {
  label: string;
  isLabelShown?: boolean;
  placeholder?: string;
  value: string;
  onChange: (value: string) => void;
  autoFocus?: boolean;
  /** Down goes on to what was found. */
  onDown?: () => void;
}): ReactNode {
  return (
    <Box
      $place={isLabelShown ? 'above' : 'unseen'}
      value={value}
      onChange={onChange}
      autoFocus={autoFocus}
      {...(isLabelShown ? {} : { 'aria-label': label })}
    >
      {isLabelShown && <Label>{label}</Label>}
      <Input
        placeholder={placeholder}
        onKeyDown={(e) => {
          if (e.key !== 'ArrowDown' || !onDown) return;
          e.preventDefault();
          onDown();
        }}
      />
    </Box>
  );
}

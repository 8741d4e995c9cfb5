import type { ReactNode } from 'react';
import { Input, Label, SearchField } from 'react-aria-components';
import { styled } from 'styled-components';
import { field } from './surfaces';

const Box = styled(SearchField)`
  width: min(280px, 100%);
  input {
    ${field}
  }
`;

/**
 * A text to look for in a list, told as it is typed; Escape empties it.
 *
 * @example <SearchBox label="Look for a client" value={search} onChange={setSearch} />
 */
export function SearchBox({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}): ReactNode {
  return (
    <Box value={value} onChange={onChange}>
      <Label className="unseen">{label}</Label>
      <Input placeholder={label} />
    </Box>
  );
}

import type { ReactNode } from 'react';
import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { floating } from './surfaces';

const Pop = styled(Popover)`
  ${floating}
  color: ${ink.ink};
  padding: 4px;
  font-size: ${size.small};
  .react-aria-MenuItem {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    padding: 5px 10px;
    border-radius: 3px;
    cursor: pointer;
  }
  .react-aria-MenuItem[data-focused] {
    background: ${ink.chosen};
  }
  .react-aria-MenuItem[data-selected] {
    font-weight: 650;
  }
`;

/**
 * A button that opens a few choices of which one holds.
 *
 * @example <ChoiceMenu label="Light or dark" choices={{ light: 'Light', dark: 'Dark' }} value="light" onChange={set} trigger={<Button>Theme</Button>} />
 */
export function ChoiceMenu<K extends string>({
  label,
  choices,
  value,
  onChange,
  trigger,
  isOpenFirst = false,
}: {
  label: string;
  choices: Record<K, string>;
  value: K;
  onChange: (value: K) => void;
  /** The button that opens it. */
  trigger: ReactNode;
  /** Open as soon as it is there. */
  isOpenFirst?: boolean;
}): ReactNode {
  return (
    <MenuTrigger defaultOpen={isOpenFirst}>
      {trigger}
      <Pop placement="bottom end">
        <Menu
          aria-label={label}
          selectionMode="single"
          disallowEmptySelection
          selectedKeys={[value]}
          onSelectionChange={(keys) => {
            const [key] = keys === 'all' ? [] : [...keys];
            if (key !== undefined) onChange(key as K);
          }}
        >
          {(Object.entries(choices) as [K, string][]).map(([key, words]) => (
            <MenuItem key={key} id={key} textValue={words}>
              <span>{words}</span>
              {key === value && <span aria-hidden>✓</span>}
            </MenuItem>
          ))}
        </Menu>
      </Pop>
    </MenuTrigger>
  );
}

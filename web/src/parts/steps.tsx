import type { ReactNode } from 'react';
import { ToggleButton, ToggleButtonGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Group = styled(ToggleButtonGroup)`
  position: sticky;
  bottom: 0;
  z-index: 5;
  display: none;
  grid-auto-flow: column;
  grid-auto-columns: 1fr;
  margin: 10px -16px -12px;
  background: ${ink.sheet};
  border-top: 1px solid ${ink.ink};
  @media (max-width: 640px) {
    display: grid;
  }
  .react-aria-ToggleButton {
    border: none;
    background: none;
    min-height: 44px;
    font-size: ${size.small};
    color: ${ink.soft};
    cursor: pointer;
  }
  .react-aria-ToggleButton[data-selected] {
    color: ${ink.ink};
    font-weight: 680;
    box-shadow: inset 0 3px 0 ${ink.ink};
  }
`;

/**
 * On a phone: which of a few things that stand side by side elsewhere is shown. On larger screens it is not there.
 *
 * @example <Steps label="Parts of the session" steps={{ a: 'Line-up', b: 'Review' }} value="a" onChange={set} />
 */
export function Steps<K extends string>({
  label,
  steps,
  value,
  onChange,
}: {
  label: string;
  steps: Record<K, string>;
  value: K;
  onChange: (value: K) => void;
}): ReactNode {
  return (
    <Group
      aria-label={label}
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[value]}
      onSelectionChange={(keys) => {
        const [key] = keys;
        if (key !== undefined) onChange(key as K);
      }}
    >
      {(Object.entries(steps) as [K, string][]).map(([key, words]) => (
        <ToggleButton key={key} id={key}>
          {words}
        </ToggleButton>
      ))}
    </Group>
  );
}

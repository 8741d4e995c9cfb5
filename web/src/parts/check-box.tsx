import { Check } from 'lucide-react';
import type { CSSProperties, ReactNode } from 'react';
import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';
import { pressedThrough, ticked } from './labelled';

const Frame = styled(Checkbox)`
  ${pressedThrough}
  ${ticked}
  .box {
    flex: none;
    display: grid;
    place-items: center;
    width: 15px;
    height: 15px;
    border: 1px solid ${ink.ink};
    border-radius: 3px;
    background: ${ink.raised};
    color: transparent;
  }
  &[data-selected] .box {
    background: ${ink.ink};
    color: ${ink.sheet};
  }
  &[data-focus-visible] .box {
    outline: 2px solid ${ink.focus};
    outline-offset: 1px;
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;

/**
 * Yes or no, on its own or among others of which any number hold.
 *
 * @example <CheckBox isOn={hidden} onChange={setHidden}>with hidden ones</CheckBox>
 */
export const CheckBox = ({
  isOn,
  onChange,
  isDisabled = false,
  style,
  children,
}: {
  isOn: boolean;
  onChange: (isOn: boolean) => void;
  isDisabled?: boolean;
  style?: CSSProperties | undefined;
  children: ReactNode;
}): ReactNode => (
  <Frame isSelected={isOn} onChange={onChange} isDisabled={isDisabled} {...(style ? { style } : {})}>
    <span className="box" aria-hidden>
      <Check size={12} strokeWidth={3} />
    </span>
    <span>{children}</span>
  </Frame>
);

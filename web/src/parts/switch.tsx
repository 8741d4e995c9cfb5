import type { ReactNode } from 'react';
import { Switch as Root } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';
import { pressedThrough, ticked } from './labelled';

const Frame = styled(Root)`
  ${pressedThrough}
  ${ticked}
  .way {
    flex: none;
    width: 26px;
    height: 14px;
    border: 1px solid ${ink.ink};
    border-radius: 2px;
    background: ${ink.raised};
  }
  .way::before {
    content: '';
    display: block;
    width: 10px;
    height: 10px;
    margin: 1px;
    background: ${ink.soft};
    transition: transform 120ms;
  }
  &[data-selected] .way {
    background: ${ink.ink};
  }
  &[data-selected] .way::before {
    background: ${ink.sheet};
    transform: translateX(12px);
  }
  &[data-focus-visible] .way {
    outline: 2px solid ${ink.focus};
    outline-offset: 1px;
  }
`;

/**
 * Something that is there or not, and takes effect at once.
 *
 * @example <Switch isOn={spotter} onChange={setSpotter}>Spotter</Switch>
 */
export const Switch = ({
  isOn,
  onChange,
  children,
}: {
  isOn: boolean;
  onChange: (isOn: boolean) => void;
  children: ReactNode;
}): ReactNode => (
  <Frame isSelected={isOn} onChange={onChange}>
    <span className="way" aria-hidden />
    <span>{children}</span>
  </Frame>
);

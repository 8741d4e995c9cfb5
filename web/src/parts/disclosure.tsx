import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, Disclosure as Root, DisclosurePanel } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Frame = styled(Root)`
  > .react-aria-Button {
    display: inline-flex;
    align-items: center;
    gap: 4px;
    min-height: 24px;
    padding: 0;
    border: none;
    background: none;
    font-size: ${size.small};
    color: ${ink.ink};
    cursor: pointer;
    text-align: left;
    svg {
      flex: none;
      transition: transform 120ms;
    }
  }
  &[data-expanded] > .react-aria-Button svg {
    transform: rotate(90deg);
  }
`;

/**
 * Something told only when it is asked for, in its place.
 *
 * @example <Disclosure says="Set aside (2)"><List /></Disclosure>
 */
export const Disclosure = ({ says, children }: { says: ReactNode; children: ReactNode }): ReactNode => (
  <Frame>
    <Button slot="trigger">
      <ChevronRight size={13} aria-hidden />
      <span>{says}</span>
    </Button>
    <DisclosurePanel>{children}</DisclosurePanel>
  </Frame>
);

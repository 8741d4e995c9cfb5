import type { ReactNode } from 'react';
import { Tooltip as Floating, TooltipTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Said = styled(Floating)`
  background: ${ink.ink};
  color: ${ink.sheet};
  border-radius: 3px;
  padding: 4px 8px;
  font-size: ${size.fine};
  max-width: 280px;
`;

/**
 * A few words about a button, shown when it is pointed at or has the focus. Never the only place something is told.
 *
 * @example <Tooltip says="Part the pair"><Button small>Part</Button></Tooltip>
 */
export const Tooltip = ({ says, children }: { says: string; children: ReactNode }): ReactNode => (
  <TooltipTrigger delay={500} closeDelay={80}>
    {children}
    <Said offset={4}>{says}</Said>
  </TooltipTrigger>
);

import { useMemo, type ReactNode, type RefObject } from 'react';
import { Tooltip as Floating, TooltipTriggerStateContext } from 'react-aria-components';
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

const nothing = (): void => undefined;

/** The words of a tooltip, where they stand. */
export const OpenTooltip = ({
  isOpen,
  ...rest
}: {
  id: string;
  triggerRef: RefObject<HTMLElement | null>;
  isOpen: boolean;
  children: ReactNode;
}): ReactNode => {
  // Whoever opens it closes it.
  const state = useMemo(
    () => ({ isOpen, shouldCloseOnPress: true, shouldSkipAnimation: false, open: nothing, close: nothing }),
    [isOpen],
  );
  return (
    <TooltipTriggerStateContext.Provider value={state}>
      <Said offset={4} isOpen={isOpen} {...rest} />
    </TooltipTriggerStateContext.Provider>
  );
};

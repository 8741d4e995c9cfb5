import type { ReactNode } from 'react';
import { Dialog, Heading, Popover as Floating } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import type { Anchored } from './opener';
import { floating } from './surfaces';

const Pop = styled(Floating)<{ $widthPx: number }>`
  ${floating}
  color: ${ink.ink};
  padding: 12px;
  width: ${(p) => p.$widthPx}px;
  max-width: calc(100vw - 16px);
  overflow: auto;
  font-size: ${size.small};
  h2 {
    font-size: ${size.text};
    margin: 0 0 6px;
  }
`;

/** What a popover shows when it is open. */
export const OpenPopover = ({
  title,
  isTitleUnseen = false,
  widthPx = 320,
  children,
  ...anchored
}: Anchored & {
  title: string;
  isTitleUnseen?: boolean;
  widthPx?: number;
  children: (close: () => void) => ReactNode;
}): ReactNode => (
  <Pop placement="bottom end" $widthPx={widthPx} {...anchored}>
    <Dialog {...(isTitleUnseen ? { 'aria-label': title } : {})}>
      {() => (
        <>
          {!isTitleUnseen && <Heading slot="title">{title}</Heading>}
          {children(() => anchored.onOpenChange(false))}
        </>
      )}
    </Dialog>
  </Pop>
);

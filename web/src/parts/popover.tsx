import type { ReactNode } from 'react';
import { Dialog, DialogTrigger, Heading, Popover as Floating } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
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

/**
 * Something small that opens beside what it belongs to and leaves the page in sight.
 *
 * @example <Popover title="Why 24 kg" trigger={<Button small>Why</Button>}>{() => <Sum />}</Popover>
 */
export const Popover = ({
  title,
  isTitleUnseen = false,
  trigger,
  widthPx = 320,
  isOpen,
  onOpenChange,
  children,
}: {
  title: string;
  isTitleUnseen?: boolean;
  /** The button that opens it. */
  trigger: ReactNode;
  /** At most. */
  widthPx?: number;
  /** Opened and closed from elsewhere too. */
  isOpen?: boolean;
  onOpenChange?: (isOpen: boolean) => void;
  children: (close: () => void) => ReactNode;
}): ReactNode => (
  <DialogTrigger {...(isOpen === undefined ? {} : { isOpen })} {...(onOpenChange ? { onOpenChange } : {})}>
    {trigger}
    <Pop placement="bottom end" $widthPx={widthPx}>
      <Dialog {...(isTitleUnseen ? { 'aria-label': title } : {})}>
        {({ close }) => (
          <>
            {!isTitleUnseen && <Heading slot="title">{title}</Heading>}
            {children(close)}
          </>
        )}
      </Dialog>
    </Pop>
  </DialogTrigger>
);

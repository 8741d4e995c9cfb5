import type { ReactNode } from 'react';
import { Dialog as Inner, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: ${ink.veil};
  display: grid;
  overflow: auto;
  z-index: 20;
  &[data-side='middle'] {
    place-items: start center;
    padding: min(11vh, 90px) 12px 12px;
  }
  &[data-side='right'] {
    justify-items: end;
  }
`;
const Box = styled(Modal)<{ $widthPx: number }>`
  background: ${ink.sheet};
  color: ${ink.ink};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  box-shadow: 0 10px 34px ${ink.shade};
  width: min(${(p) => p.$widthPx}px, 100%);
  padding: 16px;
  [data-side='right'] > & {
    min-height: 100%;
    border-width: 0 0 0 1px;
    border-radius: 0;
  }
  h2 {
    margin: 0 0 8px;
    font-size: ${size.lead};
  }
`;

/** Buttons at the foot of a dialog. */
export const DialogFeet = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 14px;
`;

/**
 * Something that has to be dealt with, or left, before the page goes on; Escape and a press beside it leave it.
 * From the right it is a drawer, for what is picked from or looked at beside the page. Stands in a `DialogTrigger`
 * or is opened by `isOpen`.
 *
 * @example <Dialog title="Add a client" isOpen={open} onClose={close}>{() => <Form />}</Dialog>
 */
export function Dialog({
  title,
  isTitleUnseen = false,
  isOpen,
  onClose,
  side = 'middle',
  widthPx = 440,
  isAlert = false,
  children,
}: {
  title: string;
  isTitleUnseen?: boolean;
  /** Left out inside a trigger. */
  isOpen?: boolean;
  onClose?: () => void;
  side?: 'middle' | 'right';
  /** At most. */
  widthPx?: number;
  /** Asks for a decision. */
  isAlert?: boolean;
  children: (close: () => void) => ReactNode;
}): ReactNode {
  return (
    <Veil
      isDismissable
      data-side={side}
      {...(isOpen === undefined
        ? {}
        : {
            isOpen,
            onOpenChange: (open: boolean) => {
              if (!open) onClose?.();
            },
          })}
    >
      <Box $widthPx={widthPx}>
        <Inner role={isAlert ? 'alertdialog' : 'dialog'} {...(isTitleUnseen ? { 'aria-label': title } : {})}>
          {({ close }) => (
            <>
              {!isTitleUnseen && <Heading slot="title">{title}</Heading>}
              {children(close)}
            </>
          )}
        </Inner>
      </Box>
    </Veil>
  );
}

export { DialogTrigger } from 'react-aria-components';

import { Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

/** What lies over the page behind a dialog. */
export const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: ${ink.veil};
  display: grid;
  place-items: start center;
  padding: 11vh 12px 12px;
  overflow: auto;
  z-index: 20;
`;

/** The sheet a dialog is written on; `$widthPx` at most. */
export const Box = styled(Modal)<{ $widthPx?: number }>`
  background: ${ink.sheet};
  color: ${ink.ink};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  box-shadow: 0 10px 34px ${ink.shade};
  width: min(${(p) => p.$widthPx ?? 440}px, 100%);
  padding: 16px;
  h2 {
    margin: 0 0 8px;
    font-size: 18px;
  }
`;

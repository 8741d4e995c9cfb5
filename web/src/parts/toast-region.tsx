import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import {
  Text,
  UNSTABLE_Toast as Said,
  UNSTABLE_ToastContent as Content,
  UNSTABLE_ToastQueue as Queue,
  UNSTABLE_ToastRegion as Region,
} from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { Button } from './button';

export interface Told {
  words: string;
  undo?: () => void;
}

const queue = new Queue<Told>({ maxVisibleToasts: 3 });
const STAYS_MS = 10_000;
// A styled region forgets what its queue holds.
const told = (toast: { content: unknown }): Told => toast.content as Told;

const Place = styled(Region)`
  position: fixed;
  left: 16px;
  bottom: 16px;
  z-index: 30;
  display: grid;
  gap: 8px;
  max-width: min(460px, calc(100vw - 32px));
  .react-aria-Toast {
    display: flex;
    align-items: center;
    gap: 12px;
    background: ${ink.ink};
    color: ${ink.sheet};
    border-radius: 4px;
    padding: 8px 8px 8px 14px;
    font-size: ${size.small};
  }
  .react-aria-ToastContent {
    flex: 1;
  }
  .react-aria-Toast button {
    border-color: ${ink.sheet};
    color: ${ink.sheet};
  }
  @media print {
    display: none;
  }
`;

/** Puts something told into the region, for ten seconds. */
export function show(told: Told): void {
  queue.add(told, { timeout: STAYS_MS });
}

/** Where what is told appears. */
export const ToastRegion = (): ReactNode => (
  <Place queue={queue} aria-label="What was just done">
    {({ toast }) => (
      <Said toast={toast}>
        <Content>
          <Text slot="title">{told(toast).words}</Text>
        </Content>
        {told(toast).undo && (
          <Button
            small
            onPress={() => {
              told(toast).undo!();
              queue.close(toast.key);
            }}
          >
            Undo
          </Button>
        )}
        <Button slot="close" small kind="quiet" aria-label="Close">
          <X size={13} aria-hidden />
        </Button>
      </Said>
    )}
  </Place>
);

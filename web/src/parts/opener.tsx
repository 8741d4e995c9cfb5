import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { ButtonContext, type ButtonProps } from 'react-aria-components';

/** What stands open beside a button; given to what floats there. */
export interface Anchored {
  triggerRef: RefObject<HTMLButtonElement | null>;
  isOpen: boolean;
  onOpenChange: (isOpen: boolean) => void;
}

/** A mouse opens as it goes down, before anything can move away from under it; fingers and keys once they let go. */
export const pressing = (
  isOpen: boolean,
  change: (isOpen: boolean) => void,
): Pick<ButtonProps, 'onPressStart' | 'onPress' | 'preventFocusOnPress'> => ({
  // What opens takes the focus before the mouse is up, and gives it back here.
  preventFocusOnPress: true,
  onPressStart: (e) => {
    if (e.pointerType !== 'mouse') return;
    (e.target as HTMLElement).focus({ preventScroll: true });
    change(!isOpen);
  },
  onPress: (e) => {
    if (e.pointerType !== 'mouse') change(!isOpen);
  },
});

/** Gives up what was asked for and is still on its way; null where nothing is. */
let givesUp: (() => void) | null = null;
/** One thing opens at a time: whoever asks for another while the first is being fetched means the other. */
export function asksFor(close: () => void): void {
  givesUp?.();
  givesUp = close;
}
/** Stands beside what was fetched: it is there. */
export function Arrived(): null {
  useEffect(() => {
    givesUp = null;
  }, []);
  return null;
}

interface Opener extends Anchored {
  /** Opened before: what it opens is there, or on its way. */
  isAsked: boolean;
  /** The button, with what it does and tells. */
  button: ReactNode;
}

/**
 * A button that stands there from the beginning, while what it opens is fetched with the first press.
 *
 * @example const { button, isAsked, ...anchored } = useOpener(trigger, 'menu');
 */
export function useOpener(
  trigger: ReactNode,
  opens: 'menu' | 'dialog',
  {
    isOpenFirst = false,
    isOpen,
    onOpenChange,
  }: {
    isOpenFirst?: boolean;
    /** Opened and closed from elsewhere too. */
    isOpen?: boolean | undefined;
    onOpenChange?: ((isOpen: boolean) => void) | undefined;
  } = {},
): Opener {
  const triggerRef = useRef<HTMLButtonElement>(null);
  const [own, setOwn] = useState(isOpenFirst);
  const now = isOpen ?? own;
  const [wasOpen, setWasOpen] = useState(now);
  if (now && !wasOpen) setWasOpen(true);
  const change = (next: boolean): void => {
    if (next && !wasOpen) asksFor(() => change(false));
    setOwn(next);
    onOpenChange?.(next);
  };
  return {
    triggerRef,
    isOpen: now,
    onOpenChange: change,
    isAsked: wasOpen,
    button: (
      <ButtonContext.Provider
        value={{
          ref: triggerRef,
          'aria-haspopup': opens,
          'aria-expanded': now,
          ...pressing(now, change),
          onKeyDown: (e) => {
            if (opens === 'menu' && (e.key === 'ArrowDown' || e.key === 'ArrowUp')) change(true);
            else e.continuePropagation();
          },
        }}
      >
        {trigger}
      </ButtonContext.Provider>
    ),
  };
}

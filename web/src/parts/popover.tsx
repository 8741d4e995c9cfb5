import { lazy, Suspense, type ReactNode } from 'react';
import { Arrived, useOpener } from './opener';

const Open = lazy(() => import('./popover-open').then((m) => ({ default: m.OpenPopover })));

/**
 * Something small that opens beside what it belongs to and leaves the page in sight.
 *
 * @example <Popover title="Why 24 kg" trigger={<Button small>Why</Button>}>{() => <Sum />}</Popover>
 */
export function Popover({
  trigger,
  isOpen,
  onOpenChange,
  ...rest
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
}): ReactNode {
  const { button, isAsked, ...anchored } = useOpener(trigger, 'dialog', { isOpen, onOpenChange });
  return (
    <>
      {button}
      <Suspense fallback={null}>
        {isAsked && (
          <>
            <Open {...rest} {...anchored} />
            <Arrived />
          </>
        )}
      </Suspense>
    </>
  );
}

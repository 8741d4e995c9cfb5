import type { ReactNode } from 'react';
import { Button } from './button';
import { Dialog, DialogFeet, DialogTrigger } from './dialog';

/**
 * A button that asks before it does something that cannot simply be taken back.
 *
 * @example <Ask asks="Restore this copy?" does="Restore it" keeps="Leave all as it is" onYes={restore}>Restore</Ask>
 */
export function Ask({
  asks,
  does,
  keeps,
  onYes,
  isReady = true,
  label,
  kind = 'plain',
  about,
  children,
}: {
  asks: string;
  does: string;
  keeps: string;
  onYes: () => void;
  /** False while what is asked for is not given yet. */
  isReady?: boolean;
  /** What the button is called where its words alone do not say it. */
  label?: string;
  kind?: 'plain' | 'quiet';
  /** What follows from it, or what has to be given first. */
  about: ReactNode;
  children: ReactNode;
}): ReactNode {
  return (
    <DialogTrigger>
      <Button small kind={kind} {...(label ? { 'aria-label': label } : {})}>
        {children}
      </Button>
      <Dialog title={asks} isAlert>
        {(close) => (
          <>
            {about}
            <DialogFeet>
              <Button
                kind="strong"
                isDisabled={!isReady}
                onPress={() => {
                  close();
                  onYes();
                }}
              >
                {does}
              </Button>
              <Button onPress={close}>{keeps}</Button>
            </DialogFeet>
          </>
        )}
      </Dialog>
    </DialogTrigger>
  );
}

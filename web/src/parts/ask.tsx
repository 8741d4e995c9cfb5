import type { ReactNode } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import { styled } from 'styled-components';
import { Act } from './act';
import { Box, Veil } from './veil';

const Feet = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 14px;
`;

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
  /** What follows from it, or what has to be given first. */
  about: ReactNode;
  children: ReactNode;
}): ReactNode {
  return (
    <DialogTrigger>
      <Act small {...(label ? { 'aria-label': label } : {})}>
        {children}
      </Act>
      <Veil isDismissable>
        <Box>
          <Dialog role="alertdialog">
            {({ close }) => (
              <>
                <Heading slot="title">{asks}</Heading>
                {about}
                <Feet>
                  <Act
                    kind="strong"
                    isDisabled={!isReady}
                    onPress={() => {
                      close();
                      onYes();
                    }}
                  >
                    {does}
                  </Act>
                  <Act onPress={close}>{keeps}</Act>
                </Feet>
              </>
            )}
          </Dialog>
        </Box>
      </Veil>
    </DialogTrigger>
  );
}

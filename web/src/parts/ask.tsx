import type { ReactNode } from 'react';
import { Dialog, DialogTrigger, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';
import { Act } from './act';
import { ink } from '../look/theme';

const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: ${ink.veil};
  display: grid;
  place-items: start center;
  padding: 11vh 12px 12px;
  overflow: auto;
  z-index: 20;
`;
const Box = styled(Modal)`
  background: ${ink.sheet};
  border: 1px solid ${ink.ink};
  border-radius: 4px;
  width: min(440px, 100%);
  padding: 16px;
  h2 {
    margin: 0 0 8px;
    font-size: 18px;
  }
  .feet {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 14px;
  }
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
                <div className="feet">
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
                </div>
              </>
            )}
          </Dialog>
        </Box>
      </Veil>
    </DialogTrigger>
  );
}

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from '../../parts/button';
import { Dialog } from '../../parts/dialog';
import { keyHelp } from '../designer/key-help';
import { FindBox } from './find-box';

const KeyList = styled.dl`
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 6px 12px;
  margin: 0 0 12px;
  dt {
    font-weight: 650;
  }
`;

/** What `/` and `?` open. */
export const FindDialog = ({
  shows,
  begin,
  close,
}: {
  shows: 'find' | 'keys';
  /** What was typed before this was here. */
  begin: () => string;
  close: () => void;
}): ReactNode => (
  <Dialog
    title={shows === 'keys' ? 'Keys' : 'Find'}
    isTitleUnseen={shows !== 'keys'}
    isOpen
    onClose={close}
    widthPx={560}
  >
    {() =>
      shows === 'keys' ? (
        <>
          <KeyList>
            {keyHelp.map((k) => (
              <div key={k.keys} style={{ display: 'contents' }}>
                <dt>{k.keys}</dt>
                <dd>{k.does}</dd>
              </div>
            ))}
          </KeyList>
          <Button onPress={close}>Close</Button>
        </>
      ) : (
        <FindBox begin={begin} close={close} />
      )
    }
  </Dialog>
);

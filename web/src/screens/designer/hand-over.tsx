import { handingOver } from '@drimbo/core/measure';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { ink } from '../../look/theme';
import { SessionFindings } from './session-findings';

const Framed = styled.div`
  display: flex;
  max-height: 52vh;
  margin-top: 10px;
  border: 1px solid ${ink.rule};
`;

/** The review once more on the way to handing over: a stop is mended, or set aside with its reason, here and now. */
export function HandOver({
  designer,
  stops,
  onClose,
}: {
  designer: Designer;
  /** How many are open. */
  stops: number;
  onClose: () => void;
}): ReactNode {
  const handOver = (): void => {
    designer.edit(handingOver(designer.appraisal), 'hand over');
    onClose();
  };
  return (
    <Dialog
      title={stops === 0 ? 'No stop is open' : stops === 1 ? 'One stop is open' : `${stops} stops are open`}
      isOpen
      onClose={onClose}
      widthPx={560}
      isAlert
    >
      {() => (
        <>
          <p>
            Mend what can be mended. What stays is set aside with a reason, which is kept with the session.
          </p>
          <Framed>
            <SessionFindings designer={designer} id="handing" />
          </Framed>
          <DialogFeet>
            <Button kind="strong" isDisabled={stops > 0} onPress={handOver}>
              Hand over
            </Button>
            <Button onPress={onClose}>Back to the session</Button>
          </DialogFeet>
        </>
      )}
    </Dialog>
  );
}

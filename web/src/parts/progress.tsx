import type { ReactNode } from 'react';
import { Label, ProgressBar } from 'react-aria-components';
import { keyframes, styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { Button } from './button';

const along = keyframes`
  from { transform: translateX(-100%); }
  to { transform: translateX(400%); }
`;
const Row = styled.div`
  display: flex;
  align-items: end;
  gap: 12px;
  width: 100%;
`;
const Bar = styled(ProgressBar)`
  flex: 1;
  display: grid;
  gap: 6px;
  font-size: ${size.small};
  .track {
    height: 4px;
    overflow: hidden;
    background: ${ink.hush};
  }
  .track span {
    display: block;
    height: 100%;
    background: ${ink.ink};
  }
  .track .endless {
    width: 25%;
    animation: ${along} 1.4s linear infinite;
  }
  @media (prefers-reduced-motion: reduce) {
    .track .endless {
      animation: none;
      width: 100%;
    }
  }
`;

/**
 * Work under way, how far it is where that is known, and a way to stop it where there is one.
 *
 * @example <Progress says="Reading the file…" done={0.4} onStop={stop} />
 */
export function Progress({
  says,
  done,
  onStop,
}: {
  says: string;
  /** From 0 to 1; left out while the end is not known. */
  done?: number;
  onStop?: () => void;
}): ReactNode {
  return (
    <Row>
      <Bar {...(done === undefined ? { isIndeterminate: true } : { value: done, maxValue: 1 })}>
        <Label>{says}</Label>
        <div className="track">
          {done === undefined ? <span className="endless" /> : <span style={{ width: `${100 * done}%` }} />}
        </div>
      </Bar>
      {onStop && (
        <Button small onPress={onStop}>
          Stop
        </Button>
      )}
    </Row>
  );
}

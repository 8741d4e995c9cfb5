import type { ReactNode } from 'react';
import { Label, ProgressBar } from 'react-aria-components';
import { keyframes, styled } from 'styled-components';
import { Act } from './act';
import { ink, size } from '../look/theme';

const along = keyframes`
  from { transform: translateX(-100%); }
  to { transform: translateX(400%); }
`;
const Bar = styled(ProgressBar)`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px 12px;
  align-items: center;
  font-size: ${size.small};
  .track {
    grid-column: 1 / -1;
    height: 4px;
    overflow: hidden;
    background: ${ink.hush};
  }
  .track span {
    display: block;
    width: 25%;
    height: 100%;
    background: ${ink.ink};
    animation: ${along} 1.4s linear infinite;
  }
  @media (prefers-reduced-motion: reduce) {
    .track span {
      animation: none;
      width: 100%;
    }
  }
`;

/**
 * Work whose end is not known yet, and a way to stop it where there is one.
 *
 * @example <Busy says="Reading the file…" onStop={stop} />
 */
export function Busy({ says, onStop }: { says: string; onStop?: () => void }): ReactNode {
  return (
    <Bar isIndeterminate>
      <Label>{says}</Label>
      {onStop && (
        <Act small onPress={onStop}>
          Stop
        </Act>
      )}
      <div className="track">
        <span />
      </div>
    </Bar>
  );
}

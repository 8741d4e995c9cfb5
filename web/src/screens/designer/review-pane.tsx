import type { Finding } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { SessionFindings } from './session-findings';
import { OverlapButton } from './overlap-button';

const Empty = styled.li`
  padding: 14px 12px;
  color: ${ink.soft};
  font-size: ${size.small};
`;

function ReviewPanel({ designer }: { designer: Designer }): ReactNode {
  const { findings, totals } = designer.appraisal;
  const open = findings.filter((f) => f.dismissed === null);
  const count = (s: Finding['severity']): number => open.filter((f) => f.severity === s).length;
  const words = [
    [count('stop'), 'to stop for'],
    [count('watch'), 'to watch'],
    [count('note'), count('note') === 1 ? 'note' : 'notes'],
  ]
    .filter(([n]) => (n as number) > 0)
    .map(([n, w]) => `${n} ${w}`);
  return (
    <>
      <SheetHead>
        <h2>Review</h2>
        <OverlapButton designer={designer} />
        <span role="status" data-testid="review-count">
          {words.length > 0 ? words.join(', ') : 'nothing found'}
        </span>
      </SheetHead>
      <SessionFindings designer={designer} id="review">
        <Empty>
          {totals.movements === 0
            ? 'Add a movement and the review begins: it looks at order, overlap, coverage, safety, kit and time.'
            : 'Order, overlap, coverage, safety, kit and time: nothing to say. It judges a plan; it does not clear anyone to train.'}
        </Empty>
      </SessionFindings>
    </>
  );
}

/** What is wrong with the session, why, and what each remedy would change. */
export const ReviewPane = drawsAgain(ReviewPanel, ...work, 'findings', 'asked');

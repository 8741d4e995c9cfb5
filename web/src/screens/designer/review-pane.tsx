import type { Finding } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { OneFinding } from './one-finding';
import { OverlapButton } from './overlap-button';

const List = styled.ol`
  position: relative;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  border-top: 1px solid ${ink.hush};
`;
const Empty = styled.li`
  padding: 14px 12px;
  color: ${ink.soft};
  font-size: ${size.small};
`;

function ReviewPanel({ designer }: { designer: Designer }): ReactNode {
  const open = designer.appraisal.findings.filter((f) => f.dismissed === null);
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
      <List id="review" aria-label="Findings" tabIndex={0}>
        {designer.appraisal.findings.map((f) => (
          <OneFinding key={f.key} finding={f} designer={designer} />
        ))}
        {designer.appraisal.findings.length === 0 && (
          <Empty>
            {designer.appraisal.totals.movements === 0
              ? 'Add a movement and the review begins: it looks at order, overlap, coverage, safety, kit and time.'
              : 'Order, overlap, coverage, safety, kit and time: nothing to say. It judges a plan; it does not clear anyone to train.'}
          </Empty>
        )}
      </List>
    </>
  );
}

/** What is wrong with the session, why, and what each remedy would change. */
export const ReviewPane = drawsAgain(ReviewPanel, ...work, 'findings');

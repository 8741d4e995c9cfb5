import type { Finding } from '@drimbo/core/review/model';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Mark } from '../../parts/mark';
import { SheetHead } from '../../parts/sheet';
import { TextButton } from '../../parts/text-button';
import { TextField } from '../../parts/text-field';
import { ink, size } from '../../look/theme';
import { FixButton } from './fix-button';

const List = styled.ol`
  position: relative;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  border-top: 1px solid ${ink.hush};
`;
const Item = styled.li<{ $off: boolean }>`
  display: grid;
  grid-template-columns: 18px minmax(0, 1fr);
  padding: 7px 12px 8px 10px;
  border-bottom: 1px solid ${ink.hush};
  opacity: ${(p) => (p.$off ? 0.72 : 1)};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    line-height: 1.3;
  }
  p {
    font-size: 12.5px;
    color: ${ink.soft};
    line-height: 1.32;
    margin-top: 1px;
  }
  .foot {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-top: 5px;
    align-items: center;
  }
  .ground {
    font-size: ${size.fine};
    color: ${ink.soft};
    margin-left: auto;
  }
`;
const Empty = styled.li`
  padding: 14px 12px;
  color: ${ink.soft};
  font-size: ${size.small};
`;

const groundWords = {
  published: 'published work',
  mechanics: 'mechanics',
  'common practice': 'common practice',
  school: 'this school',
};

function OneFinding({ finding, designer }: { finding: Finding; designer: Designer }): ReactNode {
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const focusOn = finding.on.find((id) => designer.appraisal.lines.some((m) => m.id === id));
  const setAside = (): void => {
    if (reason.trim() === '') return;
    designer.edit({ do: 'dismiss', finding: finding.key, reason: reason.trim() }, 'set a finding aside');
    setAsking(false);
  };
  return (
    <Item $off={finding.dismissed !== null} data-rule={finding.rule}>
      <Mark severity={finding.severity} wordless />
      <div>
        <h3>
          {focusOn ? (
            <TextButton onPress={() => designer.select(focusOn)}>{finding.what}</TextButton>
          ) : (
            finding.what
          )}
        </h3>
        <p>{finding.why}</p>
        {finding.dismissed !== null && <p>Going on because: {finding.dismissed}</p>}
        <div className="foot">
          {finding.dismissed === null &&
            finding.fixes.map((fix) => (
              <FixButton
                key={fix.label}
                fix={fix}
                onTake={() => designer.edit(fix.edit, fix.label.toLowerCase())}
              />
            ))}
          {finding.dismissed === null ? (
            <Button small kind="quiet" aria-expanded={asking} onPress={() => setAsking(!asking)}>
              Set aside
            </Button>
          ) : (
            <Button
              small
              kind="quiet"
              onPress={() => designer.edit({ do: 'recall', finding: finding.key }, 'bring a finding back')}
            >
              Bring back
            </Button>
          )}
          <span className="ground">{groundWords[finding.ground]}</span>
        </div>
        {asking && (
          <form
            style={{ display: 'flex', gap: 4, marginTop: 5 }}
            onSubmit={(e) => {
              e.preventDefault();
              setAside();
            }}
          >
            <TextField
              label="Why go on anyway"
              labelPlace="unseen"
              placeholder="Why go on anyway?"
              autoFocus
              value={reason}
              maxLength={300}
              onChange={setReason}
            />
            <Button small type="submit" isDisabled={reason.trim() === ''}>
              Keep it
            </Button>
          </form>
        )}
      </div>
    </Item>
  );
}

/** What is wrong with the session, why, and what each remedy would change. */
export function ReviewPane({ designer }: { designer: Designer }): ReactNode {
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

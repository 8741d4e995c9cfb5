import type { Finding, Fix } from '@drimbo/core/review';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { Mark } from '../../parts/mark';
import { FindingItem } from '../shared/finding-item';
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

/** A finding that a remedy has just taken away, kept in its place until the pointer or the keys go elsewhere. */
interface Mended {
  finding: Finding;
  at: number;
  by: string;
  /** As high as it was, so that nothing moves under the pointer, px. */
  heightPx: number;
}

function MendedRow({ mended: { finding, by, heightPx } }: { mended: Mended }): ReactNode {
  return (
    <FindingItem $off $closed $mended data-mended={finding.rule} style={{ minHeight: heightPx }}>
      <Mark severity={finding.severity} wordless />
      <div>
        <h3 className="head" title={finding.what}>
          {finding.what} <span className="unseen">Mended: {by}</span>
        </h3>
      </div>
    </FindingItem>
  );
}

/** So many findings leave room for one that is open. */
const FEW = 3;

/** The arrows go from one line of the list to the next. */
function walk(e: KeyboardEvent<HTMLElement>): void {
  if (e.key !== 'ArrowDown' && e.key !== 'ArrowUp') return;
  const heads = [...e.currentTarget.querySelectorAll<HTMLElement>('button.head')];
  if (heads.length === 0 || (e.target as HTMLElement).closest('input, [role="listbox"]')) return;
  const here = heads.findIndex((head) => head.closest('li')!.contains(document.activeElement));
  const to = e.key === 'ArrowDown' ? Math.min(heads.length - 1, here + 1) : Math.max(0, here - 1);
  e.preventDefault();
  heads[to]!.focus();
}

function ReviewPanel({ designer }: { designer: Designer }): ReactNode {
  const { findings, totals } = designer.appraisal;
  // Where few are found the loudest is open until another is asked for; of many all are seen first.
  const [asked, setAsked] = useState<string | null | undefined>(undefined);
  const [mended, setMended] = useState<Mended | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const isThere = asked === null || findings.some((f) => f.key === asked);
  const open = findings.filter((f) => f.dismissed === null);
  const loudest = open.length <= FEW ? open[0]?.key : undefined;
  const openKey = asked === undefined || !isThere ? loudest : asked;
  const count = (s: Finding['severity']): number => open.filter((f) => f.severity === s).length;
  const words = [
    [count('stop'), 'to stop for'],
    [count('watch'), 'to watch'],
    [count('note'), count('note') === 1 ? 'note' : 'notes'],
  ]
    .filter(([n]) => (n as number) > 0)
    .map(([n, w]) => `${n} ${w}`);
  const mend = (finding: Finding, fix: Fix): void => {
    const heightPx = document.activeElement?.closest('li')?.offsetHeight ?? 0;
    setMended({ finding, at: findings.indexOf(finding), by: fix.label, heightPx });
    setAsked(null);
    designer.edit(fix.edit, fix.label.toLowerCase());
    list.current?.focus();
  };
  const goOn = (): void => {
    if (!mended) return;
    setMended(null);
    setAsked((now) => now ?? undefined);
  };
  const rows = findings.map((f) => (
    <OneFinding
      key={f.key}
      finding={f}
      designer={designer}
      isOpen={f.key === openKey}
      onToggle={() => setAsked(f.key === openKey ? null : f.key)}
      onMend={(fix) => mend(f, fix)}
      onKept={() => setAsked(f.key)}
    />
  ));
  if (mended && !findings.some((f) => f.key === mended.finding.key))
    rows.splice(mended.at, 0, <MendedRow key={mended.finding.key} mended={mended} />);
  return (
    <>
      <SheetHead>
        <h2>Review</h2>
        <OverlapButton designer={designer} />
        <span role="status" data-testid="review-count">
          {words.length > 0 ? words.join(', ') : 'nothing found'}
        </span>
      </SheetHead>
      <List
        id="review"
        ref={list}
        aria-label="Findings"
        tabIndex={0}
        onKeyDown={walk}
        onPointerLeave={goOn}
        onBlur={(e) => {
          if (!e.currentTarget.contains(e.relatedTarget)) goOn();
        }}
      >
        {rows}
        {findings.length === 0 && (
          <Empty>
            {totals.movements === 0
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

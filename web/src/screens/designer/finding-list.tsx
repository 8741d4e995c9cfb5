import type { Finding, Fix } from '@drimbo/core/review';
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { Mark } from '../../parts/mark';
import type { Designer } from '../../state/use-designer';
import { FindingItem } from '../shared/finding-item';
import { OneFinding } from './one-finding';

const List = styled.ol`
  position: relative;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  border-top: 1px solid ${ink.hush};
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

/** The findings as single lines, loudest first, of which one opens in its place; one that was mended stays until the pointer leaves. */
export function FindingList({
  designer,
  id,
  children,
}: {
  designer: Designer;
  id: string;
  /** What stands there where nothing is found. */
  children?: ReactNode;
}): ReactNode {
  const { asked, ask } = designer;
  const { findings } = designer.appraisal;
  const [mended, setMended] = useState<Mended | null>(null);
  const list = useRef<HTMLOListElement>(null);
  const isThere = asked === null || findings.some((f) => f.key === asked);
  const open = findings.filter((f) => f.dismissed === null);
  // Where few are found the loudest is open until another is asked for; of many all are seen first.
  const loudest = open.length <= FEW ? open[0]?.key : undefined;
  const openKey = asked === undefined || !isThere ? loudest : asked;
  const mend = (finding: Finding, fix: Fix): void => {
    const heightPx = document.activeElement?.closest('li')?.offsetHeight ?? 0;
    setMended({ finding, at: findings.indexOf(finding), by: fix.label, heightPx });
    ask(null);
    designer.edit(fix.edit, fix.label.toLowerCase());
    list.current?.focus();
  };
  const goOn = (): void => {
    if (!mended) return;
    setMended(null);
    if (asked === null) ask(undefined);
  };
  const rows = findings.map((f) => (
    <OneFinding
      key={f.key}
      finding={f}
      designer={designer}
      isOpen={f.key === openKey}
      onToggle={() => ask(f.key === openKey ? null : f.key)}
      onMend={(fix) => mend(f, fix)}
      onKept={() => ask(f.key)}
    />
  ));
  if (mended && !findings.some((f) => f.key === mended.finding.key))
    rows.splice(mended.at, 0, <MendedRow key={mended.finding.key} mended={mended} />);
  return (
    <List
      id={id}
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
      {findings.length === 0 && children}
    </List>
  );
}

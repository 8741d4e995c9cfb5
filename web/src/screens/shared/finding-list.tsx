import type { Finding } from '@drimbo/core/review';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { Mark } from '../../parts/mark';
import { TextButton } from '../../parts/text-button';
import { FindingItem } from './finding-item';

const List = styled.ol`
  position: relative;
  list-style: none;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  flex: 1;
  min-height: 0;
  border-top: 1px solid ${ink.hush};
`;

/** What a list tells of a finding, of a session or of a week. */
export interface Listed {
  key: string;
  rule: string;
  severity: Finding['severity'];
  what: string;
  /** Why it was set aside; null where it is open. */
  dismissed: string | null;
}

/** A finding that a remedy has just taken away, kept in its place until the pointer or the keys go elsewhere. */
interface Mended {
  finding: Listed;
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
const FEW = 2;

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

/** What a row can do to the list it stands in. */
export interface OfList {
  isOpen: boolean;
  /** Takes a remedy, told by its label: the row stays struck through until the pointer leaves. */
  mend: (label: string, take: () => void) => void;
}

/** The findings as single lines, loudest first, of which one opens in its place; one that was mended stays until the pointer leaves. */
export function FindingList<F extends Listed>({
  findings,
  asked,
  ask,
  id,
  onPress,
  row,
  children,
}: {
  findings: readonly F[];
  /** The finding that is open by its key; null where none is to be, undefined where nobody has asked for one. */
  asked: string | null | undefined;
  ask: (key: string | null | undefined) => void;
  id: string;
  /** Hears of one that is being opened. */
  onPress?: (finding: F) => void;
  /** What stands under the line of a finding. */
  row: (finding: F, list: OfList) => ReactNode;
  /** What stands there where nothing is found. */
  children?: ReactNode;
}): ReactNode {
  const [mended, setMended] = useState<Mended | null>(null);
  const isThere = asked === null || findings.some((f) => f.key === asked);
  const open = findings.filter((f) => f.dismissed === null);
  // Where few are found the loudest is open until another is asked for; of many all are seen first.
  const loudest = open.length <= FEW ? open[0]?.key : undefined;
  const openKey = asked === undefined || !isThere ? loudest : asked;
  const goOn = (): void => {
    if (!mended) return;
    setMended(null);
    if (asked === null) ask(undefined);
  };
  const rows = findings.map((f, at) => {
    const isOpen = f.key === openKey;
    const mend = (by: string, take: () => void): void => {
      const row = document.activeElement?.closest('li');
      const list = row?.closest('ol');
      const heightPx = row?.offsetHeight ?? 0;
      setMended({ finding: f, at, by, heightPx });
      ask(null);
      take();
      list?.focus();
    };
    const press = (): void => {
      if (!isOpen) onPress?.(f);
      ask(isOpen ? null : f.key);
    };
    return (
      <FindingItem
        key={f.key}
        $off={f.dismissed !== null}
        $closed={!isOpen}
        data-rule={f.rule}
        data-severity={f.severity}
        style={f.key === mended?.finding.key ? { minHeight: mended.heightPx } : undefined}
      >
        <Mark severity={f.severity} wordless />
        <div>
          <h3>
            <TextButton className="head" aria-expanded={isOpen} onPress={press}>
              {f.what}
            </TextButton>
          </h3>
          {row(f, { isOpen, mend })}
        </div>
      </FindingItem>
    );
  });
  if (mended && !findings.some((f) => f.key === mended.finding.key))
    rows.splice(mended.at, 0, <MendedRow key={mended.finding.key} mended={mended} />);
  return (
    <List
      id={id}
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

import type { LineSheet } from '@drimbo/core/block';
import { daysAfter, massRange, massText } from '@drimbo/core/units';
import { useEffect, useMemo, useRef, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, narrow, size } from '../../look/theme';
import type { BlockDesk } from '../../state/use-block';

const Scroll = styled.div`
  overflow-x: auto;
  position: relative;
  padding: 0 12px 12px;
  table {
    border-collapse: collapse;
    font-size: ${size.fine};
    min-width: 100%;
  }
  th,
  td {
    text-align: left;
    font-weight: 420;
    padding: 4px 10px 4px 0;
    border-top: 1px solid ${ink.hush};
    vertical-align: top;
    white-space: nowrap;
    ${narrow}
  }
  tbody th {
    font-weight: 620;
    position: sticky;
    left: 0;
    background: ${ink.sheet};
  }
  thead th {
    color: ${ink.soft};
    border-top: none;
  }
  td[data-light] {
    background: ${ink.ground};
  }
  .soft {
    color: ${ink.soft};
  }
`;

interface Row {
  key: string;
  day: string;
  name: string;
  cells: Map<number, LineSheet>;
}

/** Each movement across the weeks: sets and reps, load, where it may lie, and where the rack runs out. */
export function MovementsTable({ desk }: { desk: BlockDesk }): ReactNode {
  const { appraisal, context } = desk;
  const { unit } = context.client;
  const weeks = appraisal?.weeks ?? [];
  const rows = useMemo(() => {
    const found = new Map<string, Row>();
    for (const week of appraisal?.weeks ?? [])
      for (const d of week.days) {
        if (d.placed.state === 'left out') continue;
        for (const l of d.lines) {
          const key = `${d.placed.training} ${l.id}`;
          const row = found.get(key) ?? {
            key,
            day: d.name,
            name: l.name,
            cells: new Map<number, LineSheet>(),
          };
          row.name = l.name;
          if (!row.cells.has(week.week)) row.cells.set(week.week, l);
          found.set(key, row);
        }
      }
    return [...found.values()];
  }, [appraisal]);
  const scroll = useRef<HTMLDivElement>(null);
  const now = weeks.findIndex((w) => daysAfter(w.from, 6) >= context.todayIso);
  const isThere = appraisal !== null;
  // What comes is of more interest than what was.
  useEffect(() => {
    const head = scroll.current?.querySelector<HTMLElement>(`[data-week="${now}"]`);
    const first = scroll.current?.querySelector<HTMLElement>('thead th');
    if (head && first) scroll.current!.scrollLeft = head.offsetLeft - first.offsetWidth;
  }, [now, isThere]);
  if (!appraisal) return null;
  if (rows.length === 0)
    return (
      <p style={{ padding: 12, color: ink.soft }}>
        No day uses a session yet: put one on a day to see its movements here.
      </p>
    );
  return (
    <Scroll ref={scroll} tabIndex={0} role="region" aria-label="Movements across the weeks">
      <table>
        <thead>
          <tr>
            <th scope="col">Movement</th>
            {weeks.map((w) => (
              <th key={w.week} scope="col" data-week={w.week}>
                {w.week + 1}
                {w.rule.light ? ', lighter' : ''}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.key}>
              <th scope="row">
                {row.name}
                <br />
                <span className="soft">{row.day}</span>
              </th>
              {weeks.map((w) => {
                const l = row.cells.get(w.week);
                if (!l) return <td key={w.week} data-light={w.rule.light || undefined} />;
                return (
                  <td key={w.week} data-light={w.rule.light || undefined}>
                    {l.sets}
                    <br />
                    {l.kg === null ? (
                      <span className="soft">found then</span>
                    ) : (
                      `${massText(l.kg, unit)}${l.perHand}`
                    )}
                    {l.name !== row.name && (
                      <>
                        <br />
                        <span className="soft">{l.name}</span>
                      </>
                    )}
                    <br />
                    <span className="soft">
                      {l.rackEndsKg !== null
                        ? 'rack ends'
                        : l.lowKg !== null && l.highKg !== null && l.lowKg !== l.highKg
                          ? massRange(l.lowKg, l.highKg, unit)
                          : ''}
                    </span>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft" style={{ fontSize: size.fine, marginTop: 6 }}>
        Loads ahead are chosen as on the day itself, from the max as it is expected to grow and from what the
        days before are expected to bring; the second line is where four in five would lie, on this kit. A
        model&apos;s estimate: nothing beyond four weeks is a promise.
      </p>
    </Scroll>
  );
}

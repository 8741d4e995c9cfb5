import type { ClientFile } from '@drimbo/core/contract';
import { groupIds, groupNames } from '@drimbo/core/anatomy';
import { setsText } from '@drimbo/core/block';
import type { WeekDone } from '@drimbo/core/log';
import { parseISO, format } from 'date-fns';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';

import { todayIso } from '../../data/queries';
import { useWeeksDone } from '../../data/weeks-done';
import { ink, size } from '../../look/theme';
import { Sheet, SheetHead } from '../../parts/sheet';

/** So many weeks are shown, the last. */
const SHOWN = 8;

const Scroll = styled.div`
  overflow-x: auto;
  padding: 0 12px 10px;
  table {
    border-collapse: collapse;
    font-size: ${size.small};
  }
  th,
  td {
    text-align: right;
    padding: 4px 10px;
    white-space: nowrap;
    border-top: 1px solid ${ink.hush};
    font-weight: 420;
  }
  thead th {
    border-top: none;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  th:first-child {
    text-align: left;
    padding-left: 0;
  }
  td span {
    color: ${ink.soft};
  }
  [data-short] {
    font-weight: 680;
  }
`;

/** Done is this much under the plan: more than how sets are rounded. */
const SHORT = 0.8;

function Of({ done, planned, isOver }: { done: number; planned: number; isOver: boolean }): ReactNode {
  if (planned < 0.25 && done < 0.25) return <td>–</td>;
  return (
    <td {...(isOver && done < planned * SHORT ? { 'data-short': true } : {})}>
      {setsText(done)} <span>of {setsText(planned)}</span>
    </td>
  );
}

/** Where the sets of a week went that count for nothing. */
const elsewhere = ({ notHard: { easy, lighter, notDone, leftOut } }: WeekDone): string[] =>
  (
    [
      [easy, 'too easy'],
      [lighter, 'lighter'],
      [notDone, 'not done'],
      [leftOut, 'left out'],
    ] as const
  ).flatMap(([n, why]) => (n > 0 ? [`${n} ${why}`] : []));

function Table({ weeks }: { weeks: readonly WeekDone[] }): ReactNode {
  const shown = groupIds.filter((g) => weeks.some((w) => w.planned[g] >= 0.5 || w.done[g] >= 0.5));
  return (
    <Scroll tabIndex={0} role="region" aria-label="Weeks planned and done">
      <table>
        <thead>
          <tr>
            <th scope="col">Hard sets</th>
            {weeks.map((w) => (
              <th key={w.week} scope="col">
                {format(parseISO(w.from), 'd MMM')}
                {w.isLight && ', lighter'}
                {!w.isOver && ', so far'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((g) => (
            <tr key={g}>
              <th scope="row">{groupNames[g]}</th>
              {weeks.map((w) => (
                <Of key={w.week} done={w.done[g]} planned={w.planned[g]} isOver={w.isOver} />
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row">Sets that were none</th>
            {weeks.map((w) => (
              <td key={w.week}>
                {elsewhere(w).length === 0 ? (
                  <span>–</span>
                ) : (
                  elsewhere(w).map((said) => (
                    <div key={said}>
                      <span>{said}</span>
                    </div>
                  ))
                )}
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row">Days</th>
            {weeks.map((w) => (
              <td key={w.week}>
                {w.days.done} <span>of {w.days.planned}</span>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </Scroll>
  );
}

/** What the weeks of the block under way asked for, beside what the log has. */
export function Weeks({ file }: { file: ClientFile }): ReactNode {
  const today = todayIso();
  const block = file.blocks.find((b) => b.startsOn <= today && b.endsOn >= today) ?? file.blocks[0];
  const weeks = useWeeksDone(block?.id);
  if (!block) return null;
  return (
    <Sheet aria-label="Planned and done">
      <SheetHead>
        <h2>Planned and done</h2>
        <span>
          <Link to={`/blocks/${block.id}`}>{block.title}</Link>, its sessions only
        </span>
      </SheetHead>
      {weeks.data ? (
        <Table weeks={weeks.data.slice(-SHOWN)} />
      ) : (
        <p style={{ padding: '0 12px 10px', color: ink.soft }} role="status">
          {weeks.error ? `The weeks cannot be reckoned: ${weeks.error.message}` : 'Reckoning the weeks…'}
        </p>
      )}
    </Sheet>
  );
}

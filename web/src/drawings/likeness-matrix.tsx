import { jobOf } from '@drimbo/core/choosing';
import type { MeasuredLine } from '@drimbo/core/measure';
import { likeness, SAME_JOB } from '@drimbo/core/review';
import { useMemo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Table = styled.table`
  border-collapse: collapse;
  font-size: ${size.fine};
  td,
  th {
    font-weight: 420;
    padding: 3px 6px;
    border: 1px solid ${ink.hush};
    text-align: center;
    white-space: nowrap;
  }
  tbody th {
    text-align: left;
  }
  td[data-same='true'] {
    font-weight: 700;
    background: ${ink.chosen};
    outline: 1.5px solid ${ink.ink};
    outline-offset: -2px;
  }
  .pale {
    color: ${ink.soft};
  }
`;

/** Scrolls sideways by keyboard too, where there are many. */
const Scroll = styled.div`
  overflow-x: auto;
`;

const hundredths = (share: number): string => String(Math.round(share * 100));

/** How far each movement of one list does the job of each of another, in hundredths; the same job is framed. */
export function LikenessMatrix({
  rows,
  columns,
  label,
}: {
  rows: readonly MeasuredLine[];
  columns: readonly MeasuredLine[];
  label: string;
}): ReactNode {
  const cells = useMemo(
    () =>
      rows.map((a) =>
        columns.map((b) => (a.id === b.id && rows === columns ? null : likeness(jobOf(a), jobOf(b)))),
      ),
    [rows, columns],
  );
  return (
    <Scroll tabIndex={0} role="group" aria-label={label}>
      <Table>
        <caption className="unseen">{label}</caption>
        <thead>
          <tr>
            <td />
            {columns.map((m, i) => (
              <th key={m.id} scope="col" title={m.name}>
                {i + 1}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((m, i) => (
            <tr key={m.id}>
              <th scope="row">
                {i + 1} {m.name}
              </th>
              {cells[i]!.map((share, j) => (
                <td
                  key={j}
                  data-same={share !== null && share >= SAME_JOB}
                  className={share !== null && share < 0.3 ? 'pale' : ''}
                >
                  {share === null ? '' : hundredths(share)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </Scroll>
  );
}

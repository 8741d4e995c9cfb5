import { regions, type PressingRegion } from '@drimbo/core/anatomy/regions';
import { inFives } from '@drimbo/core/units/numbers';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size, voiceInk } from '../look/theme';

/** From this share of its resting length on a region is told to be long somewhere in the range. */
const LONG = 1.15;
/** The share that fills the bar. */
const FULL = 0.5;

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: ${size.small};
  th {
    font-weight: 420;
    text-align: left;
    width: 92px;
    padding: 1px 0;
    white-space: nowrap;
  }
  td:nth-of-type(2) {
    width: 40px;
    text-align: right;
    font-weight: 640;
  }
  td.long {
    width: 44px;
    padding-left: 6px;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  abbr {
    text-decoration: none;
    cursor: help;
  }
`;

export interface ShareRow {
  region: PressingRegion;
  share: number;
  /** The same at what it is compared with: a tick on the bar. */
  other?: number | null;
  /** Longest over the range against resting length; left out, nothing is said. */
  longest?: number;
  /** Two ways of splitting the work differ here. */
  unsure?: boolean;
}

/** Shares of the work, a bar a region, in the colours of the voices. */
export function ShareBars({ rows, label }: { rows: readonly ShareRow[]; label: string }): ReactNode {
  const w = (s: number): number => Math.min(100, (s / FULL) * 100);
  const tellsLength = rows.some((r) => r.longest !== undefined);
  return (
    <Table aria-label={label}>
      <tbody>
        {rows.map(({ region, share, other = null, longest, unsure }) => (
          <tr key={region}>
            <th scope="row">
              {regions[region].name}
              {unsure && (
                <abbr title="Two ways of splitting the work differ here by more than eight points."> ?</abbr>
              )}
            </th>
            <td>
              <svg
                width="100%"
                height="12"
                viewBox="0 0 100 12"
                preserveAspectRatio="none"
                aria-hidden
                style={{ display: 'block' }}
              >
                <rect x="0" y="2" width="100" height="8" fill={ink.hush} />
                <rect x="0" y="2" width={w(share)} height="8" fill={voiceInk[regions[region].voice]} />
                {other !== null && <rect x={w(other)} y="0" width="0.9" height="12" fill={ink.ink} />}
              </svg>
            </td>
            <td>{inFives(share) === 0 ? '–' : `${inFives(share)} %`}</td>
            {tellsLength && (
              <td className="long">{(longest ?? 0) >= LONG && share >= 0.025 ? 'long' : ''}</td>
            )}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

import { type GroupId, groupIds, groupNames, type VoiceId } from '@drimbo/core/anatomy';
import { setsText } from '@drimbo/core/block';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size, voiceInk } from '../look/theme';

const voiceOf: Record<GroupId, VoiceId> = {
  chest: 'chest',
  deltFront: 'shoulders',
  deltSide: 'shoulders',
  deltRear: 'shoulders',
  triceps: 'triceps',
};

const Rows = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: ${size.small};
  th {
    text-align: left;
    font-weight: 420;
    padding: 3px 8px 3px 0;
    white-space: nowrap;
  }
  td {
    padding: 3px 0;
  }
  td:nth-child(2) {
    width: 99%;
  }
  td:last-child {
    text-align: right;
    white-space: nowrap;
    padding-left: 8px;
    font-variant-numeric: tabular-nums;
  }
  small {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  svg {
    display: block;
  }
`;

/** Hard sets of a week against their bands: the band is the open stretch, the bar what there is. */
export function BandRows({
  label,
  groups,
}: {
  label: string;
  groups: Record<GroupId, { sets: number; band: { lo: number; hi: number } }>;
}): ReactNode {
  const most = Math.max(24, ...groupIds.map((g) => Math.max(groups[g].sets, groups[g].band.hi))) * 1.05;
  return (
    <Rows aria-label={label}>
      <tbody>
        {groupIds.map((g) => {
          const { sets, band } = groups[g];
          const at = (n: number): number => (n / most) * 300;
          return (
            <tr key={g}>
              <th scope="row">{groupNames[g]}</th>
              <td>
                <svg viewBox="0 0 300 14" preserveAspectRatio="none" width="100%" height={14} aria-hidden>
                  <rect
                    x={at(band.lo)}
                    width={at(band.hi - band.lo)}
                    y={0.5}
                    height={13}
                    fill="none"
                    stroke={ink.rule}
                    vectorEffect="non-scaling-stroke"
                  />
                  <rect x={0} width={at(sets)} y={4} height={6} fill={voiceInk[voiceOf[g]]} />
                </svg>
              </td>
              <td>
                {setsText(sets)}{' '}
                <small>
                  of {band.lo}–{band.hi}
                </small>
              </td>
            </tr>
          );
        })}
      </tbody>
    </Rows>
  );
}

import type { Kit } from '@drimbo/core/kit';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from '../../parts/button';
import { ink, size } from '../../look/theme';

export const Body = styled.div`
  padding: 0 12px 12px;
  display: grid;
  gap: 8px;
  font-size: ${size.small};
  p {
    color: ${ink.soft};
    font-size: 12.5px;
  }
  .ticks {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px 10px;
  }
  .tick {
    display: flex;
    gap: 7px;
    align-items: baseline;
  }
`;
export const Rows = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    text-align: left;
    font-weight: 420;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding: 0 4px;
  }
  td {
    border-top: 1px solid ${ink.hush};
    padding: 2px 2px;
  }
  select {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    font-size: ${size.fine};
    min-height: 24px;
  }
`;

/** What every part of a gym's sheet works on. */
export interface PartProps {
  kit: Kit;
  change: (patch: Partial<Kit>) => void;
}

export const RemoveHead = (): ReactNode => (
  <th scope="col">
    <span className="unseen">Remove</span>
  </th>
);

/** The end of a row: takes it out. */
export const Remove = ({ of, act }: { of: string; act: () => void }): ReactNode => (
  <td style={{ textAlign: 'right' }}>
    <Button small kind="quiet" aria-label={`Remove ${of}`} onPress={act}>
      Remove
    </Button>
  </td>
);

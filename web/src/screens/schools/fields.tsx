import type { SchoolDocument } from '@drimbo/core/schools';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { NumberField } from '../../parts/number-field';
import { ink, size } from '../../look/theme';

export interface SchoolPart {
  school: SchoolDocument;
  change: (patch: Partial<SchoolDocument>) => void;
}

export const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 74px 74px;
  gap: 6px 10px;
  align-items: center;
  padding: 4px 12px 12px;
  font-size: ${size.small};
  .whole {
    grid-column: 1 / -1;
  }
  .soft {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

export type Two = { lo: number; hi: number };

/** Two figures under one name. */
export function Range({
  name,
  value,
  most,
  onChange,
}: {
  name: string;
  value: Two;
  most: number;
  onChange: (value: Two) => void;
}): ReactNode {
  return (
    <>
      <span>{name}</span>
      <NumberField
        label={`${name}, from`}
        labelPlace="unseen"
        value={value.lo}
        lo={0}
        hi={most}
        onChange={(lo) => onChange({ ...value, lo })}
      />
      <NumberField
        label={`${name}, to`}
        labelPlace="unseen"
        value={value.hi}
        lo={1}
        hi={most}
        onChange={(hi) => onChange({ ...value, hi })}
      />
    </>
  );
}

/** One figure beside its name, in its unit where it has one. */
export function SideOf({
  name,
  unit,
  value,
  least = 0,
  most = 900,
  decimals = 0,
  onChange,
}: {
  name: string;
  unit?: string;
  value: number;
  least?: number;
  most?: number;
  decimals?: number;
  onChange: (n: number) => void;
}): ReactNode {
  return (
    <>
      <span style={{ gridColumn: '1 / 3' }}>{unit ? `${name}, ${unit}` : name}</span>
      <NumberField
        label={name}
        labelPlace="unseen"
        value={value}
        lo={least}
        hi={most}
        decimals={decimals}
        onChange={(n) => onChange(decimals === 0 ? Math.round(n) : n)}
      />
    </>
  );
}

/** What the first and the last set leave. */
export function Leaving({
  name,
  value,
  onChange,
}: {
  name: string;
  value: { first: number; last: number };
  onChange: (value: { first: number; last: number }) => void;
}): ReactNode {
  return (
    <>
      <span>{name}</span>
      <NumberField
        label={`${name}: first`}
        labelPlace="unseen"
        value={value.first}
        lo={0}
        hi={8}
        decimals={1}
        onChange={(first) => onChange({ ...value, first })}
      />
      <NumberField
        label={`${name}: last`}
        labelPlace="unseen"
        value={value.last}
        lo={0}
        hi={8}
        decimals={1}
        onChange={(last) => onChange({ ...value, last })}
      />
    </>
  );
}

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Notice = styled.div`
  padding: 48px 24px;
  text-align: center;
  display: grid;
  gap: 10px;
  justify-items: center;
  color: ${ink.soft};
  h1 {
    color: ${ink.ink};
    font-size: ${size.lead};
  }
`;

/** Something to read where there is nothing to show: loading, empty, failed. */
export const Blank = ({ title, children }: { title: string; children?: ReactNode }): ReactNode => (
  <Notice role="status">
    <h1>{title}</h1>
    {children}
  </Notice>
);

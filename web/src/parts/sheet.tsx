import { styled } from 'styled-components';
import { ink, size, wide } from '../look/theme';

/** A flat sheet with a hairline edge. */
export const Sheet = styled.section`
  background: ${ink.sheet};
  border: 1px solid ${ink.rule};
  border-radius: 4px;
`;

export const SheetHead = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 12px 6px;
  @media (max-width: 640px) {
    flex-wrap: wrap;
    gap: 2px 12px;
  }
  h2 {
    font-size: ${size.small};
    font-weight: 650;
  }
  > :last-child:not(h2) {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

export const Title = styled.h1`
  font-size: ${size.title};
  font-weight: 720;
  line-height: 1.1;
  ${wide}
`;

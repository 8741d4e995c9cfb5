import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

/** Rows of one thing each: what it is, and what can be done with it. */
export const Rows = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    justify-content: space-between;
    gap: 4px 12px;
    padding: 7px 12px;
    border-top: 1px solid ${ink.hush};
    font-size: ${size.small};
    overflow-wrap: anywhere;
    > span {
      min-width: 0;
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
    }
  }
  small {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

export const Body = styled.div`
  padding: 4px 12px 12px;
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  /* Paths, and names without a space, are longer than a phone is wide. */
  overflow-wrap: anywhere;
  code {
    font-family: inherit;
    font-weight: 620;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
`;

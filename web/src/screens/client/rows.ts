import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

/** Rows of a narrow sheet: a name and what is said of it. */
export const Rows = styled.ol`
  li {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 10px;
    padding: 7px 12px;
    border-top: 1px solid ${ink.hush};
    font-size: ${size.small};
  }
  a {
    font-weight: 650;
    text-decoration: none;
  }
  a:hover {
    text-decoration: underline;
  }
`;

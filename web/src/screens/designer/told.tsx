import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

/** What a change would do, in lines and lists, inside a dialog. */
export const Told = styled.div`
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    margin: 8px 0 2px;
  }
  ol,
  ul {
    margin: 0;
    padding-left: 20px;
  }
  p {
    margin: 3px 0;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  td,
  th {
    text-align: left;
    padding: 3px 8px 3px 0;
    border-bottom: 1px solid ${ink.hush};
    font-weight: 420;
  }
  th {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  .soft {
    color: ${ink.soft};
  }
`;

import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

/** What stands in a sheet about a rule. */
export const RuleBody = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  li {
    border-top: 1px solid ${ink.hush};
    padding: 5px 0;
  }
  ul,
  ol {
    list-style: none;
    padding: 0;
    margin: 0 0 8px;
  }
  p {
    margin: 4px 0;
  }
  .soft {
    color: ${ink.soft};
  }
`;

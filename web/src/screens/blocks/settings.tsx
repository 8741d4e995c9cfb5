import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';
import type { BlockDesk } from '../../state/use-block';
import { Phases, Weeks } from './phases';
import { Ladders, Life, Progress } from './progress';
import { Split } from './split';

const Body = styled.div`
  padding: 4px 12px 14px;
  font-size: ${size.small};
  display: grid;
  gap: 14px;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  h3 {
    font-size: ${size.small};
    font-weight: 680;
    margin-bottom: 4px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: end;
    margin-bottom: 6px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 0;
  }
  li {
    display: flex;
    gap: 8px;
    align-items: baseline;
    padding: 4px 0;
    border-top: 1px solid ${ink.hush};
  }
  li > :first-child {
    flex: 1;
  }
  [aria-label='Training days'] > li > :first-child {
    flex: 0 0 150px;
  }
  .soft {
    color: ${ink.soft};
  }
  .weeks input {
    width: 58px;
  }
  .few input {
    width: 58px;
  }
  .weeks {
    display: grid;
    grid-template-columns: auto repeat(3, auto);
    gap: 4px 12px;
    align-items: center;
    justify-content: start;
  }
`;

/** Everything a block is made of beside its days: phases, weeks, progression, the split, what comes between. */
export const Settings = ({ desk }: { desk: BlockDesk }): ReactNode => (
  <Body>
    <Split desk={desk} />
    <Phases desk={desk} />
    <Progress desk={desk} />
    <Ladders desk={desk} />
    <Weeks desk={desk} />
    <Life desk={desk} />
  </Body>
);

import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

const Row = styled.nav`
  display: flex;
  gap: 14px;
  font-size: ${size.small};
  margin-bottom: 10px;
  a {
    color: ${ink.soft};
    text-decoration: none;
    padding: 3px 0;
    border-bottom: 2px solid transparent;
  }
  a[aria-current='page'] {
    color: ${ink.ink};
    font-weight: 650;
    border-bottom-color: ${ink.ink};
  }
`;

/** The three shelves that say how a session is judged. */
export const JudgementTabs = (): ReactNode => (
  <Row aria-label="How sessions are judged">
    <NavLink to="/schools">Schools</NavLink>
    <NavLink to="/rules">Rules</NavLink>
    <NavLink to="/evidence">Evidence</NavLink>
  </Row>
);

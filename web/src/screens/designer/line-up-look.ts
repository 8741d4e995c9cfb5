import { styled } from 'styled-components';
import { TextButton } from '../../parts/text-button';
import { ink, narrow, size } from '../../look/theme';

/** Eight columns: handle, voice, movement, sets and reps, reserve, load, rest, minutes. */
const columns = '15px 7px minmax(0, 1fr) 86px 46px 124px 46px 26px';

export const Head = styled.div`
  display: grid;
  grid-template-columns: ${columns};
  gap: 0 4px;
  padding: 0 8px 3px 4px;
  font-size: ${size.fine};
  color: ${ink.soft};
  border-bottom: 1px solid ${ink.rule};
  span {
    padding: 0 5px;
  }
  .right {
    text-align: right;
  }
  /* On a phone a movement takes two lines, and its figures tell themselves apart. */
  @media (max-width: 640px) {
    display: none;
  }
`;
export const Scroll = styled.div`
  position: relative;
  overflow-y: auto;
  min-height: 0;
  flex: 1;
`;
export const BlockBox = styled.li<{ $paired: boolean }>`
  position: relative;
  border-bottom: 1px solid ${ink.hush};
  ${(p) => p.$paired && `&::before { content: ''; position: absolute; left: 11px; top: 30px; bottom: 22px; width: 7px; border: 1.5px solid ${ink.ink}; border-right: none; border-radius: 5px 0 0 5px; z-index: 1; pointer-events: none; }`}
`;
export const Row = styled.div<{ $chosen: boolean }>`
  display: grid;
  grid-template-columns: ${columns};
  gap: 0 4px;
  align-items: start;
  padding: 4px 8px 3px 4px;
  background: ${(p) => (p.$chosen ? ink.chosen : 'transparent')};
  .bar {
    align-self: stretch;
    border-radius: 2px;
    width: 4px;
  }
  .right {
    text-align: right;
  }
  @media (max-width: 640px) {
    grid-template-columns: 15px 7px minmax(0, 1.5fr) minmax(0, 1.1fr) minmax(0, 1.7fr) minmax(0, 1fr) 22px;
    > :nth-child(-n + 2) {
      grid-row: 1 / span 2;
    }
    > :nth-child(3) {
      grid-column: 3 / -1;
    }
  }
`;
/** A cell with room for the sign of a finding. */
export const Spot = styled.div<{ $signed?: boolean }>`
  position: relative;
  min-width: 0;
  padding-right: ${(p) => (p.$signed ? '24px' : '0')};
`;
export const Name = styled(TextButton)`
  && {
    text-decoration: none;
  }
  padding: 2px 4px 0;
  text-align: left;
  font-weight: 650;
  cursor: pointer;
  min-width: 0;
  display: block;
  width: 100%;
  line-height: 1.25;
  .name {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .detail {
    display: block;
    font-weight: 420;
    font-size: ${size.fine};
    color: ${ink.soft};
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    ${narrow}
  }
`;
export const Quiet = styled.div`
  font-size: ${size.fine};
  color: ${ink.soft};
  padding: 0 5px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  ${narrow}
`;
export const Minutes = styled.div`
  padding: 2px 4px;
  text-align: right;
  color: ${ink.soft};
`;

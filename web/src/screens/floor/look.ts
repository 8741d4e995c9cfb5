import { css, styled } from 'styled-components';
import { Button } from '../../parts/button';
import { ink } from '../../look/theme';

/** Controls as they are on the floor: the parts know their small sizes only. */
const legible = css`
  && button[slot='trigger'],
  && input,
  && [role='radiogroup'] label,
  && .react-aria-Select button {
    min-height: 48px;
    font-size: 16px;
  }
  && .react-aria-Label,
  && [role='radiogroup'] label {
    font-size: 16px;
    align-items: center;
  }
  && [role='radiogroup'] {
    flex-wrap: wrap;
  }
  && [role='radiogroup'] > .react-aria-Label {
    flex: 1 0 100%;
  }
  && .react-aria-Group input {
    font-size: 24px;
  }
`;

/** What stands in a dialog of the floor. */
export const Words = styled.div`
  display: grid;
  gap: 10px;
  font-size: 16px;
  ${legible}
`;

/** The whole of a phone, one hand, nothing under 16 pixels and nothing to press under 48. */
export const Stage = styled.div`
  min-height: 100dvh;
  max-width: 560px;
  margin: 0 auto;
  padding: 10px 14px 20px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  font-size: 17px;
  > header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 12px;
    font-size: 16px;
    color: ${ink.soft};
  }
  > header > :first-child {
    flex: 1;
    color: ${ink.ink};
    font-weight: 650;
    white-space: nowrap;
  }
  ${legible}
  h2 {
    font-size: 26px;
    line-height: 1.15;
    font-weight: 720;
  }
  .soft {
    color: ${ink.soft};
  }
  .load {
    font-size: 44px;
    font-weight: 760;
    line-height: 1.1;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 10px;
  }
  ul {
    display: grid;
    gap: 4px;
  }
  .foot {
    margin-top: auto;
    display: grid;
    gap: 10px;
  }
  a {
    min-height: 48px;
    display: inline-flex;
    align-items: center;
  }
`;

export const Big = styled(Button)`
  min-height: 56px;
  font-size: 18px;
  justify-content: center;
`;
export const Plain = styled(Button)`
  min-height: 48px;
  font-size: 16px;
`;

import { createGlobalStyle, styled } from 'styled-components';
import { ink, narrow, wide } from '../../look/theme';
import { tokensOf } from '../../look/tokens';

export type Paper = 'A4' | 'Letter';

export const PageRule = createGlobalStyle<{ $paper: Paper }>`
  @page { size: ${(p) => p.$paper}; margin: 11mm 12mm; }
  @media print {
    html, body { background: #fff; }
    .no-print { display: none !important; }
  }
`;
export const Bar = styled.div`
  display: flex;
  gap: 10px;
  align-items: center;
  justify-content: center;
  padding: 12px;
  label {
    display: inline-flex;
    gap: 5px;
  }
`;
export const MM = 96 / 25.4;
/** Printable size inside the margins, CSS pixels. */
export const printable: Record<Paper, { width: number; height: number }> = {
  A4: { width: (210 - 24) * MM, height: (297 - 22) * MM },
  Letter: { width: (215.9 - 24) * MM, height: (279.4 - 22) * MM },
};
export const LARGEST = 19;
export const SMALLEST = 12.5;

export const PageBox = styled.article<{ $paper: Paper; $base: number }>`
  width: ${(p) => printable[p.$paper].width}px;
  margin: 0 auto 32px;
  /* Paper is white whatever the theme. */
  ${tokensOf('light')}
  color: ${ink.ink};
  background: #fff;
  padding: 9mm;
  font-size: ${(p) => p.$base}px;
  line-height: 1.24;
  box-sizing: content-box;
  @media screen {
    border: 1px solid ${ink.rule};
  }
  @media screen and (max-width: 800px) {
    width: auto;
    padding: 16px;
    font-size: 16px;
  }
  @media print {
    width: auto;
    margin: 0;
    padding: 0;
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    gap: 16px;
    border-bottom: 2px solid ${ink.ink};
    padding-bottom: 3px;
    h1 {
      font-size: 1.5em;
      font-weight: 740;
      line-height: 1.1;
      ${wide}
    }
    p {
      font-weight: 600;
      text-align: right;
      ${narrow}
    }
    .date {
      display: block;
      font-weight: 420;
    }
    .date i {
      display: inline-block;
      width: 8em;
      border-bottom: 1px solid ${ink.ink};
    }
  }
  .warm {
    padding: 4px 0;
    border-bottom: 1px solid ${ink.rule};
  }
  .stop {
    border: 1.5px solid ${ink.ink};
    padding: 3px 8px;
    margin-top: 6px;
    ${narrow}
  }
  .foot {
    margin-top: 5px;
    ${narrow}
  }
`;
export const Lift = styled.li`
  display: grid;
  grid-template-columns: 1.16fr 1fr;
  gap: 0 14px;
  padding: 0.34em 0;
  border-bottom: 1px solid ${ink.rule};
  break-inside: avoid;
  h2 {
    font-size: 1.1em;
    font-weight: 720;
    line-height: 1.15;
    display: inline;
  }
  .setup {
    ${narrow}
  }
  .figures {
    font-size: 1.34em;
    font-weight: 730;
    line-height: 1.2;
  }
  .figures span {
    font-weight: 460;
  }
  .cues {
    ${narrow}
  }
  .cues li {
    padding-left: 0.8em;
    text-indent: -0.8em;
  }
  .cues li::before {
    content: '– ';
  }
  .done {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2em 0.9em;
    align-items: end;
    padding-top: 0.15em;
    ${narrow}
  }
  .done span {
    display: inline-flex;
    gap: 0.3em;
    align-items: end;
  }
  .done i {
    font-style: normal;
    font-size: 0.8em;
    color: ${ink.soft};
  }
  .done b {
    width: 2.9em;
    height: 1.35em;
    border-bottom: 1px solid ${ink.ink};
  }
  @media screen and (max-width: 560px) {
    grid-template-columns: 1fr;
  }
`;
export const How = styled.p`
  font-weight: 650;
  padding-top: 0.3em;
`;

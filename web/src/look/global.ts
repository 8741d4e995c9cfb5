import { createGlobalStyle } from 'styled-components';
import { ink, size } from './theme';
import { tokensOf } from './tokens';

export const Global = createGlobalStyle`
  :root { ${tokensOf('light')} }
  @media (prefers-color-scheme: dark) { :root:not([data-theme='light']) { ${tokensOf('dark')} } }
  :root[data-theme='dark'] { ${tokensOf('dark')} }
  @media print { :root, :root[data-theme='dark'] { ${tokensOf('light')} } }
  *, *::before, *::after { box-sizing: border-box; }
  html { background: ${ink.ground}; accent-color: ${ink.ink}; }
  body {
    margin: 0;
    color: ${ink.ink};
    font-family: 'Archivo Variable', 'Archivo', system-ui, sans-serif;
    font-size: ${size.text};
    line-height: 1.35;
    font-variant-numeric: tabular-nums;
    -webkit-font-smoothing: antialiased;
  }
  h1, h2, h3, p, ol, ul, dl, dd, figure { margin: 0; padding: 0; }
  ol, ul { list-style: none; }
  button, input, select, textarea { font: inherit; color: inherit; letter-spacing: inherit; }
  select, textarea { color: ${ink.ink}; background-color: ${ink.raised}; }
  a { color: inherit; }
  :focus-visible, [data-focus-visible] { outline: 2px solid ${ink.focus}; outline-offset: 1px; border-radius: 3px; }
  .unseen {
    position: absolute; width: 1px; height: 1px; margin: -1px; overflow: hidden;
    clip-path: inset(50%); white-space: nowrap;
  }
  @media (prefers-reduced-motion: reduce) {
    *, *::before, *::after { transition: none !important; animation: none !important; scroll-behavior: auto !important; }
  }
`;

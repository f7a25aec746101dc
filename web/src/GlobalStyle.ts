import { createGlobalStyle } from 'styled-components';

export const GlobalStyle = createGlobalStyle`
  *, *::before, *::after { box-sizing: border-box; }
  html { font-size: 17px; }
  body {
    margin: 0;
    background: ${({ theme }) => theme.paper};
    color: ${({ theme }) => theme.ink};
    font-family: ${({ theme }) => theme.text};
    line-height: 1.4;
    /* A word that is longer than its line is broken rather than run out of the page. */
    overflow-wrap: break-word;
  }
  h1, h2, h3 { font-family: ${({ theme }) => theme.label}; font-weight: 600; line-height: 1.15; margin: 0; }
  h1 { font-size: 1.7rem; }
  h2 { font-size: 1.25rem; }
  h3 { font-size: 1.05rem; }
  p { margin: 0; }
  ul, ol { margin: 0; padding: 0; list-style: none; }
  a { color: ${({ theme }) => theme.blue}; }
  button, input, select, textarea { font: inherit; color: inherit; }
  :focus-visible, [data-focus-visible] { outline: 3px solid ${({ theme }) => theme.focus}; outline-offset: 2px; }
  h1:focus, main:focus { outline: none; }
  @media print {
    body { background: #fff; }
    [data-no-print] { display: none !important; }
  }
`;

import { styled } from 'styled-components';

/** A table of what is so: words to the left, what they are to the right. */
export const Facts = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-variant-numeric: tabular-nums;
  th {
    text-align: left;
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
    color: ${({ theme }) => theme.quiet};
  }
  td,
  th {
    padding: 0.3rem 0.6rem 0.3rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    vertical-align: top;
  }
  @media (max-width: 480px) {
    font-size: 0.9rem;
    td,
    th {
      overflow-wrap: anywhere;
    }
  }
  td:last-child,
  th:last-child {
    padding-right: 0;
  }
  [data-stale] {
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
  }
  /* Where columns would become too narrow to read, a row is a block and its cells stand one below the other. */
  @media (max-width: 620px) {
    &[data-stacks],
    &[data-stacks] > tbody,
    &[data-stacks] > tbody > tr,
    &[data-stacks] > tbody > tr > td {
      display: block;
    }
    &[data-stacks] > thead {
      display: none;
    }
    &[data-stacks] > tbody > tr {
      border-bottom: 1px solid ${({ theme }) => theme.line};
      padding: 0.4rem 0;
    }
    &[data-stacks] > tbody > tr > td {
      border: none;
      padding: 0.1rem 0;
    }
    &[data-stacks] > tbody > tr > td[data-head]::before {
      content: attr(data-head) ': ';
      color: ${({ theme }) => theme.quiet};
    }
  }
`;

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
`;

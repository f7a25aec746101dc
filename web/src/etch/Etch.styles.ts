import { styled } from 'styled-components';

/** How each cycle went, in a line of scribed boxes. */
export const Cycles = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin: 0;
  padding: 0;
  list-style: none;
  li {
    border: 1.5px solid ${({ theme }) => theme.scribeQuiet};
    border-radius: 3px;
    padding: 0.15rem 0.6rem;
    font-variant-numeric: tabular-nums;
  }
  li[data-now] {
    border-color: #ffd98a;
    border-width: 2.5px;
  }
  li[data-fault] {
    background: ${({ theme }) => theme.alarmPaper};
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
  }
`;

/** How dark it gets, as a swatch of steel. */
export const Swatch = styled.span`
  display: inline-block;
  width: 64px;
  height: 44px;
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 3px;
  flex: none;
`;

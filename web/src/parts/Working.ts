import { styled } from 'styled-components';

/** A line of arithmetic that can be checked by hand. */
export const Working = styled.code`
  font-family: ${({ theme }) => theme.label};
  font-size: 1.2rem;
  font-variant-numeric: tabular-nums;
`;

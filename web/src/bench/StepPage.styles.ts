import { styled } from 'styled-components';

export const Station = styled.div`
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
  font-size: 1.1rem;
  > div:not([data-bar]) {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 430px), 1fr));
    gap: 0.9rem;
    align-items: start;
  }
  > div > div {
    display: flex;
    flex-direction: column;
    gap: 0.9rem;
  }
`;

export const StepHead = styled.header`
  h1 {
    font-size: 2.1rem;
  }
  a {
    font-weight: 700;
  }
`;

export const Lines = styled.ol`
  list-style: decimal;
  padding-left: 1.4rem;
  display: flex;
  flex-direction: column;
  gap: 0.35rem;
  font-size: 1.15rem;
`;

export const Cautions = styled.section`
  background: #fff6df;
  border-left: 7px solid #9a5b00;
  padding: 0.8rem 1.1rem;
  li {
    padding: 0.15rem 0;
  }
  p {
    font-size: 0.92rem;
    padding-top: 0.4rem;
  }
`;

export const Bar = styled.div`
  position: sticky;
  top: 0;
  z-index: 4;
  background: ${({ theme }) => theme.paper};
  padding: 0.5rem 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: center;
  border-bottom: 2px solid ${({ theme }) => theme.ink};
  > strong {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.35rem;
    font-variant-numeric: tabular-nums;
    margin-right: auto;
  }
`;

/** The numbers to work to, large, in layout blue. */
export const Blue = styled.div`
  background: ${({ theme }) => theme.blueDeep};
  color: #fff;
  border-radius: 4px;
  padding: 0.7rem 1rem;
  dl {
    margin: 0;
    display: flex;
    flex-direction: column;
    gap: 0.6rem;
  }
  dt {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.05rem;
  }
  dd {
    margin: 0;
  }
  dd strong {
    font-size: 1.75rem;
    font-variant-numeric: tabular-nums;
  }
  dd small {
    font-size: 0.98rem;
    margin-left: 0.6rem;
  }
  dd code {
    display: block;
    font-family: ${({ theme }) => theme.label};
    font-size: 1.02rem;
    font-variant-numeric: tabular-nums;
  }
`;

/** One line of the brief, cut off where it is longer; whole where it decides what is done. */
export const Brief = styled.p`
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  &[data-whole] {
    white-space: normal;
  }
`;

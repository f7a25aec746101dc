import { styled } from 'styled-components';

export const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: end;
`;

export const ScaleBar = styled.span`
  border: solid ${({ theme }) => theme.ink};
  border-width: 0 1.5px 1.5px;
  text-align: center;
  font-family: ${({ theme }) => theme.label};
  font-size: 0.85rem;
  line-height: 1;
  padding-bottom: 0.2rem;
`;

export const Line = styled.section`
  display: grid;
  grid-template-columns: 220px 1fr 130px;
  border-top: 7px solid #6e6b63;
  background: ${({ theme }) => theme.sheet};
  border-radius: 3px;
  > div:first-child {
    padding: 0.7rem 0.9rem;
    display: flex;
    flex-direction: column;
    gap: 0.25rem;
  }
  h2 span {
    font-weight: 400;
    color: ${({ theme }) => theme.quiet};
  }
  q {
    font-size: 0.92rem;
    line-height: 1.3;
  }
  @media (max-width: 900px) {
    grid-template-columns: 1fr 130px;
    > :nth-child(2) {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
`;

/** Layout blue. */
export const Field = styled.div`
  background: ${({ theme }) => theme.blue};
  padding: 0 1.1rem 0.9rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.6rem;
  align-items: flex-start;
`;

export const Hook = styled.a`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  color: inherit;
  text-decoration: none;
  min-width: 175px;
  padding-top: 20px;
  background:
    linear-gradient(${({ theme }) => theme.scribeQuiet}, ${({ theme }) => theme.scribeQuiet}) 22px 0 / 1px 20px
      no-repeat,
    linear-gradient(${({ theme }) => theme.scribeQuiet}, ${({ theme }) => theme.scribeQuiet}) 150px 0 / 1px 20px
      no-repeat;
  &[data-away] {
    opacity: 0.62;
  }
  &:hover strong {
    text-decoration: underline;
  }
`;

/** A manila tag with a punched hole. */
export const Tag = styled.span`
  margin-top: 0.5rem;
  max-width: 330px;
  background: radial-gradient(
    circle at 13px 50%,
    ${({ theme }) => theme.blue} 4px,
    ${({ theme }) => theme.manilaEdge} 4.6px 6px,
    ${({ theme }) => theme.manila} 6.6px
  );
  border-radius: 9px 3px 3px 9px;
  padding: 0.25rem 0.7rem 0.3rem 1.65rem;
  display: flex;
  flex-direction: column;
  font-size: 0.9rem;
  line-height: 1.25;
  font-variant-numeric: tabular-nums;
  b {
    color: ${({ theme }) => theme.alarm};
  }
`;

export const End = styled.div`
  padding: 0.7rem 0.9rem;
  font-family: ${({ theme }) => theme.label};
  display: flex;
  flex-direction: column;
  span {
    color: ${({ theme }) => theme.quiet};
  }
  strong {
    font-size: 1.2rem;
  }
  em {
    font-style: normal;
  }
  &[data-short] em {
    color: ${({ theme }) => theme.alarm};
    font-weight: 600;
  }
`;

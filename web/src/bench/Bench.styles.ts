import { Link } from 'react-router';
import { styled } from 'styled-components';

/** A station: what lies there at the left, the picture of the work and its instruments at the right. */
export const Halves = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 22rem) minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** The bench: work at the left, clocks at the right; on a narrow screen the clocks come first. */
export const Parts = styled.div`
  display: grid;
  grid-template: 'work clocks' auto 'work others' 1fr / minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  @media (max-width: 760px) {
    grid-template: 'clocks' 'work' 'others' / minmax(0, 1fr);
  }
`;

/** Chips of the stations, wide enough for a finger; on a narrow screen they are pushed along. */
export const ByStation = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  @media (max-width: 760px) {
    flex-wrap: nowrap;
    overflow-x: auto;
    margin-inline: -1rem;
    padding-inline: 1rem;
    > * {
      flex: none;
    }
  }
`;

/** The piece in layout blue, as wide as there is room for. */
export const Blue = styled.figure`
  margin: 0;
  padding: 1.5rem;
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  svg {
    max-width: 100%;
    height: auto;
    margin: 0 auto;
  }
`;

/** A manila tag to press. */
export const Pick = styled(Link)`
  display: grid;
  grid-template-columns: 3.7rem 1fr auto;
  gap: 0.2rem 0.9rem;
  align-items: center;
  min-height: 64px;
  padding: 0.5rem 0.9rem 0.5rem 2rem;
  color: ${({ theme }) => theme.ink};
  text-decoration: none;
  border-radius: 11px 4px 4px 11px;
  background: radial-gradient(
    circle at 15px 50%,
    ${({ theme }) => theme.sheet} 5px,
    ${({ theme }) => theme.manilaEdge} 5.6px 7px,
    ${({ theme }) => theme.manila} 7.6px
  );
  font-size: 1.05rem;
  strong {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.25rem;
  }
  small {
    display: block;
    font-size: 0.92rem;
  }
  > :last-child {
    text-align: right;
    max-width: 6.4rem;
  }
  b {
    color: #7a1509;
  }
  @media (max-width: 560px) {
    grid-template-columns: 3.7rem 1fr;
    > :last-child {
      grid-column: 2;
      text-align: left;
      max-width: none;
    }
  }
  &[data-gone] {
    opacity: 0.6;
    text-decoration: line-through;
  }
`;

export const Picks = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
`;

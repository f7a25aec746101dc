import { styled } from 'styled-components';

/** Leather as it is scribed: cut edge, groove, holes, and the knife that goes in. */
export const Leathered = styled.svg`
  display: block;
  width: 100%;
  path,
  circle,
  rect {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.6px;
  }
  [data-kind='CUT'] {
    fill: #8f6a45;
    stroke-width: 2.2px;
  }
  [data-kind='SHEET'] {
    fill: rgb(20 24 30 / 60%);
    stroke-width: 2.2px;
  }
  [data-kind='HOLLOW'] {
    stroke-dasharray: 5 4;
  }
  [data-kind='KNIFE'] {
    fill: rgb(232 240 250 / 30%);
  }
  [data-kind='LINE'] {
    stroke: #ffd98a;
    stroke-dasharray: 6 4;
  }
  path[data-kind='HOLES'] {
    vector-effect: none;
    stroke: #ffd98a;
    stroke-linecap: round;
  }
  [data-kind='FLAW'] {
    fill: rgb(160 20 20 / 75%);
    stroke: #ffd98a;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-family: ${({ theme }) => theme.label};
    text-anchor: middle;
  }
`;

export const OnBlue = styled.div`
  padding: 1rem;
  border-radius: 4px;
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
`;

/** The parts side by side, each with its name and its size. */
export const PartsOfIt = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 1rem;
  margin: 0;
  padding: 0;
  list-style: none;
  svg {
    max-height: 9rem;
  }
`;

/** The steps of a sheath in the order in which nothing becomes unreachable. */
export const InOrder = styled.ol`
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
  margin: 0;
  padding: 0;
  list-style: none;
  a {
    display: inline-block;
    min-height: 44px;
    padding: 0.6rem 0;
  }
  [data-stage='DONE'] a {
    text-decoration: line-through;
  }
  [data-stage='NEXT'] a,
  [data-stage='UNDER_WAY'] a,
  [data-stage='RESTS'] a {
    font-weight: 700;
  }
`;

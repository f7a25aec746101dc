import { styled } from 'styled-components';

export const Doors = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.2rem;
  border-bottom: 2px solid ${({ theme }) => theme.blue};
  font-family: ${({ theme }) => theme.label};
  a {
    min-height: 44px;
    padding: 0.6rem 1rem;
    font-size: 1.1rem;
    text-decoration: none;
    border-radius: 4px 4px 0 0;
  }
  a[aria-current='page'] {
    background: ${({ theme }) => theme.blue};
    color: #fff;
    font-weight: 600;
  }
`;

/** What is asked, side by side where there is room. */
export const Bars = styled.ul`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  li {
    display: grid;
    grid-template-columns: minmax(240px, 1fr) minmax(0, 2.2fr);
    gap: 0.2rem 1.2rem;
    padding: 0.4rem 1rem;
    border-bottom: 1px solid rgb(232 240 250 / 20%);
  }
  li:last-child {
    border: none;
  }
  li > div:first-child {
    display: flex;
    flex-direction: column;
    padding-top: 0.45rem;
  }
  a {
    color: #fff;
    display: grid;
    grid-template-columns: minmax(0, 3fr) minmax(150px, 1fr);
    gap: 0.8rem;
    align-items: center;
    min-height: 44px;
    font-variant-numeric: tabular-nums;
    text-decoration: none;
  }
  a strong {
    text-decoration: underline;
  }
  small {
    font-size: 0.95rem;
  }
  svg {
    display: block;
    width: 100%;
    height: 20px;
    overflow: visible;
  }
  rect {
    vector-effect: non-scaling-stroke;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
    fill: rgb(232 240 250 / 14%);
  }
  rect[data-promised] {
    fill: ${({ theme }) => theme.manila};
    fill-opacity: 0.75;
  }
  @media (max-width: 760px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
`;

/** Racks of what is counted, side by side while there is room. */
export const Shelves = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 1rem 1.6rem;
  align-items: flex-start;
`;

/** Tags with a punched hole, for what is counted. */
export const Tags = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  li {
    position: relative;
    width: 258px;
    background: ${({ theme }) => theme.manila};
    border: 1px solid ${({ theme }) => theme.manilaEdge};
    border-radius: 4px;
    padding: 0.6rem 0.8rem 0.7rem 2rem;
    display: flex;
    flex-direction: column;
    gap: 0.1rem;
  }
  li::before {
    content: '';
    position: absolute;
    left: 0.65rem;
    top: 0.95rem;
    width: 0.75rem;
    height: 0.75rem;
    border-radius: 50%;
    background: ${({ theme }) => theme.paper};
    border: 1px solid ${({ theme }) => theme.manilaEdge};
  }
  a {
    color: ${({ theme }) => theme.ink};
    font-weight: 700;
    min-height: 32px;
    padding: 0.2rem 0;
  }
  strong {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.25rem;
    font-variant-numeric: tabular-nums;
  }
  b {
    color: ${({ theme }) => theme.alarm};
  }
`;

export const Find = styled.div`
  display: grid;
  grid-template-columns: minmax(220px, 340px) minmax(200px, 260px) 1fr;
  gap: 0.7rem 1rem;
  align-items: end;
  > :last-child {
    justify-self: end;
  }
  @media (max-width: 620px) {
    grid-template-columns: minmax(0, 1fr);
    > :last-child {
      justify-self: start;
    }
  }
`;

/** A bar with what is cut from it. */
export const Scribed = styled.div`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.8rem 1rem;
  overflow-x: auto;
  svg {
    display: block;
    width: 100%;
    min-width: 560px;
    height: auto;
    overflow: visible;
  }
  path,
  rect,
  line {
    vector-effect: non-scaling-stroke;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
    fill: none;
  }
  path {
    fill: rgb(232 240 250 / 16%);
  }
  [data-offcut] {
    stroke-dasharray: 5 4;
    stroke: ${({ theme }) => theme.scribeQuiet};
  }
  line {
    stroke: ${({ theme }) => theme.manila};
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    stroke: none;
    font-family: ${({ theme }) => theme.label};
    text-anchor: middle;
    dominant-baseline: middle;
  }
`;

export const Lot = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 0.5rem 1rem;
  margin: 0;
  dt {
    font-family: ${({ theme }) => theme.label};
    color: ${({ theme }) => theme.quiet};
    font-size: 0.95rem;
  }
  dd {
    margin: 0;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
`;

export const Needs = styled.ul`
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.2rem 0.8rem;
    padding: 0.5rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    align-items: center;
  }
  li > :first-child {
    display: flex;
    flex-direction: column;
    gap: 0.1rem;
  }
  [data-standing='MISSING'] {
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
  }
  small {
    font-size: 0.95rem;
    color: ${({ theme }) => theme.quiet};
  }
`;

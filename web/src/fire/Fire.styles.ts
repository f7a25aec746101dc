import { styled } from 'styled-components';

/** A kiln's picture on layout blue: what it shows, large enough to read from the quench tank. */
export const KilnFace = styled.section`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.9rem 1.1rem;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 1rem;
    align-items: baseline;
    justify-content: space-between;
  }
  h2 {
    color: inherit;
  }
  a {
    color: inherit;
  }
  output {
    font-family: ${({ theme }) => theme.label};
    font-size: 3.1rem;
    font-weight: 600;
    line-height: 1;
    font-variant-numeric: tabular-nums;
  }
  output small {
    font-size: 1.15rem;
    font-weight: 400;
    padding-left: 0.7rem;
  }
  p {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.1rem;
  }
  [data-wrong] {
    background: ${({ theme }) => theme.alarmPaper};
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
    padding: 0.3rem 0.6rem;
    border-radius: 3px;
  }
`;

export const Faces = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 1rem;
  align-items: start;
`;

export const Sides = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.35fr) minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
    min-width: 0;
  }
  /* On a tablet the kiln and what is next come before the curve. */
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    &[data-burning] > :last-child {
      grid-row: 1;
    }
  }
`;

/** The curve of a fire, scribed on layout blue. */
export const Plate = styled.figure`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.7rem 0.9rem;
  margin: 0;
  max-width: 1050px;
  svg {
    display: block;
    width: 100%;
    height: auto;
    overflow: visible;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-family: ${({ theme }) => theme.label};
    font-size: 15px;
    font-variant-numeric: tabular-nums;
  }
  [data-quiet] {
    fill: ${({ theme }) => theme.scribeQuiet};
  }
  figcaption {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.02rem;
    padding-top: 0.3rem;
  }
  ol {
    list-style: decimal;
    margin: 0.2rem 0 0;
    padding-left: 1.7rem;
    columns: 3 200px;
    font-family: ${({ theme }) => theme.label};
  }
  path {
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 2.2;
    stroke-linejoin: round;
  }
  path[data-wanted] {
    stroke: ${({ theme }) => theme.manila};
    stroke-width: 1.5;
    stroke-dasharray: 7 5;
  }
  line {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-width: 0.7;
    opacity: 0.55;
  }
  line[data-event] {
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.2;
    opacity: 0.9;
    stroke-dasharray: 2 4;
  }
`;

/** What comes next, each with its clock. */
export const Coming = styled.ol`
  list-style: none;
  padding: 0;
  margin: 0;
  li {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    padding: 0.28rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    font-size: 1.08rem;
  }
  strong {
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
`;

/** One piece in its slot, its turn and what is to be done with it. */
export const Slot = styled.li`
  background: #fff;
  border: 1px solid ${({ theme }) => theme.line};
  border-left: 7px solid ${({ theme }) => theme.line};
  border-radius: 4px;
  padding: 0.5rem 0.8rem;
  display: grid;
  grid-template-columns: 3.2rem minmax(0, 1fr) auto;
  gap: 0.3rem 0.8rem;
  align-items: center;
  > b {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.5rem;
    font-variant-numeric: tabular-nums;
  }
  > div:last-child {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    justify-content: flex-end;
  }
  small {
    display: block;
    color: ${({ theme }) => theme.quiet};
    font-size: 0.98rem;
  }
  &[data-turn] {
    border-left-color: ${({ theme }) => theme.blue};
  }
  &[data-wrong] {
    border-left-color: ${({ theme }) => theme.alarm};
  }
  &[data-done] {
    border-left-color: ${({ theme }) => theme.good};
  }
  em {
    font-style: normal;
    font-weight: 700;
  }
  @media (max-width: 620px) {
    grid-template-columns: 2.4rem minmax(0, 1fr);
    > div:last-child {
      grid-column: 1 / -1;
      justify-content: flex-start;
    }
  }
`;

export const SlotList = styled.ol`
  list-style: none;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
`;

export const Lines = styled.ul`
  list-style: disc;
  margin: 0;
  padding-left: 1.2rem;
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
`;

export const Turns = styled.ol`
  list-style: decimal;
  margin: 0;
  padding-left: 1.5rem;
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
`;

export const Caution = styled.p`
  background: #fff6df;
  border-left: 5px solid #9a5b00;
  padding: 0.35rem 0.8rem;
`;

import { styled } from 'styled-components';

/** Tang, parts and cavity as they are drawn from the side and across. */
export const Scribed = styled.svg`
  display: block;
  width: 100%;
  path {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
  }
  [data-kind='TANG'] {
    fill: rgb(232 240 250 / 30%);
    stroke-width: 2px;
  }
  [data-kind='GUARD'],
  [data-kind='SPACER'],
  [data-kind='CAP'],
  [data-kind='BOLSTER'] {
    fill: rgb(255 217 138 / 22%);
  }
  [data-kind='CAVITY'],
  [data-kind='OPENING'] {
    fill: ${({ theme }) => theme.blueDeep};
    stroke: #ffd98a;
  }
  [data-kind='HOLE'] {
    stroke: #ffd98a;
    stroke-dasharray: 6 4;
  }
  [data-kind='GRAIN'] {
    stroke: #ffd98a;
    stroke-width: 1px;
    stroke-linecap: round;
  }
  line {
    vector-effect: non-scaling-stroke;
    stroke: #ffd98a;
    stroke-width: 2px;
  }
`;

export const Field = styled.div`
  display: flex;
  flex-direction: column;
  gap: 1rem;
  padding: 1rem;
  border-radius: 4px;
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  [data-side] {
    touch-action: none;
    cursor: crosshair;
  }
`;

/** The cut, and what it says beside it. */
export const Across = styled.figure`
  margin: 0;
  display: grid;
  grid-template-columns: minmax(0, 15rem) minmax(0, 1fr);
  gap: 1rem;
  align-items: center;
  svg {
    max-height: 300px;
  }
  figcaption {
    font-size: 1.05rem;
  }
  strong {
    display: block;
    font-size: 1.3rem;
  }
  @media (max-width: 480px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** How each part goes on, one below the other. */
export const Fits = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  margin: 0;
  padding: 0;
  list-style: none;
`;

/** How a part goes on, in a word and in words. */
export const Goes = styled.li`
  border-left: 7px solid ${({ theme }) => theme.good};
  padding-left: 0.7rem;
  strong {
    font-size: 1.15rem;
  }
  &[data-fit='LOOSE'],
  &[data-fit='WILL_NOT_GO'] {
    border-left-color: ${({ theme }) => theme.alarm};
  }
  &[data-fit='LOOSE'] strong,
  &[data-fit='WILL_NOT_GO'] strong {
    color: ${({ theme }) => theme.alarm};
  }
  &[data-fit='TIGHT'] {
    border-left-color: #9a5b00;
  }
`;

/** What to do now with the guard, read from the vice. */
export const Now = styled.p`
  margin: 0;
  padding: 0.7rem 0.9rem;
  background: ${({ theme }) => theme.manila};
  border: 1px solid ${({ theme }) => theme.manilaEdge};
  border-radius: 4px;
  font-size: 1.25rem;
  font-weight: 700;
  &[data-turn='TAKE_OFF'] {
    background: ${({ theme }) => theme.alarmPaper};
    border-color: ${({ theme }) => theme.alarm};
    color: ${({ theme }) => theme.alarm};
  }
`;

import { styled } from 'styled-components';

export const Head = styled.div`
  display: flex;
  justify-content: space-between;
  align-items: end;
`;

export const ScaleBar = styled.span`
  font-family: ${({ theme }) => theme.label};
  font-size: 0.85rem;
  white-space: nowrap;
  i {
    display: inline-block;
    block-size: 0.5em;
    border: solid ${({ theme }) => theme.ink};
    border-width: 0 1.5px 1.5px;
  }
`;

/** What is looked for, in one row; on a narrow screen it is pushed along. */
export const Seek = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  /* A date's label stands before it: the row is as high as a press. */
  > :has(> input[type='date']) {
    flex-direction: row;
    align-items: center;
    gap: 0.25rem;
    [slot='description'] {
      display: none;
    }
  }
  @media (max-width: 900px) {
    flex-wrap: nowrap;
    overflow-x: auto;
    margin-inline: -1rem;
    padding: 3px 1rem;
    > * {
      flex: none;
    }
  }
  @media print {
    display: none;
  }
`;

/** Rails one below the other; of two jobs with one piece each, both stand in a row where there is room. */
export const Rails = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  grid-auto-flow: row dense;
  gap: 0.1rem;
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const Line = styled.section`
  display: grid;
  grid-template-columns: 220px minmax(0, 1fr) 116px;
  grid-column: 1 / -1;
  border-top: 3px solid #6e6b63;
  background: ${({ theme }) => theme.sheet};
  border-radius: 3px;
  line-height: 1.2;
  break-inside: avoid;
  /* A single piece has its day under its name: what is said on its tag needs the breadth. */
  &[data-single] {
    grid-column: auto;
    grid-template-columns: 280px minmax(0, 1fr);
  }
  em {
    font-style: normal;
  }
  > div {
    padding: 0.1rem 0.5rem;
  }
  h2 {
    font-size: 1.02rem;
    line-height: 1.1;
  }
  h2 a {
    display: inline-block;
    min-height: 18px;
    @media (pointer: coarse), (max-width: 1100px) {
      min-height: 26px;
    }
    color: inherit;
    text-decoration: none;
  }
  h2 a:hover {
    text-decoration: underline;
  }
  h2 span {
    font-weight: 400;
    color: ${({ theme }) => theme.quiet};
  }
  p {
    font-family: ${({ theme }) => theme.label};
    font-size: 0.95rem;
    line-height: 1.05;
    color: ${({ theme }) => theme.quiet};
  }
  p strong,
  p em {
    color: ${({ theme }) => theme.ink};
    white-space: nowrap;
  }
  &[data-short] em {
    color: ${({ theme }) => theme.alarm};
    font-weight: 600;
  }
  @media (max-width: 620px) {
    grid-template-columns: minmax(0, 1fr) 116px;
    &[data-single] {
      grid-template-columns: minmax(0, 1fr);
    }
    > :nth-child(2) {
      grid-row: 2;
      grid-column: 1 / -1;
    }
  }
`;

/** Layout blue. */
export const Field = styled.div`
  background: ${({ theme }) => theme.blue};
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.55rem;
  align-items: flex-start;
  /* A knife and its sheath stand in one row. */
  [data-single] > && {
    padding-inline: 0.25rem;
    column-gap: 0.2rem;
  }
`;

export const Hook = styled.a`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  color: inherit;
  text-decoration: none;
  max-width: 100%;
  /* A small sheath, and a tag of one line, are still found by a finger. */
  min-block-size: 24px;
  min-inline-size: 24px;
  svg {
    max-width: 100%;
  }
  &[data-away] {
    opacity: 0.62;
  }
  &:hover strong {
    text-decoration: underline;
  }
  [data-single] & {
    flex-direction: row;
    align-items: center;
    gap: 0.25rem;
  }
`;

/** A sheath: an outline until it is cut, then leather. */
export const Cased = styled.svg`
  display: block;
  overflow: visible;
  path {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
    stroke-dasharray: 4 3;
  }
  &[data-begun] path {
    fill: #8f6a45;
    stroke-dasharray: none;
  }
  path[data-line] {
    fill: none;
    stroke: ${({ theme }) => theme.manila};
    stroke-dasharray: 2 3;
  }
`;

/** A manila tag with a punched hole. */
export const Tag = styled.span`
  margin-top: 0.1rem;
  max-width: 270px;
  background: radial-gradient(
    circle at 9px 0.8em,
    ${({ theme }) => theme.blue} 3px,
    ${({ theme }) => theme.manilaEdge} 3.6px 5px,
    ${({ theme }) => theme.manila} 5.6px
  );
  border-radius: 7px 3px 3px 7px;
  padding: 0.05rem 0.45rem 0.1rem 1.15rem;
  display: flex;
  flex-direction: column;
  font-size: 0.84rem;
  line-height: 1.15;
  font-variant-numeric: tabular-nums;
  b {
    color: ${({ theme }) => theme.alarm};
  }
  /* What hangs beside a knife says it in one line where there is room. */
  &[data-beside] {
    max-width: 340px;
  }
`;

export const End = styled.div`
  font-family: ${({ theme }) => theme.label};
  display: flex;
  flex-direction: column;
  em {
    font-size: 0.92rem;
  }
`;

import { styled } from 'styled-components';

export const Anvil = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 1rem;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  @media (max-width: 950px) {
    grid-template-columns: minmax(0, 1fr);
    > :last-child {
      grid-row: 1;
    }
  }
`;

/** Stays in view while the recipe is worked on. */
export const InView = styled.div`
  position: sticky;
  top: 0.5rem;
  display: flex;
  flex-direction: column;
  gap: 1rem;
  @media (max-width: 950px) {
    position: static;
  }
`;

/** What the billet shows, on layout blue. */
export const Shown = styled.div`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.9rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
  svg {
    display: block;
    width: 100%;
    height: auto;
    overflow: visible;
  }
  [data-line] {
    vector-effect: non-scaling-stroke;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.4px;
    fill: none;
  }
  figure {
    margin: 0;
  }
  figcaption {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.02rem;
    padding-top: 0.3rem;
  }
  [data-section] svg {
    max-height: 120px;
  }
`;

export const Steps = styled.ol`
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
`;

/** A work at the forge: done, next, or still to come. */
export const Step = styled.li`
  background: ${({ theme }) => theme.sheet};
  border: 1px solid ${({ theme }) => theme.line};
  border-left: 7px solid ${({ theme }) => theme.line};
  border-radius: 4px;
  padding: 0.7rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
  &[data-standing='DONE'] {
    border-left-color: ${({ theme }) => theme.good};
  }
  &[data-standing='NEXT'] {
    border-left-color: ${({ theme }) => theme.blue};
    background: #fff;
  }
  &[data-standing='REFUSED'] {
    border-left-color: ${({ theme }) => theme.alarm};
  }
  h3 {
    font-size: 1.2rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 0.9rem;
    align-items: baseline;
    justify-content: space-between;
  }
  header strong {
    font-variant-numeric: tabular-nums;
  }
  [data-caution] {
    background: #fff6df;
    border-left: 5px solid #9a5b00;
    padding: 0.3rem 0.7rem;
  }
`;

export const Figures = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(125px, 1fr));
  gap: 0.5rem 1rem;
  margin: 0;
  dt {
    font-family: ${({ theme }) => theme.label};
    color: ${({ theme }) => theme.quiet};
  }
  dd {
    margin: 0;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
`;

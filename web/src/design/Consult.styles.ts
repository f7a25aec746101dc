import { Tab, TabList, TabPanel, Tabs } from 'react-aria-components';
import { styled } from 'styled-components';

export const FigureStrip = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(128px, 1fr));
  gap: 0 1px;
  margin: 0;
  background: ${({ theme }) => theme.manila};
  border: 1px solid ${({ theme }) => theme.manilaEdge};
  border-radius: 4px;
  > div {
    padding: 0.35rem 0.7rem;
    border-right: 1px solid ${({ theme }) => theme.manilaEdge};
  }
  dt {
    font-family: ${({ theme }) => theme.label};
    font-size: 0.9rem;
  }
  dd {
    margin: 0;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
    line-height: 1.2;
  }
`;

export const Last = styled.p`
  min-height: 1.5em;
  font-variant-numeric: tabular-nums;
  &[data-refused] {
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
  }
`;

export const Leaves = styled(TabList)`
  display: flex;
  flex-wrap: wrap;
  border-bottom: 2px solid ${({ theme }) => theme.blue};
`;

export const Leaf = styled(Tab)`
  min-height: 44px;
  padding: 0.5rem 1.1rem;
  cursor: pointer;
  font-family: ${({ theme }) => theme.label};
  font-size: 1.1rem;
  border-radius: 4px 4px 0 0;
  &[data-selected] {
    background: ${({ theme }) => theme.blue};
    color: #fff;
    font-weight: 600;
  }
`;

/** The ring belongs to what has the focus, not to everything around it. */
export const Book = styled(Tabs)`
  &[data-focus-visible] {
    outline: none;
  }
`;

export const Page = styled(TabPanel)`
  &[data-focus-visible]:not(:focus-visible) {
    outline: none;
  }
  padding-top: 0.9rem;
  display: flex;
  flex-direction: column;
  gap: 0.9rem;
`;

export const Said = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(250px, 1fr));
  gap: 0.9rem 1.4rem;
  h3 {
    margin-bottom: 0.3rem;
  }
  > div > div {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
  }
`;

export const Sheets = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  gap: 1rem;
  align-items: start;
`;

export const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-variant-numeric: tabular-nums;
  th {
    text-align: left;
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
  }
  td,
  th {
    border-bottom: 1px solid ${({ theme }) => theme.line};
    padding: 0.25rem 0.5rem 0.25rem 0;
    vertical-align: top;
  }
  td:last-child:not(:first-child) {
    text-align: right;
  }
`;

export const Cuts = styled.div`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.8rem;
  display: flex;
  justify-content: space-around;
  align-items: flex-end;
  gap: 0.6rem;
  figure {
    margin: 0;
    text-align: center;
    font-family: ${({ theme }) => theme.label};
  }
  svg {
    display: block;
    margin: 0 auto 0.3rem;
    overflow: visible;
  }
  path {
    fill: rgb(232 240 250 / 16%);
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
    vector-effect: non-scaling-stroke;
  }
`;

export const Overlay = styled.div`
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 1rem;
  svg {
    display: block;
    width: 100%;
    height: auto;
    max-height: 40vh;
    overflow: visible;
  }
  path {
    fill: none;
    stroke-width: 1.6px;
    vector-effect: non-scaling-stroke;
  }
  [data-old] path {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-dasharray: 6 4;
  }
  [data-new] path {
    stroke: ${({ theme }) => theme.manila};
  }
`;

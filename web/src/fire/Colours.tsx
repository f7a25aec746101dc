import { styled } from 'styled-components';
import type { ColourView } from '../api/schema';
import { Panel } from '../parts/Sheet';
import { Caution } from './Fire.styles';

const Bars = styled.ul`
  list-style: none;
  padding: 0;
  margin: 0;
  li {
    display: grid;
    grid-template-columns: 5.5rem 4.5rem 1fr;
    gap: 0.8rem;
    align-items: center;
    padding: 0.12rem 0;
  }
  i {
    height: 1.3rem;
    border: 1px solid ${({ theme }) => theme.line};
    border-radius: 2px;
  }
  span {
    font-variant-numeric: tabular-nums;
    text-align: right;
  }
`;

/** Temper colours and the glow, with what makes them lie. */
export function Colours({ colours, cautions }: { colours: readonly ColourView[]; cautions: readonly string[] }) {
  const of = (kind: string) => (
    <Bars>
      {colours
        .filter((colour) => colour.kind === kind)
        .map((colour) => (
          <li key={colour.words}>
            <span>{colour.from}</span>
            <i style={{ background: colour.colour }} />
            {colour.words}
          </li>
        ))}
    </Bars>
  );
  return (
    <Panel aria-label="Colours">
      <h2>Temper colours</h2>
      {of('TEMPER')}
      <h2>The glow</h2>
      {of('GLOW')}
      {cautions.map((line) => (
        <Caution key={line}>{line}</Caution>
      ))}
    </Panel>
  );
}

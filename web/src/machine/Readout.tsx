import { type ReactNode, useState } from 'react';
import { styled } from 'styled-components';
import type { ReadoutView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Fields, Quiet, Row, Section } from '../parts/Sheet';

/** Big enough to be read at the mill. */
const Big = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-variant-numeric: tabular-nums;
  td,
  th {
    text-align: left;
    padding: 0.45rem 0.6rem 0.45rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  td + td,
  th + th {
    text-align: right;
    white-space: nowrap;
  }
  td + td {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.9rem;
    font-weight: 600;
  }
  @media (max-width: 480px) {
    td + td {
      font-size: 1.4rem;
    }
  }
`;

interface ReadoutProps {
  sheets: readonly ReadoutView[];
  page?: ReactNode;
}

/** The moves of a slot as they are set on the readout, from zero on. */
export function Readout({ sheets, page }: ReadoutProps) {
  const [part, setPart] = useState('');
  const [way, setWay] = useState('AS_DRAWN');
  const sheet = sheets.find((each) => each.part === part) ?? sheets[0];
  if (!sheet) {
    return null;
  }
  const isTurned = way === 'TURNED';
  return (
    <Section aria-label="Readout sheet">
      <Row>
        <h2>Readout sheet: slot of the {sheet.part.toLowerCase()}</h2>
        {page}
      </Row>
      <Fields>
        {sheets.length > 1 ? (
          <Choice
            label="Slot of"
            value={sheet.part}
            options={sheets.map((each) => ({ value: each.part, words: each.part }))}
            onChange={setPart}
          />
        ) : null}
        <Choice
          label="It lies"
          value={way}
          options={[
            { value: 'AS_DRAWN', words: 'as drawn' },
            { value: 'TURNED', words: 'end for end' },
          ]}
          onChange={setWay}
        />
      </Fields>
      <p>
        Cutter <strong>{sheet.cutter}</strong>, {sheet.onTheRack}
        {sheet.drill ? (
          <>
            , drill first <strong>{sheet.drill}</strong>
          </>
        ) : null}
        , <strong>{sheet.depth}</strong>: {sheet.running}
      </p>
      <Quiet>{sheet.assumed}</Quiet>
      <ul>
        {sheet.before.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <Big>
        <thead>
          <tr>
            <th>Move</th>
            <th>X</th>
            <th>Y</th>
          </tr>
        </thead>
        <tbody>
          {sheet.moves.map((move, index) => (
            // oxlint-disable-next-line react/no-array-index-key -- the moves are one fixed list, and words come again in it
            <tr key={`${index} ${move.words}`}>
              <td>{move.words}</td>
              <td>{isTurned ? move.turnedX : move.x}</td>
              <td>{isTurned ? move.turnedY : move.y}</td>
            </tr>
          ))}
        </tbody>
      </Big>
      <Quiet>X along the slot, Y across it, away from you. Walls are cut against the turning cutter.</Quiet>
    </Section>
  );
}

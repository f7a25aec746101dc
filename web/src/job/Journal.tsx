import { useState } from 'react';
import { styled } from 'styled-components';
import type { PieceView } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel } from '../parts/Sheet';
import { moment } from '../parts/words';

const FIRST_SHOWN = 12;

const Lines = styled.ol`
  font-size: 0.95rem;
  li {
    display: grid;
    grid-template-columns: 8.2rem 1fr;
    gap: 0.6rem;
    padding: 0.25rem 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  time {
    color: ${({ theme }) => theme.quiet};
    font-variant-numeric: tabular-nums;
  }
`;

/** Everything that happened to the piece, newest first. */
export function Journal({ piece }: { piece: PieceView }) {
  const [isWhole, setWhole] = useState(false);
  const shown = isWhole ? piece.past.journal : piece.past.journal.slice(0, FIRST_SHOWN);
  return (
    <Panel aria-label="Journal">
      <h2>Journal</h2>
      <Lines>
        {shown.map((entry) => (
          <li key={entry.sequence}>
            <time dateTime={new Date(entry.atMillis).toISOString()}>{moment(entry.atMillis)}</time>
            <span>
              {entry.words} <small>— {entry.who}</small>
            </span>
          </li>
        ))}
      </Lines>
      {piece.past.journal.length > FIRST_SHOWN ? (
        <div>
          <Press onPress={() => setWhole(!isWhole)}>
            {isWhole ? 'Show the latest only' : `Show all ${piece.past.journal.length}`}
          </Press>
        </div>
      ) : null}
    </Panel>
  );
}

import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { JobTable, PieceLine } from '../api/schema';
import { useNow } from '../live/useNow';
import { PutOn, WhoHas } from '../plan/PutOn';
import { Facts } from '../parts/Facts';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockUp, day, daysInHand } from '../parts/words';

/** A line for each piece; on a phone a block, each cell with what it says. */
const Wide = styled.div`
  overflow-x: auto;
  td,
  th {
    padding-right: 1rem;
    min-width: 5rem;
  }
  td > a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  tr[data-gone] {
    opacity: 0.65;
  }
  @media (max-width: 760px) {
    thead {
      display: none;
    }
    tr {
      display: grid;
      grid-template-columns: 1fr 1fr;
      border-bottom: 2px solid ${({ theme }) => theme.quiet};
      padding: 0.5rem 0;
    }
    td,
    th {
      border: none;
    }
    td::before {
      content: attr(data-label) ' ';
      display: block;
      font-family: ${({ theme }) => theme.label};
      color: ${({ theme }) => theme.quiet};
    }
  }
`;

/** Where does it stand? Every piece of a job in a line, each cell the way to where it is changed. */
export default function JobPage() {
  const { job: id } = useParams();
  const { data: job, error } = useQuery({
    queryKey: ['piece', 'job', Number(id)],
    queryFn: () => read<JobTable>(`/api/jobs/${id}`),
  });
  if (!job) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  const first = job.pieces[0]?.id;
  return (
    <>
      <Row>
        <h1>
          {job.number} · {job.title}
        </h1>
        <span>
          for <Link to={`/clients/${job.clientId}`}>{job.clientName}</Link>, promised {day(job.promisedOn)}
        </span>
        <Link to={`/jobs/${job.id}/consult`}>Consult</Link>
        <Link to={`/tags?of=pieces&job=${job.id}`}>Tags to print</Link>
      </Row>
      <q>{job.useWords}</q>
      <Row role="group" aria-label="Whose work it is">
        <span>
          All of it is on <b>{job.holder.name || 'nobody'}</b>
        </span>
        <PutOn what={`all of ${job.number}`} holder={job.holder} address={`/api/jobs/${job.id}/put-on`} />
      </Row>
      <Panel aria-label="Where it stands">
        <Wide>
          <Facts>
            <thead>
              <tr>
                <th>Piece</th>
                <th>Whose</th>
                <th>Art, slot</th>
                <th>Handle</th>
                <th>Stage</th>
                <th>Next</th>
                <th>Who has it</th>
                <th>Days</th>
              </tr>
            </thead>
            <tbody>
              {job.pieces.map((piece) => (
                <OnePiece key={piece.id} piece={piece} first={first} />
              ))}
            </tbody>
          </Facts>
        </Wide>
      </Panel>
    </>
  );
}

function OnePiece({ piece, first }: { piece: PieceLine; first?: number }) {
  const isAlive = piece.standing === 'ALIVE';
  const at = (part: string) => `/pieces/${piece.id}#${part}`;
  return (
    <tr data-gone={isAlive ? undefined : true}>
      <th>
        <Link to={`/pieces/${piece.id}`}>{piece.name}</Link>
      </th>
      <td data-label="Whose">
        <Link to={at('whose')}>{piece.whose}</Link>
      </td>
      <td data-label="Art, slot">
        <Link to={at('whose')}>{[piece.art, piece.rackSlot].filter(Boolean).join(', ') || '—'}</Link>
      </td>
      <td data-label="Handle">
        <Link to={at('specification')}>{piece.handle || '—'}</Link>
      </td>
      <td data-label="Stage">
        <Link to={at('route')}>{piece.standing === 'SCRAPPED' ? 'scrapped' : piece.stage}</Link>
        <br />
        {piece.doneSteps} of {piece.allSteps}
      </td>
      <td data-label="Next">
        <Next piece={piece} />
      </td>
      <td data-label="Who has it">
        {isAlive ? (
          <WhoHas
            name={piece.next?.holder.name || piece.holder.name || 'nobody'}
            what={piece.name}
            holder={piece.holder}
            address={`/api/pieces/${piece.id}/put-on`}
          />
        ) : (
          '—'
        )}
      </td>
      <td data-label="Days">
        {isAlive ? <Link to={`/pieces/${first ?? piece.id}#promise`}>{daysInHand(piece.inHand)}</Link> : '—'}
      </td>
    </tr>
  );
}

function Next({ piece }: { piece: PieceLine }) {
  const now = useNow();
  if (piece.heldReason) {
    return (
      <>
        <b>held:</b> {piece.heldReason}
      </>
    );
  }
  const { next } = piece;
  if (!next) {
    return <>—</>;
  }
  const left = next.untilMillis - now;
  return (
    <>
      <Link to={`/bench/${piece.id}/${next.operation}`}>{next.title}</Link>
      {next.standing === 'RUNNING' ? ', under way' : ''}
      {next.standing === 'RESTING' ? `, ${left > 0 ? `${clockUp(left)} left` : 'rest is up'}` : ''}
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { usePerson } from '../access/useSession';
import { read } from '../api/client';
import type { ClientFile, ClientJob, DrawnPiece, LetterView } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { WayTo } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { day, dayWithYearOf, moment } from '../parts/words';

const Knives = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
  gap: 0.8rem;
  figure {
    margin: 0 0 0.4rem;
    background: ${({ theme }) => theme.blue};
    border-radius: 4px;
    padding: 0.8rem;
  }
  svg {
    max-width: 100%;
    height: auto;
  }
`;

/** Pixels per millimetre, where there is room for it. */
const SCALE = 1.1;

/** A client: what was made for them and when, what they wished, what was written, and the same again. */
export default function ClientFilePage() {
  const { client: id } = useParams();
  const { data: client, error } = useQuery({
    queryKey: ['piece', 'client', Number(id)],
    queryFn: () => read<ClientFile>(`/api/clients/${id}`),
  });
  if (!client) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{client.name}</h1>
        <span>{client.contact || 'Nobody has written down how to reach them.'}</span>
      </Row>
      {client.jobs.map((job) => (
        <Job key={job.id} job={job} />
      ))}
      {client.earlier > 0 ? (
        <p>
          {client.earlier} earlier {client.earlier === 1 ? 'job' : 'jobs'}:{' '}
          <Link to={`/delivered?client=${client.id}`}>all that was delivered to {client.name}</Link>
        </p>
      ) : null}
      <Letters client={client.id} />
    </>
  );
}

function Job({ job }: { job: ClientJob }) {
  return (
    <Panel aria-label={`Job ${job.number}`}>
      <Row>
        <h2>
          <Link to={`/jobs/${job.id}`}>{job.number}</Link> · {job.title}
        </h2>
        <Quiet>promised {day(job.promisedOn)}</Quiet>
      </Row>
      <q>{job.useWords}</q>
      {job.wishes.length > 0 ? (
        <Quiet>
          {job.wishes.map((wish) => `${wish.words}: ${wish.agreed || wish.asked || wish.strength}`).join('; ')}
        </Quiet>
      ) : null}
      <Knives>
        {job.pieces.map((each) => (
          <Knife key={each.piece.id} each={each} />
        ))}
      </Knives>
    </Panel>
  );
}

const STANDING: Record<string, string> = { ALIVE: 'being made', SCRAPPED: 'scrapped' };

function Knife({ each: { piece, picture } }: { each: DrawnPiece }) {
  const isOwner = usePerson().role === 'OWNER';
  return (
    <li>
      {picture ? (
        <figure>
          <Silhouette
            drawing={picture.drawing}
            state="HANDED_OVER"
            finish={picture.finish}
            material={picture.handleMaterial}
            scale={SCALE}
            label={`${piece.name} as it is in the end`}
          />
        </figure>
      ) : null}
      <b>
        <Link to={`/pieces/${piece.id}`}>{piece.name}</Link>
      </b>
      {piece.forWhom && piece.forWhom !== piece.clientName ? ` for ${piece.forWhom}` : ''}:{' '}
      {piece.handedOverAtMillis > 0
        ? `handed over ${dayWithYearOf(piece.handedOverAtMillis)}`
        : STANDING[piece.standing]}
      <br />
      {piece.construction}, {piece.about}
      <Row>
        <Link to={`/pieces/${piece.id}/hand-over`}>Record and care card</Link>
        {isOwner ? <WayTo to={`/new?like=${piece.id}`}>The same again</WayTo> : null}
      </Row>
    </li>
  );
}

function Letters({ client }: { client: number }) {
  const { data } = useQuery({
    queryKey: ['piece', 'letters', client],
    queryFn: () => read<LetterView[]>(`/api/clients/${client}/letters`),
  });
  return data && data.length > 0 ? (
    <Panel aria-label="Letters">
      <h2>Letters</h2>
      <ul>
        {data.map((letter) => (
          <li key={letter.id}>
            <details>
              <summary>
                {moment(letter.atMillis)}, {letter.by}: {letter.subject}
              </summary>
              <p style={{ whiteSpace: 'pre-line' }}>{letter.words}</p>
            </details>
          </li>
        ))}
      </ul>
    </Panel>
  ) : null;
}

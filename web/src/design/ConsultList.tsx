import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { read } from '../api/client';
import type { TalkView } from '../api/schema';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { day } from '../parts/words';

/** Talks that wait for a yes, the nearest promise first. */
export default function ConsultList() {
  const { data } = useQuery({ queryKey: ['consult', 'all'], queryFn: () => read<TalkView[]>('/api/consult') });
  return (
    <>
      <Row>
        <h1>Consult</h1>
        <Link to="/new">New commission</Link>
        <Link to="/outbox">Outbox</Link>
        <Link to="/prices">Prices</Link>
      </Row>
      {data?.length === 0 ? <Quiet>Every outline is approved. A new commission begins a new talk.</Quiet> : null}
      {data?.map((talk) => (
        <Panel key={talk.jobId} aria-label={`${talk.number} ${talk.title}`}>
          <Row>
            <h2>
              <Link to={`/jobs/${talk.jobId}/consult`}>
                {talk.number} · {talk.title}
              </Link>
            </h2>
            <span>
              {talk.clientName}, promised {day(talk.promisedOn)}, revision {talk.revision}
              {talk.isSent ? ', waits for the client' : ''}
            </span>
          </Row>
          {talk.lastWish ? (
            <p>
              <q>{talk.lastWish}</q>
            </p>
          ) : null}
        </Panel>
      ))}
    </>
  );
}

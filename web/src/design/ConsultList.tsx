import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { TalkView } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { WayTo } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { useWidth } from '../parts/useWidth';
import { day, moment } from '../parts/words';

const Talks = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 30rem), 1fr));
  gap: 1rem;
`;

const Sheet = styled(Link)`
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 1rem;
  display: flex;
  justify-content: center;
  align-items: center;
  min-height: 150px;
`;

const WIDTH = 420;
const HEIGHT = 130;
/** Of the page, the panel and the sheet, on both sides. */
const AROUND = 110;

/** Talks that wait for a yes, those that wait for the shop first, and the nearest promise first. */
export default function ConsultList() {
  const { data } = useQuery({ queryKey: ['consult', 'all'], queryFn: () => read<TalkView[]>('/api/consult') });
  return (
    <>
      <Row>
        <h1>Consult</h1>
        <Link to="/outbox">Outbox</Link>
        <Link to="/prices">Prices</Link>
      </Row>
      {data?.length === 0 ? (
        <Panel>
          <p>Every outline is approved. A new commission begins a new talk.</p>
          <Row>
            <WayTo to="/new">New commission</WayTo>
          </Row>
        </Panel>
      ) : null}
      <Turn words="The shop’s turn" talks={data?.filter((talk) => !talk.waitsFor.isClient) ?? []} />
      <Turn words="The client’s turn" talks={data?.filter((talk) => talk.waitsFor.isClient) ?? []} />
    </>
  );
}

function Turn({ words, talks }: { words: string; talks: readonly TalkView[] }) {
  return talks.length === 0 ? null : (
    <>
      <h2>{words}</h2>
      <Talks>
        {talks.map((talk) => (
          <Talk key={talk.jobId} talk={talk} />
        ))}
      </Talks>
    </>
  );
}

function Talk({ talk }: { talk: TalkView }) {
  const { drawing, waitsFor } = talk;
  const scale = Math.min(Math.min(WIDTH, useWidth() - AROUND) / drawing.width, HEIGHT / drawing.height);
  const said = talk.lastWish[0];
  return (
    <Panel aria-label={`${talk.number} ${talk.title}`}>
      <Sheet to={`/jobs/${talk.jobId}/consult`} tabIndex={-1} aria-hidden>
        <Silhouette
          drawing={drawing}
          state="HANDED_OVER"
          finish={talk.finish}
          material={talk.handleMaterial}
          scale={scale}
          label={`Drawing of ${talk.title}`}
        />
      </Sheet>
      <h3>
        <Link to={`/jobs/${talk.jobId}/consult`}>
          {talk.number} · {talk.title}
        </Link>
      </h3>
      <p>
        {talk.clientName}, promised {day(talk.promisedOn)}, revision {talk.revision}
      </p>
      <p>
        <strong>{waitsFor.words}</strong> since {moment(waitsFor.sinceMillis)}.
      </p>
      {said ? (
        <p>
          <q>{said.words}</q>
          <Quiet as="span">
            {' '}
            {said.name}, {moment(said.atMillis)}
          </Quiet>
        </p>
      ) : null}
    </Panel>
  );
}

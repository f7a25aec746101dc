import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { ClientView, Thanks } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { FigureStrip } from './Consult.styles';

const Sheet = styled.main`
  max-width: 1100px;
  margin: 0 auto;
  padding: 1.2rem;
  display: flex;
  flex-direction: column;
  gap: 1rem;
`;

const Blue = styled.div`
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 2rem 1.5rem;
  svg {
    width: 100%;
    height: auto;
  }
`;

/** What a client sees through a link: their knife, the shop's words, and two ways to answer. */
export default function ClientPage() {
  const { token } = useParams();
  const [thanks, setThanks] = useState('');
  const { data, error } = useQuery({
    queryKey: ['client', token],
    queryFn: () => read<ClientView>(`/api/client/${token}`),
  });
  if (!data) {
    return <Sheet>{error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>}</Sheet>;
  }
  return (
    <Sheet>
      <header>
        <Quiet>{data.shopName}</Quiet>
        <h1>
          {data.title}, for {data.clientName}
        </h1>
        <p>
          <q>{data.useWords}</q>
        </p>
      </header>
      <Blue>
        <Silhouette
          drawing={data.drawing}
          state="HANDED_OVER"
          finish={data.finish}
          material={data.handleMaterial}
          scale={4}
          label={`Drawing of ${data.title}, revision ${data.revision}`}
        />
      </Blue>
      {data.hasSketch ? <img src={`/api/client/${token}/sketch`} alt="Your sketch" style={{ maxWidth: 480 }} /> : null}
      {data.message ? <p>{data.message}</p> : null}
      {data.words ? <Quiet>What we changed: {data.words}</Quiet> : null}
      <FigureStrip aria-label="Your knife in numbers">
        {[...data.figures, ...(data.price ? [{ key: 'price', label: 'Price', words: data.price }] : [])].map(
          (figure) => (
            <div key={figure.key}>
              <dt>{figure.label}</dt>
              <dd>{figure.words}</dd>
            </div>
          ),
        )}
      </FigureStrip>
      {thanks ? <p role="status">{thanks}</p> : null}
      {data.isApproved ? <p>The drawing is approved. The knife is now: {data.stage}.</p> : null}
      {data.isApproved || thanks ? null : <Answer token={token ?? ''} view={data} onThanked={setThanks} />}
    </Sheet>
  );
}

function Answer({ token, view, onThanked }: { token: string; view: ClientView; onThanked: (words: string) => void }) {
  const [name, setName] = useState('');
  const [words, setWords] = useState('');
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const answer = (what: 'approve' | 'wish') =>
    void run(async () => {
      onThanked((await change<Thanks>(`/api/client/${token}/${what}`, { name, words })).words);
      await queries.invalidateQueries({ queryKey: ['client', token] });
    });
  return (
    <Panel aria-label="Your answer">
      <h2>Is this your knife?</h2>
      <p>
        With your yes to revision {view.revision} steel is cut. If something should be different, say it in your own
        words.
      </p>
      <Entry label="Your name" value={name} onChange={setName} problem={problem?.at('name')} autoComplete="name" />
      <Entry label="What should be different" value={words} onChange={setWords} lines problem={problem?.at('words')} />
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" data-large isDisabled={isBusy || words.trim() !== ''} onPress={() => answer('approve')}>
          Yes, this is my knife
        </Press>
        <Press data-large isDisabled={isBusy} onPress={() => answer('wish')}>
          Send the wish
        </Press>
      </Row>
    </Panel>
  );
}

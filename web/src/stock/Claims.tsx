import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { ClaimView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Doorways } from './Doorways';
import { useClaims } from './useStock';

/** What came wrong or broken, and what came of it. */
export default function Claims() {
  const { data } = useClaims();
  return (
    <>
      <h1>Claims</h1>
      <Doorways />
      {data?.length === 0 ? <Quiet>Nothing came wrong or broken yet.</Quiet> : null}
      {data?.map((claim) => (
        <Panel key={claim.id} aria-label={claim.lot}>
          <h2>
            <Link to={`/stock/lots/${claim.lotId}`}>{claim.lot}</Link>
          </h2>
          <ClaimLine claim={claim} />
        </Panel>
      ))}
    </>
  );
}

export function ClaimLine({ claim }: { claim: ClaimView }) {
  const [words, setWords] = useState('');
  const { problem, isBusy, run } = useCaught();
  const settle = () => void run(() => change(`/api/stock/claims/${claim.id}/settle`, { words }));
  return (
    <>
      <p>
        <strong>{claim.amount}</strong>: {claim.words}{' '}
        <Quiet as="span">
          ({claim.by}, {moment(claim.atMillis)})
        </Quiet>
      </p>
      {claim.settled ? (
        <p>Settled: {claim.settled}</p>
      ) : (
        <Row>
          <Entry
            label="What came of it"
            value={words}
            onChange={setWords}
            problem={problem?.message}
            onEnter={settle}
          />
          <Press isDisabled={isBusy} onPress={settle}>
            Settle it
          </Press>
        </Row>
      )}
    </>
  );
}

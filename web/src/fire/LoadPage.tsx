import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { change } from '../api/client';
import type { LoadView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockDown, clockUp } from '../parts/words';
import { Candidates } from './Candidates';
import { Curve } from './Curve';
import { Face } from './Face';
import { Caution, Coming, Lines, Sides, Turns } from './Fire.styles';
import { Hands } from './Hands';
import { LoadPieces } from './LoadPieces';
import { isBurning, useFire, useLoad } from './useFire';

/** One load: who shares the fire, what must be ready, the curve with the work in it, and each piece's way out. */
export default function LoadPage() {
  const { data: load } = useLoad(Number(useParams().id));
  if (!load) {
    return <Quiet>One moment…</Quiet>;
  }
  const isOpen = load.standing === 'PLANNED' || isBurning(load);
  return (
    <>
      <Row>
        <h1>{load.treatment.words}</h1>
        <Link to="/fire">The fire</Link>
        <span>
          {load.kiln}
          {load.treatment.heat ? `, ${load.treatment.heat}, soak ${load.treatment.soak}` : ''}
          {load.treatment.heats > 1 ? `, heat ${load.treatment.heatNow} of ${load.treatment.heats}` : ''}
        </span>
      </Row>
      {load.standing === 'GIVEN_UP' ? <Trouble>Given up: {load.words}</Trouble> : null}
      {load.standing === 'OVER' ? (
        <Quiet>This fire is over. Its curve and each piece’s soak stay in their records.</Quiet>
      ) : null}
      <Sides data-burning={isBurning(load) || undefined}>
        <div>
          {load.clock.litAtMillis ? (
            <Curve
              kilnId={load.kilnId}
              from={load.clock.litAtMillis}
              to={isOpen ? 0 : load.clock.overAtMillis}
              caption={load.kiln}
              ahead={load.ahead}
            />
          ) : null}
          <LoadPieces load={load} />
          {load.standing === 'PLANNED' ? <Candidates load={load} /> : null}
          {load.temper.working.length > 0 && isOpen ? <Temper load={load} /> : null}
          {load.treatment.steps.length > 0 ? <Programme load={load} /> : null}
        </div>
        <div>
          {isBurning(load) ? <Kiln load={load} /> : null}
          {isOpen ? <Now load={load} /> : null}
        </div>
      </Sides>
    </>
  );
}

/** How the soak stands: since the kiln's recovery, and by the blade's own heat, which is an estimate. */
function Soaking({ load }: { load: LoadView }) {
  const { soaking } = load;
  if (!soaking.isRecovered) {
    return <p>The kiln has dropped by {soaking.drop} and comes back; the soak is not counted yet.</p>;
  }
  return (
    <Facts aria-label="The soak">
      <tbody>
        <tr>
          <td>Since the kiln’s recovery</td>
          <td>{clockDown(soaking.recoveredSeconds * 1000)}</td>
        </tr>
        <tr>
          <td>The slowest blade, by estimate</td>
          <td>
            {soaking.blade} of {load.treatment.heat}
          </td>
        </tr>
        <tr>
          <td>Soaked, counted {soaking.counts}</td>
          <td>
            <strong>{soaking.isCounting ? clockDown(soaking.soakedSeconds * 1000) : 'not yet'}</strong> of{' '}
            {load.treatment.soak}
          </td>
        </tr>
      </tbody>
    </Facts>
  );
}

/** What is next, and the one press that does it. */
function Now({ load }: { load: LoadView }) {
  const { problem, isBusy, run } = useCaught();
  const send = (what: string, body: unknown = {}) => void run(() => change(`/api/fire/loads/${load.id}/${what}`, body));
  const isAllOut = load.pieces.every((piece) => piece.leftAs);
  return (
    <Panel aria-label="Now">
      <h2>{load.standing === 'PLANNED' ? 'Before the fire' : 'Now'}</h2>
      <Row>
        {load.standing === 'PLANNED' ? (
          <Press
            data-kind="main"
            data-large
            isDisabled={isBusy || load.pieces.length === 0}
            onPress={() => send('light')}
          >
            Light the fire
          </Press>
        ) : null}
        {load.standing === 'LIT' ? (
          <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => send('in')}>
            The work is in
          </Press>
        ) : null}
        {load.standing === 'IN' && load.treatment.heatNow < load.treatment.heats ? (
          <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => send('next-heat')}>
            In again for the next heat
          </Press>
        ) : null}
        {load.standing === 'IN' && isAllOut ? (
          <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => send('end')}>
            The fire is over
          </Press>
        ) : null}
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {load.standing === 'IN' ? <Soaking load={load} /> : null}
      {load.ahead.length > 0 && !isAllOut ? (
        <Coming aria-label="What comes">
          {load.ahead.map((ahead) => (
            <li key={ahead.words}>
              <span>{ahead.words}</span>
              <strong>{ahead.seconds === 0 ? 'now' : `in ${clockUp(ahead.seconds * 1000)}`}</strong>
            </li>
          ))}
        </Coming>
      ) : null}
      <Hands load={load} />
      {load.cautions.map((line) => (
        <Caution key={line}>{line}</Caution>
      ))}
      <GiveUp load={load} />
    </Panel>
  );
}

/** What its kiln shows while it burns. */
function Kiln({ load }: { load: LoadView }) {
  const kiln = useFire().data?.kilns.find((each) => each.id === load.kilnId);
  return kiln ? <Face kiln={kiln} isHere /> : null;
}

function GiveUp({ load }: { load: LoadView }) {
  const [words, setWords] = useState<string | undefined>();
  const { problem, isBusy, run } = useCaught();
  if (words === undefined) {
    return (
      <Row>
        <Press data-kind="alarm" onPress={() => setWords('')}>
          Give this load up…
        </Press>
      </Row>
    );
  }
  return (
    <>
      <Entry label="Why" name="words" value={words} onChange={setWords} problem={problem?.at('words')} />
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="alarm"
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/fire/loads/${load.id}/give-up`, { words }))}
        >
          {load.standing === 'PLANNED' ? 'Give it up' : 'Put the fire out'}
        </Press>
        <Press onPress={() => setWords(undefined)}>Go on</Press>
      </Row>
    </>
  );
}

/** Whether the same kiln can temper in time what it hardens, said before the fire is lit. */
function Temper({ load }: { load: LoadView }) {
  return (
    <Panel aria-label="Temper in time">
      <h2>{load.temper.isInTime ? 'It can temper in time' : 'One kiln alone is too slow'}</h2>
      {load.temper.isInTime ? null : (
        <Trouble>This kiln is not down at tempering heat before the first blade has been brittle for too long.</Trouble>
      )}
      <Lines>
        {load.temper.working.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Lines>
      {load.temper.offers.length > 0 ? (
        <>
          <h3>What can be done</h3>
          <Lines>
            {load.temper.offers.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Lines>
        </>
      ) : null}
    </Panel>
  );
}

function Programme({ load }: { load: LoadView }) {
  return (
    <Panel aria-label="Programme">
      <h2>Programme</h2>
      <Turns>
        {load.treatment.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </Turns>
    </Panel>
  );
}

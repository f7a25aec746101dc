import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { usePerson } from '../access/useSession';
import { change } from '../api/client';
import type { FireView, LoadLine } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Face } from './Face';
import { Caution, Faces } from './Fire.styles';
import { ReadyTogether } from './ReadyTogether';
import { Slots } from './Slots';
import { NewKiln } from './NewKiln';
import { useFire } from './useFire';

const STANDING: Record<string, string> = {
  PLANNED: 'planned',
  LIT: 'the fire burns',
  IN: 'in the fire',
  OVER: 'over',
  GIVEN_UP: 'given up',
};

/** The fire: what each kiln shows, the loads that are planned and burning, and those that are over. */
export default function FirePage() {
  const { data } = useFire();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>The fire</h1>
        <Link to="/fire/steels">Steels and tempers</Link>
        <Link to="/fire/treater">Outside treater</Link>
      </Row>
      {data.kilns.length === 0 ? (
        <p>
          No kiln is written down yet. A stand-in plays its part until a real one is wired to it, so that loads can be
          planned and tried.
        </p>
      ) : null}
      <Faces>
        {data.kilns.map((kiln) => (
          <div key={kiln.id}>
            <Face kiln={kiln} />
            <Slots kiln={kiln} loads={data.open.filter((load) => load.kilnId === kiln.id)} />
          </div>
        ))}
      </Faces>
      <ReadyTogether />
      <Loads fire={data} />
      <SoakCounts fire={data} />
      <NewKiln kinds={data.controllers} />
      <Caution>{data.defer}</Caution>
    </>
  );
}

function Loads({ fire }: { fire: FireView }) {
  return (
    <Panel aria-label="Loads">
      <h2>Loads</h2>
      {fire.open.length === 0 ? (
        <Quiet>None is planned. Pieces of several jobs share a fire when their programmes agree.</Quiet>
      ) : (
        <Table loads={fire.open} />
      )}
      {fire.kilns.length > 0 ? <PlanLoad fire={fire} /> : null}
      {fire.past.length > 0 ? (
        <>
          <h3>Over</h3>
          <Table loads={fire.past} />
        </>
      ) : null}
    </Panel>
  );
}

/** A thermocouple is back at heat before a blade is: the owner says which of them a soak waits for. */
function SoakCounts({ fire }: { fire: FireView }) {
  const isOwner = usePerson().role === 'OWNER';
  const { problem, run } = useCaught();
  return (
    <Panel aria-label="How soaks are counted">
      <h2>How soaks are counted</h2>
      {isOwner ? (
        <Choice
          label="A soak counts"
          value={fire.soakCounts}
          options={fire.soakChoices}
          onChange={(counts) => void run(() => change('/api/fire/soak-counts', { counts }))}
        />
      ) : (
        <p>A soak counts {fire.soakChoices.find((each) => each.value === fire.soakCounts)?.words}.</p>
      )}
      <Quiet>
        The blade’s heat is reckoned from its thickness and from what the thermocouple showed, for bare steel; clay and
        foil take longer.
      </Quiet>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function Table({ loads }: { loads: readonly LoadLine[] }) {
  return (
    <Facts>
      <tbody>
        {loads.map((load) => (
          <tr key={load.id}>
            <td>
              <Link to={`/fire/loads/${load.id}`}>{load.treatment}</Link>
            </td>
            <td>{load.kiln}</td>
            <td>{load.pieces.length === 0 ? 'nothing in it yet' : load.pieces.join(', ')}</td>
            <td>
              {STANDING[load.standing]}
              {load.words ? `: ${load.words}` : ''}
            </td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

function PlanLoad({ fire }: { fire: FireView }) {
  const [wish, setWish] = useState({ kiln: '', treatment: 'HARDEN' });
  const { problem, isBusy, run } = useCaught();
  const go = useNavigate();
  const kiln = wish.kiln || String(fire.kilns[0]?.id ?? '');
  const plan = () =>
    void run(async () => {
      const receipt = await change('/api/fire/loads', { kiln: Number(kiln), treatment: wish.treatment });
      void go(`/fire/loads/${receipt.about}`);
    });
  return (
    <Row>
      <Choice
        label="For"
        value={wish.treatment}
        options={fire.treatments.map((each) => ({ value: each.treatment, words: each.words }))}
        onChange={(treatment) => setWish({ ...wish, treatment })}
      />
      <Choice
        label="In"
        value={kiln}
        options={fire.kilns.map((each) => ({ value: String(each.id), words: each.name }))}
        onChange={(value) => setWish({ ...wish, kiln: value })}
      />
      <Press data-kind="main" isDisabled={isBusy} style={{ alignSelf: 'end' }} onPress={plan}>
        Plan a load
      </Press>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Row>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { AskedFerric, FerricWorkedView, FerricBeingMade } from '../api/schema';
import { Tools } from '../calc/Tools';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockUp } from '../parts/words';
import { useFerric } from './useTank';

/** Ferric chloride that the shop makes, and how it is made harmless. Bought ready is the usual advice. */
export default function MakingPage() {
  const { data } = useFerric();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>Making and neutralising</h1>
        <Link to="/tank">The tank</Link>
      </Row>
      {data.cautions.map((caution) => (
        <Trouble key={caution}>{caution}</Trouble>
      ))}
      {data.making ? <UnderWay making={data.making} /> : <Plan />}
      <Tools station="TANK" />
    </>
  );
}

function Plan() {
  const [typed, type] = useState<AskedFerric>({
    acid: '',
    acidStrength: '31.45 %',
    iron: '',
    peroxide: '',
    peroxideStrength: '3 %',
  });
  const [worked, show] = useState<FerricWorkedView | undefined>();
  const { problem, isBusy, run } = useCaught();
  const field = (key: keyof AskedFerric, label: string) => (
    <Entry
      label={label}
      name={`ferric ${key}`}
      value={typed[key]}
      onChange={(value) => {
        type({ ...typed, [key]: value });
        show(undefined);
      }}
      problem={problem?.at(key)}
    />
  );
  return (
    <Panel aria-label="From iron">
      <h2>From iron, acid and peroxide</h2>
      <Fields>
        {field('acid', 'Hydrochloric acid, how much')}
        {field('acidStrength', 'How strong')}
        {field('iron', 'Iron, clean and degreased')}
        {field('peroxide', 'Peroxide, how much')}
        {field('peroxideStrength', 'How strong')}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          isDisabled={isBusy}
          onPress={() => void run(async () => show(await change<FerricWorkedView>('/api/tank/ferric/worked', typed)))}
        >
          Work it out
        </Press>
        {worked ? (
          <Press data-kind="main" isDisabled={isBusy} onPress={() => void run(() => change('/api/tank/ferric', typed))}>
            Begin, outdoors
          </Press>
        ) : null}
      </Row>
      {worked ? <Worked worked={worked} /> : null}
    </Panel>
  );
}

function Worked({ worked }: { worked: FerricWorkedView }) {
  return (
    <>
      <p>
        It comes to <b>{worked.strength}</b>, about {worked.volume}.
      </p>
      {worked.runsOut.map((line) => (
        <Trouble key={line}>{line}</Trouble>
      ))}
      <p>
        Iron until no bubble rises: {worked.ironUntilNoBubbles}. So that all of the acid ends in it: {worked.ironForAll}
        . Peroxide for this iron: {worked.peroxideNeeded}, in <b>{worked.portions}</b> portions of {worked.portion};
        none while the vessel is at {worked.tooHot} or more.
      </p>
      <Quiet>{worked.moles.join('; ')}</Quiet>
    </>
  );
}

function UnderWay({ making }: { making: FerricBeingMade }) {
  const now = useNow();
  const [temperature, read] = useState('');
  const { problem, isBusy, run } = useCaught();
  const address = `/api/tank/ferric/${making.id}`;
  const wait = making.waitMillis - now;
  return (
    <Panel aria-label="Being made">
      <h2>Being made</h2>
      <Worked worked={making.worked} />
      {making.areBubblesGone ? (
        <>
          <p>
            <b>{making.portions.length}</b> portions are in, {making.portionsLeft} to come.{' '}
            {wait > 0 ? `The last one still works: ${clockUp(wait)}, and stir.` : ''}
          </p>
          {making.portions.map((portion, index) => (
            <Quiet key={`${index} ${portion}`}>
              Portion {index + 1}: {portion}
            </Quiet>
          ))}
          <Fields>
            <Entry
              label="How warm the vessel is now"
              name="vessel"
              value={temperature}
              onChange={read}
              problem={problem?.at('temperature')}
            />
          </Fields>
          <Row>
            <Press
              data-kind="main"
              data-large
              isDisabled={isBusy || wait > 0 || making.portionsLeft === 0}
              onPress={() =>
                void run(async () => {
                  await change(`${address}/portions`, { temperature });
                  read('');
                })
              }
            >
              A portion goes in
            </Press>
            {making.portions.length === 0 ? (
              <Press
                isDisabled={isBusy}
                onPress={() => void run(() => change(`${address}/bubbles`, { areGone: false }))}
              >
                Bubbles rise still
              </Press>
            ) : null}
          </Row>
        </>
      ) : (
        <Row>
          <Press
            data-kind="main"
            data-large
            isDisabled={isBusy}
            onPress={() => void run(() => change(`${address}/bubbles`, { areGone: true }))}
          >
            No bubble rises from fresh iron
          </Press>
        </Row>
      )}
      <Refused problem={problem} />
      <Row>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`${address}/end`))}>
          {making.portionsLeft === 0 && making.areBubblesGone ? 'It is made' : 'End it here'}
        </Press>
      </Row>
    </Panel>
  );
}

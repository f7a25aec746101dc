import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { change, upload } from '../api/client';
import type { KindView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Ask, Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Doorways } from './Doorways';
import { usualOf } from '../parts/Question';
import { LotFields, asked } from './LotFields';
import { useKinds } from './useStock';

/** Something came: what it is, whether it is what was ordered, and where it lies from now on. */
export default function Receive() {
  const { data: kinds } = useKinds();
  const [name, setName] = useState('BAR');
  const kind = kinds?.find((each) => each.kind === name);
  return (
    <>
      <h1>Something came</h1>
      <Doorways />
      <div style={{ maxWidth: 320 }}>
        <Choice
          label="What kind of thing"
          value={name}
          options={(kinds ?? []).map((each) => ({ value: each.kind, words: each.words }))}
          onChange={setName}
        />
      </div>
      {kind ? <Arrived key={kind.kind} kind={kind} /> : null}
    </>
  );
}

const NOTHING = { amount: '', pieces: '1', orderedThickness: '', claimed: '', claim: '' };

function Arrived({ kind }: { kind: KindView }) {
  const [entries, setEntries] = useState(() => usualOf(kind.fields));
  const [looked, setLooked] = useState(NOTHING);
  const [photo, setPhoto] = useState<File | undefined>();
  const [received, setReceived] = useState<number | undefined>();
  const navigate = useNavigate();
  const { problem, isBusy, run, clear } = useCaught();
  const put = (key: string, value: string) => setEntries({ ...entries, [key]: value });
  const look = (field: keyof typeof NOTHING) => (value: string) => setLooked({ ...looked, [field]: value });
  const isQuestion = problem?.kind === 'question';
  const receive = (isSure: boolean) =>
    void run(async () => {
      const lot =
        received ??
        (await change('/api/stock/lots', { kind: kind.kind, entries: asked(kind, entries), ...looked, isSure })).about;
      setReceived(lot);
      if (photo) {
        await upload(`/api/stock/lots/${lot}/files`, photo, { what: 'PHOTO' });
      }
      await navigate(`/stock/lots/${lot}`);
    });
  const field = (name: keyof typeof NOTHING, label: string, echo?: string) => (
    <Entry
      label={label}
      name={name}
      value={looked[name]}
      onChange={look(name)}
      problem={problem?.at(name)}
      echo={echo}
    />
  );
  return (
    <>
      <Panel aria-label="What it is">
        <h2>What it is</h2>
        <LotFields kind={kind} of="ITEM" entries={entries} problem={problem} onChange={put} />
      </Panel>
      <Panel aria-label="Looked at on arrival">
        <h2>Looked at on arrival</h2>
        <Fields>
          {field('amount', kind.isSawn ? 'Length of each' : 'How much is good', kind.amountAccepted)}
          {kind.isSawn ? field('pieces', 'How many are good') : null}
          {kind.fields.some((each) => each.key === 'thickness')
            ? field('orderedThickness', 'Thickness ordered', 'to compare with the one measured')
            : null}
          {field('claimed', 'Missing or damaged', kind.isSawn ? 'how many pieces; empty for none' : 'empty for none')}
          {looked.claimed ? field('claim', 'What is wrong with it') : null}
        </Fields>
        <Row>
          <PickFile accepts={PICTURES} onPicked={setPhoto}>
            {photo ? 'Another photograph' : 'Take a photograph'}
          </PickFile>
          {photo ? <span>{photo.name}</span> : null}
        </Row>
      </Panel>
      <Panel aria-label="How it lies here">
        <h2>How it lies here</h2>
        <LotFields kind={kind} of="LOT" entries={entries} problem={problem} onChange={put} />
      </Panel>
      <Panel aria-label="How more is bought">
        <h2>How more is bought</h2>
        <LotFields kind={kind} of="SUPPLY" entries={entries} problem={problem} onChange={put} />
      </Panel>
      {problem && !isQuestion ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => receive(false)}>
          {received ? 'Send the photograph' : 'Put it on the rack'}
        </Press>
        {received ? (
          <span>
            It lies on the rack; only the photograph was not kept. Take another, or{' '}
            <Link to={`/stock/lots/${received}`}>leave it without one</Link>.
          </span>
        ) : (
          <Quiet>What is missing or damaged becomes a claim and does not go on the rack.</Quiet>
        )}
      </Row>
      <Ask title="Not what was ordered" isOpen={isQuestion} onClose={clear}>
        <p>{problem?.message}</p>
        <Row>
          <Press data-kind="main" data-large onPress={() => receive(true)}>
            Take it as measured
          </Press>
          <Press data-large onPress={clear}>
            Leave it off the rack
          </Press>
        </Row>
      </Ask>
    </>
  );
}

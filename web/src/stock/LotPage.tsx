import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { change, upload } from '../api/client';
import type { KindView, LotPage as LotPageData } from '../api/schema';
import { Facts } from '../parts/Facts';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Picture, Pictures } from '../parts/Pictures';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { ClaimLine } from './Claims';
import { Doorways } from './Doorways';
import { LotFields, asked } from './LotFields';
import { Moving } from './Moving';
import { Saw } from './Saw';
import { Lot } from './Stock.styles';
import { Yield } from './Yield';
import { useKinds, useLot } from './useStock';

/** One lot: how much there is, to whom it is promised, what became of it. */
export default function LotPage() {
  const { data: lot, error } = useLot(Number(useParams().id));
  const { data: kinds } = useKinds();
  const kind = kinds?.find((each) => each.kind === lot?.kind);
  if (!lot || !kind) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return <OnTheRack key={lot.lot.id} page={lot} kind={kind} />;
}

function OnTheRack({ page, kind }: { page: LotPageData; kind: KindView }) {
  const { lot } = page;
  const { problem, isBusy, run } = useCaught();
  return (
    <>
      <Row>
        <h1>{lot.words}</h1>
        <Link to={`/tags?of=lots&one=/stock/lots/${lot.id}`}>Tag</Link>
      </Row>
      <Doorways />
      <Panel aria-label="What is there">
        <Lot>
          <div>
            <dt>There</dt>
            <dd>{lot.amount}</dd>
          </div>
          <div>
            <dt>Free</dt>
            <dd>{lot.free}</dd>
          </div>
          {kind.fields
            .filter((field) => field.group !== 'ITEM' && page.entries[field.key])
            .map((field) => (
              <div key={field.key}>
                <dt>{field.label}</dt>
                <dd>
                  {field.choices.find((choice) => choice.value === page.entries[field.key])?.words ??
                    page.entries[field.key]}
                </dd>
              </div>
            ))}
        </Lot>
        {lot.promises.map((promise) => (
          <Row key={promise.id}>
            <span>
              {promise.amount || 'Its use is'} promised to{' '}
              <Link to={`/pieces/${promise.pieceId}`}>{promise.piece}</Link>, {promise.job}, by {promise.by}
            </span>
            <Press
              isDisabled={isBusy}
              onPress={() => void run(() => change(`/api/stock/promises/${promise.id}/release`))}
            >
              Release it
            </Press>
          </Row>
        ))}
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        <Row>
          <Moving lot={lot} kind={kind} />
          {kind.kind === 'BLOCK' ? <Saw lot={lot.id} /> : null}
        </Row>
      </Panel>
      {kind.kind === 'BAR' ? <Yield lot={lot.id} /> : null}
      <Describe page={page} kind={kind} />
      <Files page={page} />
      {page.claims.length > 0 ? (
        <Panel aria-label="Claims">
          <h2>Claims</h2>
          {page.claims.map((claim) => (
            <ClaimLine key={claim.id} claim={claim} />
          ))}
        </Panel>
      ) : null}
      <Panel aria-label="What became of it">
        <h2>What became of it</h2>
        <Facts>
          <tbody>
            {page.movements.map((movement, index) => (
              <tr key={`${movement.atMillis} ${index}`}>
                <td>{movement.what}</td>
                <td>{movement.amount}</td>
                <td>{movement.words}</td>
                <td>
                  {movement.by}, {moment(movement.atMillis)}
                </td>
              </tr>
            ))}
          </tbody>
        </Facts>
      </Panel>
    </>
  );
}

/** Changes what belongs to the lot, and how more of its kind is bought. Where two did so at once, both see both and choose. */
function Describe({ page, kind }: { page: LotPageData; kind: KindView }) {
  const [before, setBefore] = useState<Record<string, string>>({});
  const [changed, setChanged] = useState<Record<string, string> | undefined>();
  const { problem, isBusy, run, clear } = useCaught();
  const keep = (all: Record<string, string>, seen: Record<string, string>) =>
    void run(async () => {
      const entries = asked(kind, all);
      await change(`/api/stock/lots/${page.lot.id}/describe`, { entries, before: seen });
      await change(`/api/stock/items/${page.lot.itemId}/supply`, { entries, before: seen });
      setChanged(undefined);
    });
  if (!changed) {
    const begin = () => {
      setBefore(page.entries);
      setChanged(page.entries);
    };
    return (
      <div>
        <Press onPress={begin}>Change what is written down</Press>
      </div>
    );
  }
  const put = (key: string, value: string) => setChanged({ ...changed, [key]: value });
  const both = problem?.both ?? [];
  const theirs = Object.fromEntries(both.map((each) => [each.field, each.theirsIs]));
  const settle = (entries: Record<string, string>) => {
    clear();
    setBefore({ ...before, ...theirs });
    setChanged(entries);
    keep(entries, { ...before, ...theirs });
  };
  const leave = () => {
    clear();
    setChanged(undefined);
  };
  return (
    <Panel aria-label="Change what is written down">
      <h2>This lot</h2>
      <LotFields kind={kind} of="LOT" entries={changed} problem={problem} onChange={put} />
      <h2>How more is bought</h2>
      <LotFields kind={kind} of="SUPPLY" entries={changed} problem={problem} onChange={put} />
      {problem && both.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => keep(changed, before)}>
          Keep it
        </Press>
        <Press onPress={leave}>Leave it as it was</Press>
      </Row>
      <BothChanged both={both} onTheirs={() => settle({ ...changed, ...theirs })} onMine={() => settle(changed)} />
    </Panel>
  );
}

const SHOWS = [
  { value: 'PHOTO', words: 'A photograph' },
  { value: 'MILL_SHEET', words: 'A mill sheet' },
  { value: 'PAPERS', words: 'Papers of a protected species' },
];

function Files({ page }: { page: LotPageData }) {
  const [what, setWhat] = useState('PHOTO');
  const { problem, isBusy, run } = useCaught();
  const keep = (picture: File) => void run(() => upload(`/api/stock/lots/${page.lot.id}/files`, picture, { what }));
  return (
    <Panel aria-label="Pictures and papers">
      <h2>Pictures and papers</h2>
      <Pictures>
        {page.files.map((each) => (
          <Picture key={each.id} path={`/api/stock/files/${each.id}`} alt={each.fileName}>
            {SHOWS.find((show) => show.value === each.what)?.words}
          </Picture>
        ))}
      </Pictures>
      <Row>
        <Choice label="What it shows" quiet value={what} options={SHOWS} onChange={setWhat} />
        <PickFile accepts={[...PICTURES, 'application/pdf']} isDisabled={isBusy} onPicked={keep}>
          Add a picture or a PDF
        </PickFile>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

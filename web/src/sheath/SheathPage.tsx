import { Link, useSearchParams } from 'react-router';
import type { LeatherBenchView, SheathView } from '../api/schema';
import { Listed, Panel, Quiet, Row } from '../parts/Sheet';
import { Thirds } from '../parts/Thirds';
import { WaitsHere } from '../parts/WaitsHere';
import { PutOn } from '../plan/PutOn';
import { Cutting } from './Cutting';
import { InOrder } from './Sheath.styles';
import { Trial } from './Trial';
import { useLeatherBench, useSheath } from './useSheath';

/** The leather bench: what waits, the chosen sheath as it is cut, and what is done to it in its order. */
export default function SheathPage() {
  const { data } = useLeatherBench();
  const [search] = useSearchParams();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const piece = Number(search.get('piece')) || (data.waiting[0]?.piece ?? 0);
  return (
    <>
      <Row>
        <h1>The leather bench</h1>
        <Link to="/stations/LEATHER">What lies here</Link>
      </Row>
      <Bench bench={data} piece={piece} />
    </>
  );
}

function Bench({ bench, piece }: { bench: LeatherBenchView; piece: number }) {
  const { data: sheath } = useSheath(piece);
  return (
    <Thirds>
      <div>
        <WaitsHere
          label="Sheaths that are not fitted yet"
          room="/sheath"
          waiting={bench.waiting}
          chosen={piece}
          nothing="No sheath waits to be made."
          when={(each) => `${each.state}${each.with ? `, ${each.with}` : ''}. ${each.isNow ? 'Now: ' : 'Later: '}`}
        />
        <Leather bench={bench} />
      </div>
      <div>
        {sheath ? (
          <Panel aria-label={`Sheath of ${sheath.pieceName}`}>
            <Row>
              <h2>
                <Link to={`/pieces/${piece}`}>{sheath.pieceName}</Link> sheath, {sheath.jobTitle}
              </h2>
            </Row>
            <p>
              {sheath.kind}: <strong>{sheath.state.toLowerCase()}</strong>
            </p>
            <Cutting sheath={sheath} />
          </Panel>
        ) : null}
      </div>
      <div>{sheath ? <AtHand key={sheath.id} sheath={sheath} /> : null}</div>
    </Thirds>
  );
}

function AtHand({ sheath }: { sheath: SheathView }) {
  return (
    <Panel aria-label="What is done to it">
      <h2>In this order</h2>
      <Row role="group" aria-label="Whose work the sheath is">
        <span>
          The sheath is on <b>{sheath.holder.name || 'nobody'}</b>
        </span>
        <PutOn what="the sheath" holder={sheath.holder} address={`/api/pieces/${sheath.id}/stations/LEATHER/put-on`} />
      </Row>
      <InOrder>
        {sheath.steps.map((step) => (
          <li key={step.operation} data-stage={step.stage}>
            <Link to={`/bench/${sheath.id}/${step.operation}`}>{step.title}</Link>
            {step.waitsFor ? <Quiet as="div">waits for: {step.waitsFor}</Quiet> : null}
          </li>
        ))}
      </InOrder>
      <Trial sheath={sheath} />
    </Panel>
  );
}

function Leather({ bench }: { bench: LeatherBenchView }) {
  return (
    <Panel aria-label="Leather on the rack">
      <h2>Leather</h2>
      {bench.leather.length === 0 ? <Quiet>No leather is on the rack.</Quiet> : null}
      <Listed>
        {bench.leather.map((each) => (
          <li key={each.lot}>
            <Link to={`/sheath/sides/${each.lot}`}>{each.words}</Link>
            <Quiet as="div">
              {each.left}; {each.size ? `measured ${each.size}` : 'nobody has measured it yet'}
            </Quiet>
          </li>
        ))}
      </Listed>
    </Panel>
  );
}

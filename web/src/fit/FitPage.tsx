import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { FitWaitingView } from '../api/schema';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Thirds } from '../parts/Thirds';
import { WaitsHere } from '../parts/WaitsHere';
import { AtHand, Besides } from './FitPart';
import { Passages } from './Passages';
import { Sections } from './Sections';
import { GrainOf } from './GrainOf';
import { Scales } from './Scales';
import { useFit, useFits } from './useFit';

/** The fitting bench: what waits, the chosen piece in section, and what is measured of it. */
export default function FitPage() {
  const { data: waiting } = useFits();
  const [search] = useSearchParams();
  if (!waiting) {
    return <Quiet>One moment…</Quiet>;
  }
  const chosen = Number(search.get('piece')) || waiting.find((each) => each.isNow)?.piece || waiting[0]?.piece;
  return (
    <>
      <Row>
        <h1>The fitting bench</h1>
        <Link to="/stations/FITTING">What lies here</Link>
      </Row>
      {chosen ? <Bench key={chosen} waiting={waiting} piece={chosen} /> : <Quiet>No handle waits to be fitted.</Quiet>}
    </>
  );
}

function Bench({ waiting, piece }: { waiting: readonly FitWaitingView[]; piece: number }) {
  const [spacer, setSpacer] = useState('');
  const here = waiting.find((each) => each.piece === piece);
  const { data: fit } = useFit(piece, spacer, !here?.isOfScales);
  return (
    <Thirds>
      <div>
        <WaitsHere
          label="Waits to be fitted"
          room="/fit"
          waiting={waiting}
          chosen={piece}
          nothing="Nothing waits to be fitted."
          when={(each) => (each.isNow ? 'Now: ' : 'Later: ')}
        />
      </div>
      <div>
        {fit ? (
          <Panel aria-label={`Fit of ${fit.pieceName}`}>
            <Row>
              <h2>
                <Link to={`/pieces/${piece}`}>{fit.pieceName}</Link>, {fit.jobTitle}
              </h2>
              {here ? <Link to={`/bench/${piece}/${here.step}`}>{here.stepWords}</Link> : null}
            </Row>
            <Sections fit={fit} />
            <Passages fit={fit} />
            <Besides fit={fit} step={here?.step ?? ''} spacer={spacer} onSpacer={setSpacer} />
          </Panel>
        ) : null}
        {here?.isOfScales ? (
          <Panel aria-label={`Handle of ${here.pieceName}`}>
            <Row>
              <h2>
                <Link to={`/pieces/${piece}`}>{here.pieceName}</Link>, {here.jobTitle}
              </h2>
              <Link to={`/bench/${piece}/${here.step}`}>{here.stepWords}</Link>
            </Row>
            <Scales piece={piece} />
          </Panel>
        ) : null}
      </div>
      <div>
        {here?.isOfScales ? (
          <Panel aria-label="Grain">
            <GrainOf piece={piece} />
          </Panel>
        ) : null}
        {fit ? <AtHand fit={fit} step={here?.step ?? ''} spacer={spacer} onSpacer={setSpacer} /> : null}
      </div>
    </Thirds>
  );
}

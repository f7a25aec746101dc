import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { GlueBenchView } from '../api/schema';
import { KeptForm } from '../parts/KeptForm';
import { Press } from '../parts/Press';
import { Listed, Panel, Quiet, Row } from '../parts/Sheet';
import { Thirds } from '../parts/Thirds';
import { WaitsHere } from '../parts/WaitsHere';
import { DryRun } from './DryRun';
import { MixClock } from './MixClock';
import { Mixing } from './Mixing';
import { useGlue, useGlueBench, useSheetFields } from './useGlue';

/** The gluing bench: what waits, every mix on its clock, the chosen piece, and the data sheets. */
export default function GluePage() {
  const { data } = useGlueBench();
  const [search] = useSearchParams();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const piece = Number(search.get('piece')) || (data.waiting[0]?.piece ?? 0);
  return (
    <>
      <Row>
        <h1>The gluing bench</h1>
        <Link to="/stations/GLUING">What lies here</Link>
      </Row>
      <Thirds>
        <div>
          <WaitsHere
            label="Waits to be glued"
            room="/glue"
            waiting={data.waiting}
            chosen={piece}
            nothing="Nothing waits to be glued."
          />
        </div>
        <div>
          <h2>On the clock</h2>
          {data.mixes.length === 0 ? <Quiet>Nothing is mixed.</Quiet> : null}
          {data.mixes.map((mix) => (
            <MixClock key={mix.id} mix={mix} />
          ))}
          {piece ? <Chosen key={piece} piece={piece} /> : null}
        </div>
        <div>
          <Sheets bench={data} />
        </div>
      </Thirds>
    </>
  );
}

function Chosen({ piece }: { piece: number }) {
  const [reckoned, setReckoned] = useState({ sheet: '', temperature: '', scaleStep: '' });
  const { data: glue } = useGlue(piece, reckoned);
  return glue ? (
    <Panel aria-label={`Gluing of ${glue.pieceName}`}>
      <Row>
        <h2>
          <Link to={`/pieces/${piece}`}>{glue.pieceName}</Link>, {glue.jobTitle}
        </h2>
        {glue.step ? <Link to={`/bench/${piece}/${glue.step}`}>{glue.stepWords}</Link> : null}
      </Row>
      <DryRun glue={glue} />
      <Mixing glue={glue} reckoned={reckoned} onReckoned={setReckoned} />
    </Panel>
  ) : null;
}

function Sheets({ bench }: { bench: GlueBenchView }) {
  const [isCopying, setCopying] = useState(false);
  return (
    <Panel aria-label="Data sheets">
      <Row>
        <h2>Data sheets</h2>
        {isCopying ? null : <Press onPress={() => setCopying(true)}>Copy one down</Press>}
      </Row>
      {bench.sheets.length === 0 ? (
        <Quiet>None yet: ratio, times and warmth as the maker of your adhesive states them.</Quiet>
      ) : null}
      <Listed>
        {bench.sheets.map((sheet) => (
          <li key={sheet.id}>
            <Link to={`/glue/sheets/${sheet.id}`}>
              <strong>{sheet.name}</strong>
            </Link>
            <Quiet as="div">
              {sheet.kind}; {sheet.ratio}; {sheet.times}
            </Quiet>
          </li>
        ))}
      </Listed>
      {isCopying ? <Another onLeave={() => setCopying(false)} /> : null}
    </Panel>
  );
}

function Another({ onLeave }: { onLeave: () => void }) {
  const { data } = useSheetFields();
  const go = useNavigate();
  return data ? (
    <KeptForm
      address="/api/glue/sheets"
      fields={data}
      basedOn={0}
      words="Keep the sheet"
      onKept={(receipt) => void go(`/glue/sheets/${receipt.about}`)}
      onLeave={onLeave}
    />
  ) : null;
}

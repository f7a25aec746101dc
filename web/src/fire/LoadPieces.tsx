import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { LoadPieceView, LoadView } from '../api/schema';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockDown } from '../parts/words';
import { Slot, SlotList } from './Fire.styles';

/** The pieces of a load in the order in which they leave it. */
export function LoadPieces({ load }: { load: LoadView }) {
  const { problem, isBusy, run, clear } = useCaught();
  const [asked, setAsked] = useState(0);
  const next = load.pieces.find((piece) => !piece.leftAs);
  const send = (what: string, body: unknown) => void run(() => change(`/api/fire/loads/${load.id}/${what}`, body));
  const out = (piece: LoadPieceView, sure: boolean) => {
    setAsked(piece.id);
    send('out', { piece: piece.id, sure });
  };
  const isLastHeat = load.treatment.heatNow >= load.treatment.heats;
  return (
    <Panel aria-label="In this load">
      <Row>
        <h2>In this load, in the order out</h2>
        {load.treatment.cycle ? <span>about {load.treatment.cycle} from one to the next</span> : null}
      </Row>
      {load.pieces.length === 0 ? <Quiet>Nothing yet.</Quiet> : null}
      {problem?.kind === 'question' ? (
        <Trouble role="alert">
          {problem.message}{' '}
          <Press onPress={() => load.pieces.filter((piece) => piece.id === asked).forEach((piece) => out(piece, true))}>
            Yes, out
          </Press>{' '}
          <Press onPress={clear}>No</Press>
        </Trouble>
      ) : problem ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
      <SlotList>
        {load.pieces.map((piece) => (
          <Slot
            key={piece.id}
            aria-label={piece.name}
            data-turn={piece === next || undefined}
            data-wrong={piece.fileTest === 'BITES' || piece.leftAs === 'NOT_TREATED' || undefined}
            data-done={piece.standing === 'DONE' || undefined}
          >
            <b>{piece.order}</b>
            <div>
              <Link to={`/pieces/${piece.id}`}>{piece.name}</Link> {piece.job}
              <small>
                slot {piece.slot}, {piece.steel}, {piece.cover}
              </small>
              <Standing piece={piece} load={load} />
            </div>
            <div>
              {load.standing === 'PLANNED' ? (
                <Press isDisabled={isBusy} onPress={() => send('leave', { piece: piece.id })}>
                  Take it out of the list
                </Press>
              ) : null}
              {load.standing === 'IN' &&
              !piece.leftAs &&
              isLastHeat &&
              (load.treatment.isQuenched || piece === next) ? (
                <Press
                  data-kind={piece === next ? 'main' : undefined}
                  data-large
                  isDisabled={isBusy}
                  onPress={() => out(piece, false)}
                >
                  {load.treatment.isQuenched ? 'Out, quenched' : 'All out'}
                </Press>
              ) : null}
              {piece.leftAs === 'TREATED' && load.treatment.isQuenched && !piece.fileTest ? (
                <>
                  <Press
                    data-large
                    isDisabled={isBusy}
                    onPress={() => send('file-test', { piece: piece.id, skates: true })}
                  >
                    File skates
                  </Press>
                  <Press
                    data-large
                    data-kind="alarm"
                    isDisabled={isBusy}
                    onPress={() => send('file-test', { piece: piece.id, skates: false })}
                  >
                    File bites
                  </Press>
                </>
              ) : null}
            </div>
          </Slot>
        ))}
      </SlotList>
    </Panel>
  );
}

/** Where a piece stands in this fire, and what it needs now. */
function Standing({ piece, load }: { piece: LoadPieceView; load: LoadView }) {
  const now = useNow();
  if (piece.leftAs === 'NOT_TREATED') {
    return <em>Not treated: the fire was given up.</em>;
  }
  if (!piece.leftAs) {
    return <small>true soak {piece.planned}</small>;
  }
  return (
    <>
      <small>
        out after {piece.soaked}
        {piece.fileTest === 'SKATES' ? ', the file skates' : ''}
      </small>
      {piece.fileTest === 'BITES' ? (
        <em>
          Not hard: the file bites.{' '}
          {piece.standing === 'RUNNING' ? (
            <Link to={`/bench/${piece.id}/${piece.operation}?went-wrong=NOT_HARD`}>What now?</Link>
          ) : (
            'It went its way back.'
          )}
        </em>
      ) : null}
      {piece.isUntempered && piece.temperBy > 0 ? (
        <em>Brittle: temper within {clockDown(piece.temperBy - now)}. </em>
      ) : null}
      {load.treatment.isQuenched ? <Link to={`/fire/pieces/${piece.id}`}>Hardness and warp</Link> : null}
    </>
  );
}

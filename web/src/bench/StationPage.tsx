import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { usePerson } from '../access/useSession';
import { read } from '../api/client';
import type { Coming, PieceView, StationPage as Page } from '../api/schema';
import { Tools } from '../calc/Tools';
import { Silhouette } from '../blade/Silhouette';
import { usePieceOf } from '../api/usePiece';
import { useNow } from '../live/useNow';
import { Choice } from '../parts/Choice';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { PutOn } from '../plan/PutOn';
import { day } from '../parts/words';
import { StationWords } from '../route/StationWords';
import { type Station, useStations } from '../route/useStations';
import { BenchList } from './BenchList';
import { Blue, Halves, Pick, Picks } from './Bench.styles';
import { PARTS } from './rooms';
import { useFolded } from './useFolded';
import { Workplaces } from './Workplaces';

/** Lines of a list that are shown at once, so that the piece at hand is not far below. */
const FIRST = 4;
/** Pixels per millimetre, where there is room for it. */
const SCALE = 3;

/** A station of the shop: what lies here, what comes next, the piece at hand and the tools for it. */
export default function StationPage() {
  const { station = '' } = useParams();
  return station in PARTS ? (
    <AtTheStation key={station} station={station as Station} />
  ) : (
    <Trouble role="alert">The shop has no such station.</Trouble>
  );
}

function AtTheStation({ station }: { station: Station }) {
  const { data } = useQuery({
    queryKey: ['station', station],
    queryFn: () => read<Page>(`/api/stations/${station}`),
  });
  const now = useNow();
  const isOwner = usePerson().role === 'OWNER';
  const { words, room } = useStations()(station);
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{words}</h1>
        {room ? <Link to={room.page}>{room.words}</Link> : null}
        <span>
          What comes here is on <b>{data.holder.name || 'nobody'}</b>
        </span>
        <PutOn
          what="what comes here"
          holder={data.holder}
          address={`/api/stations/${station}/put-on`}
          station={station}
        />
      </Row>
      <Workplaces
        station={station}
        workplaces={data.workplaces}
        stiffnesses={data.stiffnesses}
        isKeptHere={isOwner && !room}
      />
      <Halves>
        <div>
          <BenchList
            title="Lies here"
            rows={data.here}
            now={now}
            nothing="Nobody is at a step here."
            first={FIRST}
            isAtOneStation
          />
          <BenchList
            title="Can be started here"
            rows={data.next}
            now={now}
            nothing="Nothing waits for this station."
            first={FIRST}
            isAtOneStation
          />
          <ComingHere coming={data.coming} />
        </div>
        <AtHand station={station} page={data} />
      </Halves>
    </>
  );
}

/** What is one step away, and where it is until then. */
function ComingHere({ coming }: { coming: readonly Coming[] }) {
  const { some, more } = useFolded(coming, FIRST);
  return (
    <Panel aria-label="Comes here next">
      <h2>Comes here next</h2>
      {coming.length === 0 ? <Quiet>Nothing is one step away.</Quiet> : null}
      <Picks>
        {some.map((each) => (
          <li key={each.pieceId}>
            <Pick to={`/bench/${each.pieceId}/${each.operation}`}>
              <strong>{each.pieceName}</strong>
              <span>
                {each.title}
                <small>
                  after {each.after}, <StationWords station={each.at} />
                </small>
              </span>
              <span>
                <small>{day(each.promisedOn)}</small>
              </span>
            </Pick>
          </li>
        ))}
      </Picks>
      {more}
    </Panel>
  );
}

const kept = (piece: PieceView, field: string): string =>
  piece.knife.specification.find((line) => line.field === field)?.kept ?? '';

/** The picture of the piece that is worked on, with what the station has to say of it. */
function AtHand({ station, page }: { station: Station; page: Page }) {
  const rows = [...page.here, ...page.next].flatMap((row) =>
    row.pieces.map((piece) => [piece.id, `${piece.name}, ${row.jobTitle}: ${row.title}`] as const),
  );
  const lying = rows.filter(([each], index) => rows.findIndex(([other]) => other === each) === index);
  const [chosen, choose] = useState(0);
  const id = (lying.find(([each]) => each === chosen) ?? lying[0])?.[0] ?? 0;
  const { data: piece } = usePieceOf(id);
  return (
    <div>
      {lying.length > 1 ? (
        <Choice
          label="At hand"
          value={String(id)}
          options={lying.map(([each, words]) => ({ value: String(each), words }))}
          onChange={(value) => choose(Number(value))}
        />
      ) : null}
      {piece ? (
        <Panel aria-label="At hand">
          <Row>
            <h2>
              <Link to={`/pieces/${piece.id}`}>{piece.name}</Link>, {piece.job.title}
            </h2>
            {PARTS[station].links?.(piece)}
          </Row>
          <Blue>
            <Silhouette
              drawing={piece.knife.drawing}
              state={piece.now.state}
              finish={kept(piece, 'finish')}
              material={kept(piece, 'handleMaterial')}
              scale={SCALE}
              label={`Drawing of ${piece.name}, ${piece.now.stateWords}`}
            />
          </Blue>
          {PARTS[station].part?.(piece)}
        </Panel>
      ) : null}
      <Tools station={station} piece={piece?.id} />
    </div>
  );
}

import { Link, useParams } from 'react-router';
import type { PieceFire } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Sides, Turns } from './Fire.styles';
import { Hardness } from './Hardness';
import { usePieceFire } from './usePieceFire';
import { Warps } from './Warps';

/** One piece and the fire: what it asks, what it went through, how hard and how straight it came out. */
export default function PieceFirePage() {
  const id = Number(useParams().id);
  const { data: piece } = usePieceFire(id);
  if (!piece) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{piece.name} and the fire</h1>
        <Link to={`/pieces/${piece.id}`}>The piece</Link>
        <span>
          {piece.job}; {piece.steel}, heat {piece.heats}
        </span>
      </Row>
      <Sides>
        <div>
          <Hardness piece={piece} />
          <Warps piece={piece} />
        </div>
        <div>
          <Fires piece={piece} />
          {piece.programmes.map((programme) => (
            <Panel key={programme.treatment} aria-label={programme.treatment}>
              <h2>{programme.treatment}</h2>
              {programme.heat ? (
                <span>
                  {programme.heat}, {programme.soak}
                </span>
              ) : null}
              <Turns>
                {programme.steps.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </Turns>
            </Panel>
          ))}
        </div>
      </Sides>
    </>
  );
}

function Fires({ piece }: { piece: PieceFire }) {
  return (
    <Panel aria-label="Fires">
      <h2>Its fires</h2>
      {piece.fires.length === 0 ? <Quiet>None yet.</Quiet> : null}
      <Facts>
        <tbody>
          {piece.fires.map((fire) => (
            <tr key={fire.loadId}>
              <td>
                <Link to={`/fire/loads/${fire.loadId}`}>{fire.treatment}</Link>
              </td>
              <td>
                {fire.kiln}, {fire.heat}
              </td>
              <td>
                {fire.soaked ? `soaked ${fire.soaked}; ` : ''}
                {fire.left}
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
    </Panel>
  );
}

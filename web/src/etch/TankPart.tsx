import { Link } from 'react-router';
import type { PieceView } from '../api/schema';
import { Fold } from '../parts/Fold';
import { Quiet } from '../parts/Sheet';
import { IntoTheBath } from './IntoTheBath';
import { Rating } from './Rating';
import { TankClock } from './TankClock';
import { usePieceTank } from './useTank';

/** A blade at the tank: by which recipe in which bath, its clock, and how it came out. */
export function TankPart({ piece }: { piece: PieceView }) {
  const { data: room } = usePieceTank(piece.id);
  if (!room?.isEtched) {
    return null;
  }
  return (
    <>
      <h2>In the tank</h2>
      {room.run ? (
        <>
          {room.run.isAtTheTank ? <TankClock run={room.run} results={room.results} /> : null}
          {room.run.where === 'OVER' || room.run.where === 'BEFORE_AFTER_BATH' ? (
            <Rating key={room.run.id} run={room.run} ratings={room.ratings} />
          ) : null}
        </>
      ) : (
        <IntoTheBath room={room} pieces={[piece.id]} words="On the tank’s clock" />
      )}
      {room.before.map((run) => (
        <Fold
          key={run.id}
          title={`${run.recipeName}, ${run.bathName}`}
          comesTo={run.rated ? `${run.rated.rating}. ${run.rated.words}` : ''}
        >
          <Quiet>
            {run.cycles.map((cycle) => `${cycle.took} ${cycle.result}`).join('; ')}
            {run.rated?.depth ? `; ${run.rated.depth} deep` : ''}
          </Quiet>
          <Rating run={run} ratings={room.ratings} />
        </Fold>
      ))}
      <Link to="/tank">The tank</Link>
    </>
  );
}

import { Link } from 'react-router';
import type { PieceView } from '../api/schema';
import { Trouble } from '../parts/Sheet';
import { Along } from './Along';
import { BeltLog, BeltSheet } from './Belts';
import { Cuts } from './Cuts';
import { EdgeOf } from './EdgeOf';
import { Sizes } from './Sizes';
import { useGrind } from './useGrind';

/** A blade at the grinder: in section, measured, held against what this belt is to reach. */
export function GrindPart({ piece }: { piece: PieceView }) {
  const { data: room } = useGrind(piece.id);
  if (!room) {
    return null;
  }
  return (
    <>
      <h2>The grind</h2>
      <div role="status">
        {room.touch.map((touch) => (
          <Trouble key={touch.words}>{touch.words}.</Trouble>
        ))}
      </div>
      <Cuts room={room} />
      {room.isAtWork ? (
        <>
          <p>
            <strong>{room.belt.dips}</strong>{' '}
            {room.isHard ? (
              <Link to={`/bench/${piece.id}/finish-grind?went-wrong=BURNT_EDGE`}>Colour on the edge…</Link>
            ) : null}
          </p>
          <Sizes room={room} />
        </>
      ) : null}
      {room.bevelTo > 0 ? <Along piece={piece} room={room} /> : null}
      <BeltSheet room={room} />
      {room.isAtWork ? <BeltLog room={room} /> : null}
      <EdgeOf room={room} />
    </>
  );
}

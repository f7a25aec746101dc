import { Link } from 'react-router';
import type { HangingPiece } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { underWayWords, windowWords } from '../route/words';
import { standingWords } from './wallModel';
import { Hook, Tag } from './Wall.styles';

/** One piece on its rail: the silhouette, and a manila tag with what there is to know. */
export function Hanging({ piece, scale, now }: { piece: HangingPiece; scale: number; now: number }) {
  const isAlive = piece.standing === 'ALIVE';
  return (
    <Hook as={Link} to={`/pieces/${piece.id}`} data-away={!isAlive || undefined}>
      <Silhouette
        drawing={piece.drawing}
        state={piece.state}
        finish={piece.finish}
        scale={scale}
        label={`${piece.name}, ${standingWords(piece)}`}
      />
      <Tag>
        <strong>
          {piece.name} · {standingWords(piece)}
        </strong>
        {piece.heldReason ? <b>Held: {piece.heldReason}</b> : null}
        {piece.isStale ? <b>A part was made to a number that moved</b> : null}
        {piece.windows.map((window) => (
          <b key={window.operation}>{windowWords(window, now)}</b>
        ))}
        {piece.underWay.map((step) => (
          <span key={step.operation}>{underWayWords(step, now)}</span>
        ))}
        {isAlive && !piece.heldReason && piece.underWay.length === 0 && piece.windows.length === 0 ? (
          <span>next: {piece.nextTitle}</span>
        ) : null}
      </Tag>
    </Hook>
  );
}

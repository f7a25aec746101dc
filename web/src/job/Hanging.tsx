import { Link } from 'react-router';
import type { Drawing, HangingPiece, Rail } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { Ticking } from '../live/Ticking';
import { underWayWords, windowWords } from '../route/words';
import { ownWords, standingWords } from './wallModel';
import { Hook, Tag } from './Wall.styles';

interface HangingProps {
  piece: HangingPiece;
  rail: Rail;
  drawing: Drawing | undefined;
  scale: number;
}

/** One piece on its rail: the silhouette, and a manila tag with what there is to know. */
export function Hanging({ piece, rail, drawing, scale }: HangingProps) {
  const isAlive = piece.standing === 'ALIVE';
  const own = ownWords(piece, rail);
  return (
    <Hook as={Link} to={`/pieces/${piece.id}`} data-away={!isAlive || undefined}>
      {drawing ? (
        <Silhouette
          drawing={drawing}
          state={piece.state}
          finish={piece.finish}
          scale={scale}
          label={`${piece.name}, ${standingWords(piece)}`}
        />
      ) : null}
      <Tag>
        <strong>
          {piece.name} · {standingWords(piece)}
        </strong>
        {own ? <span>{own}</span> : null}
        {piece.heldReason ? <b>Held: {piece.heldReason}</b> : null}
        {piece.isStale ? <b>A part was made to a number that moved</b> : null}
        {piece.windows.map((window) => (
          <b key={window.operation}>
            <Ticking>{(now) => windowWords(window, now)}</Ticking>
          </b>
        ))}
        {piece.underWay.map((step) => (
          <span key={step.operation}>
            <Ticking>{(now) => underWayWords(step, now)}</Ticking>
          </span>
        ))}
        {isAlive && !piece.heldReason && piece.underWay.length === 0 && piece.windows.length === 0 ? (
          <span>
            next: {piece.nextTitle}
            {piece.with ? `, ${piece.with}` : ''}
          </span>
        ) : null}
      </Tag>
    </Hook>
  );
}

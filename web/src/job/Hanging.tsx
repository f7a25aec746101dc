import { Link } from 'react-router';
import type { Drawing, HangingPiece, HangingSheath, Rail, SettingView } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { Ticking } from '../live/Ticking';
import { settingWords } from '../route/adhesive';
import { underWayWords, windowWords } from '../route/words';
import { doing, ownWords, standingWords } from './wallModel';
import { Cased, Hook, Tag } from './Wall.styles';

interface HangingProps {
  piece: HangingPiece;
  rail: Rail;
  drawing: Drawing | undefined;
  scale: number;
  /** Adhesive in it that has not cured. */
  setting: SettingView | undefined;
}

/** One piece on its rail, and its sheath beside it. */
export function Hanging(props: HangingProps) {
  const sheath = props.piece.standing === 'ALIVE' ? props.piece.sheath : undefined;
  return (
    <>
      <Knife {...props} />
      {sheath ? <Sheath piece={props.piece} sheath={sheath} scale={props.scale} /> : null}
    </>
  );
}

/** A sheath is a piece of its own: drawn to the knife's scale, with its own tag once somebody has to do with it. */
function Sheath({ piece, sheath, scale }: { piece: HangingPiece; sheath: HangingSheath; scale: number }) {
  const isTagged = sheath.doneSteps > 0 || sheath.underWay.length > 0 || Boolean(sheath.with);
  return (
    <Hook as={Link} to={`/sheath?piece=${piece.id}`}>
      <Cased
        width={sheath.width * scale}
        height={sheath.height * scale}
        viewBox={`${sheath.minX} ${sheath.minY} ${sheath.width} ${sheath.height}`}
        role="img"
        aria-label={`${sheath.name}, ${sheath.stateWords.toLowerCase()}`}
        data-begun={sheath.doneSteps > 0 || undefined}
      >
        <path d={sheath.outline} />
        <path data-line d={sheath.seam} />
      </Cased>
      {isTagged ? (
        <Tag data-beside>
          <span>
            <strong>sheath · {sheath.stateWords.toLowerCase()}</strong>
            {sheath.nextTitle ? (
              <>
                {' · '}
                <Ticking>{(now) => doing(sheath, now)}</Ticking>
              </>
            ) : null}
          </span>
        </Tag>
      ) : null}
    </Hook>
  );
}

/** The silhouette, and a manila tag with what there is to know. */
function Knife({ piece, rail, drawing, scale, setting }: HangingProps) {
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
        {setting ? (
          <span>
            <Ticking>{(now) => settingWords(setting.phases, now)}</Ticking>
          </span>
        ) : null}
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

import type { Holder, PieceView } from '../api/schema';
import { PutOn } from '../plan/PutOn';
import { Quiet, Row } from '../parts/Sheet';

/** Who began a piece, where it lies, and on whom it and its job are. */
export function WhoseWork({ piece }: { piece: PieceView }) {
  const { beganBy, lies, piece: ofPiece, job } = piece.hands;
  return (
    <>
      <Quiet>
        {beganBy ? `Begun by ${beganBy}` : 'Nobody has begun it'}
        {lies ? `; it lies ${lies}` : ''}.
      </Quiet>
      <Row role="group" aria-label="Whose work it is">
        <On
          what={piece.job.pieces > 1 ? piece.name : 'It'}
          holder={ofPiece}
          address={`/api/pieces/${piece.id}/put-on`}
        />
        {piece.job.pieces > 1 ? (
          <On what="The whole job" holder={job} address={`/api/jobs/${piece.job.id}/put-on`} />
        ) : null}
      </Row>
    </>
  );
}

function On({ what, holder, address }: { what: string; holder: Holder; address: string }) {
  return (
    <>
      <span>
        {what} is on <b>{holder.name || 'nobody'}</b>
        {holder.word ? (
          <>
            : <q>{holder.word}</q>
          </>
        ) : null}
      </span>
      <PutOn what={what.replace(/^[IT]/, (first) => first.toLowerCase())} holder={holder} address={address} />
    </>
  );
}

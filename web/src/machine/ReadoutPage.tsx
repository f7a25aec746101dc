import { Link } from 'react-router';
import { usePiece } from '../api/usePiece';
import { Quiet } from '../parts/Sheet';
import { Readout } from './Readout';
import { useReadout } from './useMachine';

/** The readout sheet of a guard's slot on a page of its own: to stand at the mill, or to be printed. */
export default function ReadoutPage() {
  const { data: piece } = usePiece();
  const hasSlot = piece ? piece.knife.drawing.guard !== '' : false;
  const { data: sheet } = useReadout(piece?.id ?? 0, hasSlot);
  if (!piece) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <h1>Readout sheet, {piece.name}</h1>
      <p>
        <Link to={`/pieces/${piece.id}`}>{piece.name}</Link>, {piece.job.title}
      </p>
      {sheet ? <Readout sheet={sheet} /> : null}
      {hasSlot ? null : <Quiet>This knife has no guard to mill a slot into.</Quiet>}
    </>
  );
}

import { Link, useParams } from 'react-router';
import { usePiece } from '../api/usePiece';
import { Quiet } from '../parts/Sheet';
import { Readout } from './Readout';
import { useReadouts } from './useMachine';

/** The readout sheets of a piece on a page of their own: to stand at the mill, or to be printed. */
export default function ReadoutPage() {
  const { data: piece } = usePiece();
  const { data: sheets } = useReadouts(Number(useParams().id));
  if (!piece || !sheets) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <h1>Readout sheet, {piece.name}</h1>
      <p>
        <Link to={`/pieces/${piece.id}`}>{piece.name}</Link>, {piece.job.title}
      </p>
      {sheets.length > 0 ? <Readout sheets={sheets} /> : <Quiet>This knife has no slot to mill for a tang.</Quiet>}
    </>
  );
}

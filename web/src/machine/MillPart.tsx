import { Link } from 'react-router';
import type { PieceView } from '../api/schema';
import { Cutters } from './Cutters';
import { Holes } from './Holes';
import { Programs } from './Programs';
import { Readout } from './Readout';
import { useReadout } from './useMachine';

/** What is milled and drilled in a piece: the readout's moves, the holes, and the cutters. */
export function MillPart({ piece }: { piece: PieceView }) {
  const hasSlot = piece.knife.drawing.guard !== '';
  const { data: sheet } = useReadout(piece.id, hasSlot);
  return (
    <>
      {sheet ? (
        <Readout sheet={sheet} page={<Link to={`/pieces/${piece.id}/readout`}>On a page of its own, to print</Link>} />
      ) : null}
      <Holes piece={piece.id} />
      <Programs piece={piece.id} />
      <Cutters />
    </>
  );
}

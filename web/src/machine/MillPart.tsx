import { Link } from 'react-router';
import type { PieceView } from '../api/schema';
import { Cutters } from './Cutters';
import { Holes } from './Holes';
import { Programs } from './Programs';
import { Readout } from './Readout';
import { useReadouts } from './useMachine';

/** What is milled and drilled in a piece: the readout's moves, the holes, and the cutters. */
export function MillPart({ piece }: { piece: PieceView }) {
  const { data: sheets } = useReadouts(piece.id);
  return (
    <>
      {sheets && sheets.length > 0 ? (
        <Readout
          sheets={sheets}
          page={<Link to={`/pieces/${piece.id}/readout`}>On a page of its own, to print</Link>}
        />
      ) : null}
      <Holes piece={piece.id} />
      <Programs piece={piece.id} />
      <Cutters />
    </>
  );
}

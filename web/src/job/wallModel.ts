import type { HangingPiece, Rail } from '../api/schema';

const WIDEST_PIECE_PX = 330;
const LARGEST_SCALE = 0.85;

/** One scale for the whole wall: the longest piece still fits. */
export function scaleFor(rails: readonly Rail[]): number {
  const longest = Math.max(1, ...rails.flatMap((rail) => rail.pieces.map((piece) => piece.drawing.width)));
  return Math.min(LARGEST_SCALE, WIDEST_PIECE_PX / longest);
}

/** How the piece stands, in a word or two. */
export function standingWords(piece: HangingPiece): string {
  if (piece.standing === 'SCRAPPED') {
    return 'scrapped';
  }
  return piece.isUntempered ? 'hardened, untempered: brittle' : piece.stateWords;
}

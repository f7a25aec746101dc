import type { HangingPiece, Rail, UnderWay, WindowView } from '../api/schema';
import { clockDown, clockUp, dayOf } from '../parts/words';

const WIDEST_PIECE_PX = 330;
const LARGEST_SCALE = 0.85;

/** One scale for the whole wall: the longest piece still fits. */
export function scaleFor(rails: readonly Rail[]): number {
  const longest = Math.max(1, ...rails.flatMap((rail) => rail.pieces.map((piece) => piece.drawing.width)));
  return Math.min(LARGEST_SCALE, WIDEST_PIECE_PX / longest);
}

/** What rests longer than this is counted in days. */
const DAYS_FROM_MS = 48 * 3_600_000;

/** What a rest or a step under way says on the tag. */
export function underWayWords(step: UnderWay, now: number): string {
  if (!step.isResting) {
    return step.isPutDown ? `${step.title}: put down by ${step.who}` : `${step.who}: ${step.title}`;
  }
  const left = step.untilMillis - now;
  if (left > DAYS_FROM_MS) {
    return `${step.title}: ${step.restWords} since ${dayOf(step.sinceMillis)}, until ${dayOf(step.untilMillis)}`;
  }
  return left > 0 ? `${step.title}: ${step.restWords}, ${clockUp(left)} left` : `${step.title}: the rest is up`;
}

export function windowWords(window: WindowView, now: number): string {
  const left = window.closesAtMillis - now;
  if (left <= 0 && window.lost) {
    return `No longer ${window.lost}: done again before ${window.title}`;
  }
  return left > 0 ? `${window.title} within ${clockDown(left)}` : `${window.title} is overdue: ${window.consequence}`;
}

/** How the piece stands, in a word or two. */
export function standingWords(piece: HangingPiece): string {
  if (piece.standing === 'SCRAPPED') {
    return 'scrapped';
  }
  return piece.isUntempered ? 'hardened, untempered: brittle' : piece.stateWords;
}

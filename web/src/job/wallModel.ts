import { underWayWords, windowWords } from '../route/words';
import type { HangingPiece, HangingSheath, Rail, WallView } from '../api/schema';

/** Pixels of the longest knife on the wall. */
const WIDEST_PIECE_PX = 165;
const LARGEST_SCALE = 0.45;

/** One scale for the whole wall, so that knives can be compared: the longest still fits. */
export function scaleFor(drawings: WallView['drawings']): number {
  const longest = Math.max(1, ...drawings.map((drawing) => drawing.width));
  return Math.min(LARGEST_SCALE, WIDEST_PIECE_PX / longest);
}

/** How the piece stands, in a word or two. */
export function standingWords(piece: HangingPiece): string {
  if (piece.standing === 'SCRAPPED') {
    return 'scrapped';
  }
  return piece.isUntempered ? 'hardened, untempered: brittle' : piece.stateWords;
}

/** What is going on with it, or comes next, in one line. */
export function whatNow(piece: HangingPiece, now: number): string {
  if (piece.heldReason) {
    return `Held: ${piece.heldReason}`;
  }
  return doing(piece, now);
}

type Doing = Pick<HangingPiece, 'windows' | 'underWay' | 'nextTitle' | 'with'>;

/** What somebody is at on a knife or on its sheath, or what comes next. */
export function doing(work: Doing, now: number): string {
  const going = [
    ...work.windows.map((window) => windowWords(window, now)),
    ...work.underWay.map((step) => underWayWords(step, now)),
  ];
  return going.length > 0 ? going.join('; ') : `${work.nextTitle}${work.with ? `, ${work.with}` : ''}`;
}

/** The sheath of a piece that lives, as long as it is not fitted to it. */
export function sheathLeft(piece: HangingPiece): HangingSheath | undefined {
  return piece.standing === 'ALIVE' && piece.sheath?.nextTitle ? piece.sheath : undefined;
}

/** What is the same for every piece of a job is said once; on the tag stands what is a piece's own. */
export function saidOnce(rail: Rail): string {
  const [first] = rail.pieces;
  return first && rail.pieces.every((piece) => piece.facts === first.facts) ? first.facts : '';
}

/** What a piece's tag says of it beside its stage. */
export function ownWords(piece: HangingPiece, rail: Rail): string {
  return [saidOnce(rail) ? '' : piece.facts, piece.whose === rail.clientName ? '' : piece.whose]
    .filter(Boolean)
    .join(', ');
}

/** Which of the wall is looked at; what is empty does not matter. */
export interface Sought {
  isLate: boolean;
  isMine: boolean;
  isHeld: boolean;
  isResting: boolean;
  isWaiting: boolean;
  station: string;
  maker: string;
  client: string;
  /** Promised by this day, as an ISO date. */
  by: string;
}

export const EVERYTHING: Sought = {
  isLate: false,
  isMine: false,
  isHeld: false,
  isResting: false,
  isWaiting: false,
  station: '',
  maker: '',
  client: '',
  by: '',
};

/** The rails with what is sought hanging on them; a rail with nothing of it is not there. */
export function found(rails: readonly Rail[], sought: Sought, me: number): Rail[] {
  return rails
    .filter(
      (rail) =>
        (!sought.isLate || rail.daysInHand < 0) &&
        (!sought.client || String(rail.clientId) === sought.client) &&
        (!sought.by || rail.promisedOn <= sought.by),
    )
    .map((rail) => ({ ...rail, pieces: rail.pieces.filter((piece) => isSought(piece, sought, me)) }))
    .filter((rail) => rail.pieces.length > 0);
}

function isSought(piece: HangingPiece, sought: Sought, me: number): boolean {
  const sheath = sheathLeft(piece);
  const isWith = (person: string) => String(piece.withId) === person || String(sheath?.withId) === person;
  const underWay = [...piece.underWay, ...(sheath?.underWay ?? [])];
  return (
    (!sought.isMine || isWith(String(me))) &&
    (!sought.isHeld || Boolean(piece.heldReason)) &&
    (!sought.isResting || underWay.some((step) => step.isResting)) &&
    (!sought.isWaiting || piece.waitsForClient) &&
    (!sought.station || piece.at === sought.station || (sought.station === 'LEATHER' && sheath !== undefined)) &&
    (!sought.maker || isWith(sought.maker))
  );
}

/** Those who have something, once each, in the order of their names. */
export function named<T>(
  all: readonly T[],
  id: (each: T) => number,
  name: (each: T) => string,
): { value: string; words: string }[] {
  return [...new Map(all.filter((each) => id(each) > 0).map((each) => [id(each), name(each)])).entries()]
    .map(([key, words]) => ({ value: String(key), words }))
    .toSorted((one, other) => one.words.localeCompare(other.words));
}

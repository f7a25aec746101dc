import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { HangingPiece, Rail } from '../api/schema';
import { useNow } from '../live/useNow';
import { underWayWords, windowWords } from '../route/words';
import { day, daysInHand } from '../parts/words';
import { doing, sheathLeft, standingWords } from './wallModel';
import { useWall } from './Wall';

/** Fills the screen, in letters that are read at four metres: a finger's breadth high on a wall screen. */
const Board = styled.main`
  position: fixed;
  inset: 0;
  overflow: hidden;
  background: ${({ theme }) => theme.blueDeep};
  color: #fff;
  padding: 2vh 2.5vw;
  display: flex;
  flex-direction: column;
  gap: 1.4vh;
  font-family: ${({ theme }) => theme.label};
  font-size: clamp(1rem, 3.6vh, 3.4rem);
  line-height: 1.2;
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    h1 {
      font-size: 1.2em;
    }
    a {
      color: ${({ theme }) => theme.scribe};
      font-size: 0.6em;
    }
  }
  section {
    border-top: 3px solid ${({ theme }) => theme.scribeQuiet};
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    column-gap: 1em;
  }
  h2 {
    font-size: 1.1em;
  }
  em {
    font-style: normal;
  }
  li {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  ul {
    grid-column: 1 / -1;
  }
  b {
    color: ${({ theme }) => theme.manila};
  }
`;

const TURNS_EVERY_MS = 12_000;
/** Lines of the screen that a page has, a job's own among them. */
const LINES = 20;
/** Of one job; more are counted. */
const MOST_PIECES = 6;

/** Its own line, its pieces, and the line between it and the next. */
const linesOf = (rail: Rail): number => 1.6 + Math.min(MOST_PIECES + 1, rail.pieces.length);

const living = (rail: Rail): Rail => ({ ...rail, pieces: rail.pieces.filter((piece) => piece.standing === 'ALIVE') });

/** The rails by pages that fit the screen. */
function pagesOf(rails: readonly Rail[]): Rail[][] {
  const pages: Rail[][] = [];
  let left = 0;
  for (const rail of rails) {
    if (linesOf(rail) > left) {
      pages.push([]);
      left = LINES;
    }
    pages[pages.length - 1]?.push(rail);
    left -= linesOf(rail);
  }
  return pages;
}

/** The wall for a screen in the shop that nobody touches: it turns by itself, and says nothing of clients or money. */
export default function ScreenPage() {
  const { data } = useWall();
  const [turn, setTurn] = useState(0);
  const board = useRef<HTMLElement>(null);
  useEffect(() => {
    const timer = window.setInterval(() => setTurn((before) => before + 1), TURNS_EVERY_MS);
    return () => window.clearInterval(timer);
  }, []);
  const pages = pagesOf((data?.rails ?? []).map(living));
  const at = pages.length > 0 ? turn % pages.length : 0;
  return (
    <Board ref={board} onDoubleClick={() => void board.current?.requestFullscreen?.()}>
      <header>
        <h1>The wall{pages.length > 1 ? `, ${at + 1} of ${pages.length}` : ''}</h1>
        <Link to="/">Back to the shop’s pages</Link>
      </header>
      {data && pages.length === 0 ? <p>Nothing hangs on the wall.</p> : null}
      {pages[at]?.map((rail) => (
        <Job key={rail.jobId} rail={rail} />
      ))}
    </Board>
  );
}

function Job({ rail }: { rail: Rail }) {
  const now = useNow();
  const more = rail.pieces.length - MOST_PIECES;
  return (
    <section aria-label={`Job ${rail.number}`}>
      <h2>
        {rail.number} {rail.title}
      </h2>
      <em>
        {day(rail.promisedOn)},{' '}
        {rail.daysInHand < 0 ? <b>{daysInHand(rail.daysInHand)}</b> : daysInHand(rail.daysInHand)}
      </em>
      <ul>
        {rail.pieces.slice(0, MOST_PIECES).map((piece) => (
          <li key={piece.id}>
            {piece.name} {standingWords(piece)}: <What piece={piece} now={now} />
            <Cased piece={piece} now={now} />
          </li>
        ))}
        {more > 0 ? <li>and {more} more</li> : null}
      </ul>
    </section>
  );
}

function Cased({ piece, now }: { piece: HangingPiece; now: number }) {
  const sheath = sheathLeft(piece);
  return sheath ? (
    <>
      {' '}
      · sheath {sheath.stateWords.toLowerCase()}: {doing(sheath, now)}
    </>
  ) : null;
}

function What({ piece, now }: { piece: HangingPiece; now: number }) {
  const [window] = piece.windows;
  const [step] = piece.underWay;
  if (piece.heldReason) {
    return <b>held</b>;
  }
  if (window) {
    return <b>{windowWords(window, now)}</b>;
  }
  if (step) {
    return <>{underWayWords(step, now)}</>;
  }
  return (
    <>
      next {piece.nextTitle}
      {piece.with ? `, ${piece.with}` : ''}
    </>
  );
}

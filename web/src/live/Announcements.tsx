import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { styled } from 'styled-components';
import type { JournalEntry } from '../api/schema';
import { hasDrafts } from '../parts/drafts';
import { Press } from '../parts/Press';
import { clockTime } from '../parts/words';
import type { Unsent } from './unsent';
import { UnsentList, unsentWords } from './UnsentList';

/** Stands in the flow above the page's foot, so that it never covers what a finger is about to press. */
const Strip = styled.div`
  position: sticky;
  bottom: 0;
  z-index: 5;
  display: flex;
  flex-direction: column;
  gap: 1px;
`;

const Line = styled.div`
  background: ${({ theme }) => theme.ink};
  color: #fff;
  padding: 0.35rem 1rem;
  display: flex;
  gap: 1rem;
  align-items: center;
  justify-content: space-between;
  a {
    color: #fff;
  }
`;

interface AnnouncementsProps {
  unsent: readonly Unsent[];
  isConnected: boolean;
  announced: readonly JournalEntry[];
  onDismiss: (sequence: number) => void;
}

/** The page that was left with something on it that has not been sent. */
function useLeftDrafts() {
  const { pathname } = useLocation();
  const [at, setAt] = useState(pathname);
  const [left, setLeft] = useState<string | undefined>();
  if (pathname !== at) {
    setAt(pathname);
    setLeft(hasDrafts(at) ? at : undefined);
  }
  return { left, heard: () => setLeft(undefined) };
}

/** What everyone should hear: a rest that is up, a mishap, a lost connection. */
export function Announcements({ unsent, isConnected, announced, onDismiss }: AnnouncementsProps) {
  const { left, heard } = useLeftDrafts();
  const [isLooking, setLooking] = useState(false);
  return (
    <Strip role="status" aria-live="polite" data-no-print>
      {isConnected ? null : (
        <Line>The connection to the shop’s server is lost. Trying again; what you enter stays here.</Line>
      )}
      {unsent.length > 0 ? (
        <Line>
          <span>{unsentWords(unsent)}</span>
          <Press onPress={() => setLooking(true)}>Look</Press>
        </Line>
      ) : null}
      {isLooking ? <UnsentList unsent={unsent} onClose={() => setLooking(false)} /> : null}
      {left ? (
        <Line>
          <span>
            What you typed is kept on <Link to={left}>the page that you left</Link>.
          </span>
          <Press onPress={heard}>Heard</Press>
        </Line>
      ) : null}
      {announced.map((entry) => (
        <Line key={entry.sequence}>
          <span>
            {clockTime(entry.atMillis)} ·{' '}
            {entry.pieceId ? <Link to={`/pieces/${entry.pieceId}`}>{entry.words}</Link> : entry.words}
          </span>
          <Press onPress={() => onDismiss(entry.sequence)}>Heard</Press>
        </Line>
      ))}
    </Strip>
  );
}

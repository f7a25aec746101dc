import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { read } from '../api/client';
import type { BenchRow, NextView, PieceView, StepView } from '../api/schema';
import { WayTo } from '../parts/Press';
import { Quiet, Row } from '../parts/Sheet';
import { minutes } from '../parts/words';
import { nameOf, pageOf, wayOn } from './model';

/** What comes after this step: asked once it is done or rests. */
export function useNextUp(piece: PieceView, step: StepView): NextView | undefined {
  const { data } = useQuery({
    queryKey: ['bench', 'next', piece.id, step.operation, step.standing],
    queryFn: () => read<NextView>(`/api/bench/next?piece=${piece.id}&operation=${step.operation}`),
    enabled: step.standing === 'DONE' || step.standing === 'RESTING',
  });
  return data;
}

/** The one thing to do now, where *Done* was; with it the finger and the focus go on. */
export function NextStep({ next, piece }: { next: BenchRow; piece: PieceView }) {
  const way = useRef<HTMLAnchorElement>(null);
  const isOfPiece = next.pieces.some((each) => each.id === piece.id);
  useEffect(() => {
    if (document.activeElement === document.body) {
      way.current?.focus({ preventScroll: true });
    }
  }, []);
  return (
    <WayTo ref={way} data-large data-kind="main" to={wayOn(next, piece.id)}>
      Next: {isOfPiece && next.pieces.length === 1 ? '' : `${nameOf(next)}, `}
      {next.title}
    </WayTo>
  );
}

/** What fits into the rest, so that hands are free again before it is up. */
export function Meanwhile({ rows }: { rows: readonly BenchRow[] }) {
  return rows.length === 0 ? null : (
    <Row role="group" aria-label="While it rests">
      <Quiet>While it rests:</Quiet>
      {rows.map((row) => (
        <WayTo key={pageOf(row)} data-large to={pageOf(row)}>
          {nameOf(row)}, {row.title}, {minutes(row.clock.attendedMinutes)}
        </WayTo>
      ))}
    </Row>
  );
}

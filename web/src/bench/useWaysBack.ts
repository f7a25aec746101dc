import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Problem, read } from '../api/client';
import type { MishapChoice, Ways } from '../api/schema';

const PAUSE_MS = 250;

/** The ways back that are open if this went wrong now, asked a moment after the last keystroke. */
export function useWaysBack(piece: number, operation: string, mishap: MishapChoice | undefined, measured: string) {
  const [settled, setSettled] = useState(measured);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(measured), PAUSE_MS);
    return () => window.clearTimeout(timer);
  }, [measured]);
  const isAsked = Boolean(mishap) && !(mishap?.needsMeasure && settled === '');
  const asked = new URLSearchParams({ kind: mishap?.kind ?? '', measured: settled });
  const { data, error } = useQuery({
    queryKey: ['piece', piece, 'ways-back', operation, mishap?.kind, settled],
    queryFn: () => read<Ways>(`/api/pieces/${piece}/steps/${operation}/ways-back?${asked.toString()}`),
    enabled: isAsked,
    retry: false,
  });
  return { ways: isAsked ? data : undefined, problem: isAsked && error instanceof Problem ? error : undefined };
}

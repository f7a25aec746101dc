import { useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
import type { PieceView } from '../api/schema';
import { usePieceOf } from '../api/usePiece';

/** The old knife that a new talk begins from, where the address names one; handed over once, when it is there. */
export function useLike(begin: (old: PieceView) => void): PieceView | undefined {
  const [search] = useSearchParams();
  const { data } = usePieceOf(Number(search.get('like') ?? 0));
  const begun = useRef(0);
  useEffect(() => {
    if (data && begun.current !== data.id) {
      begun.current = data.id;
      begin(data);
    }
  }, [data, begin]);
  return data;
}

import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { read } from '../api/client';
import type { PieceView } from '../api/schema';

/** The piece that the page's address names. */
export function usePiece() {
  const id = Number(useParams().id);
  return useQuery({
    queryKey: ['piece', id],
    queryFn: () => read<PieceView>(`/api/pieces/${id}`),
    enabled: Number.isFinite(id),
  });
}

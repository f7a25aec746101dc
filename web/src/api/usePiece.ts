import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { read } from './client';
import type { PieceView } from './schema';

/** The piece that the page's address names. */
export const usePiece = () => usePieceOf(Number(useParams().id));

export function usePieceOf(id: number) {
  return useQuery({
    queryKey: ['piece', id],
    queryFn: () => read<PieceView>(`/api/pieces/${id}`),
    enabled: Number.isFinite(id) && id > 0,
  });
}

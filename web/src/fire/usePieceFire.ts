import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { PieceFire } from '../api/schema';

/** One piece and the fire. */
export function usePieceFire(id: number) {
  return useQuery({
    queryKey: ['fire', 'piece', id],
    queryFn: () => read<PieceFire>(`/api/fire/pieces/${id}`),
    enabled: Number.isFinite(id),
  });
}

import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { BathView, EtchBookView, PieceTankView, TankView } from '../api/schema';

/** What is in the tank now, what waits for it, and its baths. */
export function useTank() {
  return useQuery({ queryKey: ['tank'], queryFn: () => read<TankView>('/api/tank') });
}

/** A piece at the tank. */
export function usePieceTank(piece: number) {
  return useQuery({
    queryKey: ['tank', 'piece', piece],
    queryFn: () => read<PieceTankView>(`/api/tank/pieces/${piece}`),
  });
}

export function useBath(id: number) {
  return useQuery({ queryKey: ['tank', 'bath', id], queryFn: () => read<BathView>(`/api/tank/baths/${id}`) });
}

/** Every recipe that can be chosen, with what came of it. */
export function useEtchBook() {
  return useQuery({ queryKey: ['tank', 'recipes'], queryFn: () => read<EtchBookView>('/api/tank/recipes') });
}

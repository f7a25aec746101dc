import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type {
  BathView,
  EtchBookView,
  FerricView,
  MaskView,
  PieceMarkView,
  PieceTankView,
  StencilView,
  TankView,
} from '../api/schema';

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

/** The marks of a piece, and what can be marked with. */
export function usePieceMarks(piece: number) {
  return useQuery({
    queryKey: ['tank', 'marks', piece],
    queryFn: () => read<PieceMarkView>(`/api/tank/pieces/${piece}/marks`),
  });
}

/** The zones of a piece's mask. */
export function useMask(piece: number) {
  return useQuery({
    queryKey: ['tank', 'mask', piece],
    queryFn: () => read<MaskView>(`/api/tank/pieces/${piece}/mask`),
  });
}

export function useStencils() {
  return useQuery({ queryKey: ['tank', 'stencils'], queryFn: () => read<StencilView[]>('/api/tank/stencils') });
}

/** Ferric chloride that is being made, and what it takes care of. */
export function useFerric() {
  return useQuery({ queryKey: ['tank', 'ferric'], queryFn: () => read<FerricView>('/api/tank/ferric') });
}

import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { Buy, ClaimView, Cutting, KindView, LotPage, Materials, Racks } from '../api/schema';

/** The kinds of things that lie on a rack, with what is asked of each. */
export function useKinds() {
  return useQuery({ queryKey: ['kinds'], queryFn: () => read<KindView[]>('/api/stock/kinds') });
}

export function useRacks() {
  return useQuery({ queryKey: ['stock', 'racks'], queryFn: () => read<Racks>('/api/stock') });
}

export function useLot(id: number) {
  return useQuery({
    queryKey: ['stock', 'lot', id],
    queryFn: () => read<LotPage>(`/api/stock/lots/${id}`),
    enabled: Number.isFinite(id),
  });
}

export function useBuying() {
  return useQuery({ queryKey: ['stock', 'buying'], queryFn: () => read<Buy[]>('/api/stock/buying') });
}

export function useClaims() {
  return useQuery({ queryKey: ['stock', 'claims'], queryFn: () => read<ClaimView[]>('/api/stock/claims') });
}

export function useCutting() {
  return useQuery({ queryKey: ['stock', 'cutting'], queryFn: () => read<Cutting>('/api/stock/cutting') });
}

/** What a piece takes from the racks. */
export function useMaterials(piece: number) {
  return useQuery({
    queryKey: ['stock', 'materials', piece],
    queryFn: () => read<Materials>(`/api/pieces/${piece}/materials`),
  });
}

import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { LeatherBenchView, LeatherSideView, SheathView } from '../api/schema';

/** Sheaths that are not fitted yet, and the leather that lies here. */
export function useLeatherBench() {
  return useQuery({ queryKey: ['sheath'], queryFn: () => read<LeatherBenchView>('/api/sheath') });
}

/** A sheath, part by part. */
export function useSheath(piece: number) {
  return useQuery({
    queryKey: ['sheath', 'piece', piece],
    queryFn: () => read<SheathView>(`/api/sheath/pieces/${piece}`),
  });
}

/** A side of leather with what is cut from it. */
export function useSide(lot: number) {
  return useQuery({
    queryKey: ['sheath', 'side', lot],
    queryFn: () => read<LeatherSideView>(`/api/sheath/sides/${lot}`),
  });
}

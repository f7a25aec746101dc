import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { CuttersView, HolesView, ReadoutView } from '../api/schema';

/** The holes of a piece, and what they were measured at. */
export function useHoles(piece: number) {
  return useQuery({
    queryKey: ['piece', piece, 'holes'],
    queryFn: () => read<HolesView>(`/api/machine/pieces/${piece}/holes`),
  });
}

/** The readout's moves for the slots of guard and spacer; none where the knife has neither. */
export function useReadouts(piece: number) {
  return useQuery({
    queryKey: ['piece', piece, 'readout'],
    queryFn: () => read<ReadoutView[]>(`/api/machine/pieces/${piece}/readout`),
  });
}

export function useCutters() {
  return useQuery({ queryKey: ['cutters'], queryFn: () => read<CuttersView>('/api/machine/cutters') });
}

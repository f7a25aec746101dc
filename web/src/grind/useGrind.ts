import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { CutView, GrindView, HabitView } from '../api/schema';

/** A piece at the grinder. */
export function useGrind(piece: number) {
  return useQuery({
    queryKey: ['piece', piece, 'grind'],
    queryFn: () => read<GrindView>(`/api/grind/pieces/${piece}`),
  });
}

/** A cut across the blade at a share of the way from plunge to point. */
export function useCut(piece: number, share: number) {
  const at = share.toFixed(2);
  return useQuery({
    queryKey: ['piece', piece, 'grind', 'cut', at],
    queryFn: () => read<CutView>(`/api/grind/pieces/${piece}/section?at=${at}`),
    placeholderData: keepPreviousData,
  });
}

/** What the shop leaves behind an edge, by use. */
export function useEdges() {
  return useQuery({ queryKey: ['edges'], queryFn: () => read<HabitView[]>('/api/grind/edges') });
}

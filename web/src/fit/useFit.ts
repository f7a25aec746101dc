import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { FitCutView, FitView, FitWaitingView } from '../api/schema';

/** Pieces that have something to fit. */
export function useFits() {
  return useQuery({ queryKey: ['fit'], queryFn: () => read<FitWaitingView[]>('/api/fit') });
}

/** A piece with a hidden tang, and what one more spacer of this thickness would change. */
export function useFit(piece: number, spacer: string, isOfTang = true) {
  return useQuery({
    queryKey: ['fit', 'piece', piece, spacer],
    queryFn: () => read<FitView>(`/api/fit/pieces/${piece}?spacer=${encodeURIComponent(spacer)}`),
    placeholderData: keepPreviousData,
    enabled: isOfTang,
  });
}

/** A cut across tang and part, at a share of the way from the shoulder to the tang's end. */
export function useFitCut(piece: number, share: number) {
  const at = share.toFixed(2);
  return useQuery({
    queryKey: ['fit', 'cut', piece, at],
    queryFn: () => read<FitCutView>(`/api/fit/pieces/${piece}/cut?at=${at}`),
    placeholderData: keepPreviousData,
  });
}

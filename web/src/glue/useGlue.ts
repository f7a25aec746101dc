import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { AdhesiveSheetView, FieldView, GlueBenchView, GlueView } from '../api/schema';

/** What waits to be glued, every mix on its clock, and the data sheets. */
export function useGlueBench() {
  return useQuery({ queryKey: ['glue'], queryFn: () => read<GlueBenchView>('/api/glue') });
}

/** With what a piece is reckoned at the gluing bench; empty as it was read, and as usual. */
export interface Reckoned {
  sheet: string;
  temperature: string;
  scaleStep: string;
}

export function useGlue(piece: number, { sheet, temperature, scaleStep }: Reckoned) {
  const asked = new URLSearchParams({ sheet: sheet || '0', temperature, scaleStep });
  return useQuery({
    queryKey: ['glue', 'piece', piece, asked.toString()],
    queryFn: () => read<GlueView>(`/api/glue/pieces/${piece}?${asked.toString()}`),
    placeholderData: keepPreviousData,
  });
}

export function useSheet(id: number) {
  return useQuery({
    queryKey: ['glue', 'sheet', id],
    queryFn: () => read<AdhesiveSheetView>(`/api/glue/sheets/${id}`),
  });
}

/** What is asked of a new data sheet. */
export function useSheetFields() {
  return useQuery({ queryKey: ['glue', 'sheet-fields'], queryFn: () => read<FieldView[]>('/api/glue/sheet-fields') });
}

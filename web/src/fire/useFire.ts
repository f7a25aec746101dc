import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { AlarmView, CurveView, FireView, LoadView, TogetherView } from '../api/schema';

/** A fire moves by itself: it is looked at every second while its page is open. */
const LOOK_EVERY_MS = 1000;

const FIRE = { queryKey: ['fire', 'all'], queryFn: () => read<FireView>('/api/fire') };

export const useFire = () => useQuery({ ...FIRE, refetchInterval: LOOK_EVERY_MS });

/** Which kilns there are is no matter of seconds. */
export const useFireAsItWas = () => useQuery(FIRE);

/** What is ready for a heat; what is done at a bench changes it, and says so. */
export function useTogether() {
  return useQuery({ queryKey: ['fire', 'together'], queryFn: () => read<TogetherView[]>('/api/fire/together') });
}

/** What only somebody's press changes need not be looked at again and again. */
export const isBurning = (load: LoadView | undefined): boolean => load?.standing === 'LIT' || load?.standing === 'IN';

export function useLoad(id: number) {
  return useQuery({
    queryKey: ['fire', 'load', id],
    queryFn: () => read<LoadView>(`/api/fire/loads/${id}`),
    enabled: Number.isFinite(id),
    refetchInterval: ({ state }) => (isBurning(state.data) ? LOOK_EVERY_MS : false),
  });
}

/** What a kiln showed from a moment of its clock until now, or until another; one that is over is read once. */
export function useCurve(kiln: number, from: number, to: number) {
  return useQuery({
    queryKey: ['fire', 'curve', kiln, from, to],
    queryFn: () => read<CurveView>(`/api/fire/kilns/${kiln}/curve?from=${from}&to=${to}`),
    enabled: kiln > 0 && from > 0,
    refetchInterval: to > 0 ? false : 2 * LOOK_EVERY_MS,
  });
}

export function useAlarms() {
  return useQuery({ queryKey: ['alarms'], queryFn: () => read<AlarmView[]>('/api/alarms') });
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { RunView } from '../api/schema';
import { useCaught } from '../parts/Caught';

const ASK_AGAIN_MS = 400;

const isUnderWay = (run: RunView | undefined): boolean => Boolean(run && !run.plan && !run.isFailed);

/** A search for the best way to cut: begun, followed, ended early. */
export function useSearch() {
  const [begun, setBegun] = useState<RunView | undefined>();
  const { problem, run } = useCaught();
  const { data } = useQuery({
    queryKey: ['cutting', begun?.id],
    queryFn: () => read<RunView>(`/api/stock/cutting/${begun?.id}`),
    enabled: Boolean(begun),
    refetchInterval: (query) => (isUnderWay(query.state.data ?? begun) ? ASK_AGAIN_MS : false),
  });
  const found = begun ? (data ?? begun) : undefined;
  return {
    run: found,
    problem,
    isLooking: isUnderWay(found),
    begin: (asked: Record<string, string | number>) =>
      void run(async () => setBegun(await change<RunView>('/api/stock/cutting', asked))),
    cancel: () => void run(() => change(`/api/stock/cutting/${begun?.id}/cancel`)),
  };
}

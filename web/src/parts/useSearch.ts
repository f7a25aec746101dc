import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import { useCaught } from './Caught';

const ASK_AGAIN_MS = 400;

/**
 * A search that takes a while: begun, followed, ended early.
 *
 * @param address where it is begun, and below which it is followed by its number
 */
export function useSearch<R extends { id: number }>(address: string, isOver: (run: R) => boolean) {
  const [begun, setBegun] = useState<R | undefined>();
  const { problem, run } = useCaught();
  const isUnderWay = (each: R | undefined): boolean => Boolean(each && !isOver(each));
  const { data } = useQuery({
    queryKey: ['search', address, begun?.id],
    queryFn: () => read<R>(`${address}/${begun?.id}`),
    enabled: Boolean(begun),
    refetchInterval: (query) => (isUnderWay(query.state.data ?? begun) ? ASK_AGAIN_MS : false),
  });
  const found = begun ? (data ?? begun) : undefined;
  return {
    run: found,
    problem,
    isLooking: isUnderWay(found),
    begin: (asked: unknown) => void run(async () => setBegun(await change<R>(address, asked))),
    cancel: () => void run(() => change(`${address}/${begun?.id}/cancel`)),
  };
}

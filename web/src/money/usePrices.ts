import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { PricesView } from '../api/schema';

/** What the shop pays for materials, and what an hour costs. */
export const usePrices = () => useQuery({ queryKey: ['prices'], queryFn: () => read<PricesView>('/api/prices') });

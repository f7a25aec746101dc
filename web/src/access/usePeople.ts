import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { PersonView } from '../api/schema';

/** Who works here, and who did. */
export const usePeople = () => useQuery({ queryKey: ['people'], queryFn: () => read<PersonView[]>('/api/people') });

import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { TroubleView } from '../api/schema';
import { AlarmBar } from '../parts/AlarmBar';

/** What is wrong with the shop's data, on whatever page one is. It stays until it is over. */
export function Troubles() {
  const { data } = useQuery({ queryKey: ['trouble'], queryFn: () => read<TroubleView[]>('/api/trouble') });
  return data && data.length > 0 ? (
    <div role="alert" data-no-print>
      {data.map((trouble) => (
        <AlarmBar key={trouble.words} aria-label={trouble.words}>
          <h2>{trouble.words}</h2>
          <p>{trouble.toDo}</p>
        </AlarmBar>
      ))}
    </div>
  ) : null;
}

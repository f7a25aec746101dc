import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { StationLine, StepView } from '../api/schema';

export type Station = StepView['station'];

/** What each station is called, and where its room is. */
export function useStations(): (station: Station) => StationLine {
  const { data } = useQuery({ queryKey: ['stations'], queryFn: () => read<StationLine[]>('/api/stations') });
  return (station) => data?.find((each) => each.station === station) ?? { station, words: '' };
}

import { type Station, useStations } from './useStations';

/** What a station is called. */
export function StationWords({ station }: { station: Station }) {
  return useStations()(station).words;
}

import { useSearchParams } from 'react-router';
import type { Rail } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { useStations } from '../route/useStations';
import { EVERYTHING, named, type Sought } from './wallModel';
import { Seek } from './Wall.styles';

const CHIPS = [
  { key: 'isLate', words: 'Late' },
  { key: 'isMine', words: 'Mine' },
  { key: 'isHeld', words: 'Held' },
  { key: 'isResting', words: 'Resting' },
  { key: 'isWaiting', words: 'Waits for the client' },
] as const;

/** What of the wall is looked at stands in its address: it can be kept and sent. */
export function useSought() {
  const [search, setSearch] = useSearchParams();
  const sought: Sought = {
    ...EVERYTHING,
    ...Object.fromEntries(CHIPS.map((chip) => [chip.key, search.has(chip.key)])),
    ...Object.fromEntries(['station', 'maker', 'client', 'by'].map((key) => [key, search.get(key) ?? ''])),
  };
  const seek = (change: Partial<Sought>) =>
    setSearch(
      Object.entries({ ...sought, ...change }).flatMap(([key, value]): [string, string][] =>
        value ? [[key, value === true ? '' : value]] : [],
      ),
      { replace: true },
    );
  return { sought, seek, isAll: search.size === 0 };
}

interface SeekingProps {
  rails: readonly Rail[];
  sought: Sought;
  onSeek: (change: Partial<Sought>) => void;
}

/** Late, mine, held, resting, waiting for the client; at which station, with whom, for whom, due by when. */
export function Seeking({ rails, sought, onSeek }: SeekingProps) {
  const stationOf = useStations();
  const pieces = rails.flatMap((rail) => rail.pieces);
  const stations = [...new Set(pieces.flatMap((piece) => piece.at ?? []))];
  return (
    <Seek role="group" aria-label="What of it">
      {CHIPS.map((chip) => (
        <Press
          key={chip.key}
          aria-pressed={sought[chip.key]}
          data-kind={sought[chip.key] ? 'main' : undefined}
          onPress={() => onSeek({ [chip.key]: !sought[chip.key] })}
        >
          {chip.words}
        </Press>
      ))}
      <Choice
        quiet
        label="At the station"
        value={sought.station || 'any'}
        options={[
          { value: 'any', words: 'Any station' },
          ...stations.map((station) => ({ value: station, words: stationOf(station).words })),
        ]}
        onChange={(station) => onSeek({ station: station === 'any' ? '' : station })}
      />
      <Choice
        quiet
        label="With the maker"
        value={sought.maker || 'any'}
        options={[
          { value: 'any', words: 'Any maker' },
          ...named(
            pieces,
            (piece) => piece.withId,
            (piece) => piece.with,
          ),
        ]}
        onChange={(maker) => onSeek({ maker: maker === 'any' ? '' : maker })}
      />
      <Choice
        quiet
        label="For the client"
        value={sought.client || 'any'}
        options={[
          { value: 'any', words: 'Any client' },
          ...named(
            rails,
            (rail) => rail.clientId,
            (rail) => rail.clientName,
          ),
        ]}
        onChange={(client) => onSeek({ client: client === 'any' ? '' : client })}
      />
      <Entry label="Due by" isPassing type="date" value={sought.by} onChange={(by) => onSeek({ by })} />
    </Seek>
  );
}

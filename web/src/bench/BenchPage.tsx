import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { usePerson } from '../access/useSession';
import { read } from '../api/client';
import type { Bench, BenchRow } from '../api/schema';
import { useNow } from '../live/useNow';
import { DayList } from '../parts/DayList';
import { Press, WayTo } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { day, minutes } from '../parts/words';
import { StationWords } from '../route/StationWords';
import type { Station } from '../route/useStations';
import { BenchList } from './BenchList';
import { ByStation, Parts } from './Bench.styles';
import { keyOf, nameOf, pageOf } from './model';

/** What I do now, what rests and closes, and what is mine, anybody's and others', in the order of urgency. */
export default function BenchPage() {
  const [station, choose] = useState<Station | undefined>();
  const [search] = useSearchParams();
  /** Whose bench is looked at beside one's own. */
  const of = Number(search.get('of') ?? 0);
  const asked = new URLSearchParams({ ...(station ? { station } : {}), ...(of > 0 ? { of: String(of) } : {}) });
  const { data } = useQuery({
    queryKey: ['bench', 'all', String(asked)],
    queryFn: () => read<Bench>(`/api/bench?${asked}`),
    placeholderData: (before) => before,
  });
  const now = useNow();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row data-no-print>
        <h1>Bench</h1>
        {data.next ? (
          <WayTo data-large data-kind="main" to={pageOf(data.next)}>
            Now: {nameOf(data.next)}, {data.next.title}
          </WayTo>
        ) : null}
      </Row>
      <Stations stations={data.stations} chosen={station} onChoose={choose} />
      {of > 0 ? (
        <BenchList
          title={`On ${data.ofSomebody[0]?.hands.holder.name ?? 'them'}`}
          rows={data.ofSomebody}
          now={now}
          nothing="They are at nothing, and nothing is on them."
        />
      ) : null}
      <DayList title="Bench" heads={DAY_HEADS} rows={() => dayLines([...data.mine, ...data.anybodys, ...data.others])}>
        <Parts>
          {data.clocks.length > 0 ? (
            <BenchList area="clocks" title="On the clock" rows={data.clocks} now={now} nothing="Nothing here." />
          ) : null}
          <div style={{ gridArea: 'work' }}>
            <BenchList title="Mine" rows={data.mine} now={now} nothing="Nothing is on you." />
            <BenchList
              title="Anybody’s"
              rows={data.anybodys}
              now={now}
              nothing="Nothing can be started: look at the wall for what is held and what rests."
            />
          </div>
          <Others rows={data.others} now={now} />
          {data.isMore ? <Quiet>There is more: choose a station to see all that is there.</Quiet> : null}
        </Parts>
      </DayList>
    </>
  );
}

const DAY_HEADS = ['Step', 'Piece', 'Knife', 'Who', 'Promised', 'Hands-on'];

const dayLines = (rows: readonly BenchRow[]) =>
  rows.map((row) => ({
    key: keyOf(row),
    cells: [
      row.title,
      nameOf(row),
      row.jobTitle,
      row.hands.holder.name,
      day(row.promise.promisedOn),
      minutes(row.clock.attendedMinutes),
    ],
  }));

/** What is not a maker's own is one line until they want to see it; who asks for the whole shop sees who does what. */
function Others({ rows, now }: { rows: readonly BenchRow[]; now: number }) {
  const [isOpen, setOpen] = useState(usePerson().role === 'OWNER');
  if (isOpen) {
    return <BenchList area="others" title="Others’" rows={rows} now={now} nothing="Others have nothing." />;
  }
  return (
    <Panel aria-label="Others’" style={{ gridArea: 'others' }}>
      <Row>
        <h2>Others’</h2>
        {rows.length > 0 ? (
          <Press onPress={() => setOpen(true)}>Show {rows.length}</Press>
        ) : (
          <Quiet>Others have nothing.</Quiet>
        )}
      </Row>
    </Panel>
  );
}

interface StationsProps {
  stations: Bench['stations'];
  chosen: Station | undefined;
  onChoose: (station: Station | undefined) => void;
}

/** One station's work alone, and the way to it. */
function Stations({ stations, chosen, onChoose }: StationsProps) {
  return (
    <ByStation role="group" aria-label="By station" data-no-print>
      {stations.map(({ station, pieces }) => (
        <Press
          key={station}
          aria-pressed={station === chosen}
          data-kind={station === chosen ? 'main' : undefined}
          onPress={() => onChoose(station === chosen ? undefined : station)}
        >
          <StationWords station={station} /> <b>{pieces}</b>
        </Press>
      ))}
      {chosen ? (
        <Link to={`/stations/${chosen}`}>
          To the station: <StationWords station={chosen} />
        </Link>
      ) : null}
    </ByStation>
  );
}

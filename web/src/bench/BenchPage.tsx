import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { read } from '../api/client';
import type { Bench, BenchStep } from '../api/schema';
import { useNow } from '../live/useNow';
import { Quiet } from '../parts/Sheet';
import { BenchList } from './BenchList';
import { StationWords } from '../route/StationWords';
import { ByStation, Halves } from './Bench.styles';

/** What is on my bench, and what I can start now, in the order of urgency. */
export default function BenchPage() {
  const { data } = useQuery({ queryKey: ['bench'], queryFn: () => read<Bench>('/api/bench') });
  const now = useNow();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <h1>Bench</h1>
      <Stations steps={[...data.mine, ...data.canStart, ...data.resting, ...data.others]} />
      <Halves>
        <div>
          <BenchList title="I am at" steps={data.mine} now={now} nothing="You have nothing under way." />
          <BenchList
            title="I can start now"
            steps={data.canStart}
            now={now}
            nothing="Nothing can be started: look at the wall for what is held and what rests."
          />
        </div>
        <div>
          <BenchList title="Resting" steps={data.resting} now={now} nothing="Nothing rests." />
          <BenchList title="Others are at" steps={data.others} now={now} nothing="Nobody else is at a step." />
        </div>
      </Halves>
    </>
  );
}

/** Where all of this lies, each station with its room. */
function Stations({ steps }: { steps: readonly BenchStep[] }) {
  const stations = [...new Set(steps.map((step) => step.station))];
  return (
    <ByStation aria-label="By station">
      {stations.map((station) => (
        <Link key={station} to={`/stations/${station}`}>
          <StationWords station={station} /> <b>{steps.filter((step) => step.station === station).length}</b>
        </Link>
      ))}
    </ByStation>
  );
}

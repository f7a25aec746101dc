import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { usePerson } from '../access/useSession';
import { change, read } from '../api/client';
import type { DayView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { dayWithYear } from '../parts/words';
import { Drawn } from './Curve';
import { KilnChecks } from './KilnChecks';

/** What a kiln showed on any day: its log goes back as far as the kiln does. */
export default function KilnPage() {
  const id = Number(useParams().id);
  const [asked] = useSearchParams();
  const [day, setDay] = useState(asked.get('day') ?? '');
  const { data } = useQuery({
    queryKey: ['fire', 'day', id, day],
    queryFn: () => read<DayView>(`/api/fire/kilns/${id}/day?day=${day}`),
    enabled: Number.isFinite(id),
    placeholderData: (before) => before,
  });
  const person = usePerson();
  const go = useNavigate();
  const { problem, isBusy, run } = useCaught();
  const drop = () =>
    void run(async () => {
      await change(`/api/fire/kilns/${id}/drop`);
      void go('/fire');
    });
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{data.kiln}</h1>
        <Link to="/fire">The fire</Link>
        {person.role === 'OWNER' ? (
          <Press data-kind="alarm" isDisabled={isBusy} onPress={drop}>
            No longer here
          </Press>
        ) : null}
      </Row>
      <Row>
        <Press onPress={() => setDay(data.before)}>The day before</Press>
        <strong>{dayWithYear(data.day)}</strong>
        <Press onPress={() => setDay(data.after)}>The day after</Press>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {data.curve.points.length === 0 ? (
        <Quiet>It showed nothing that day: cold, or not yet here.</Quiet>
      ) : (
        <Drawn
          curve={data.curve}
          from={data.fromMillis}
          to={data.toMillis}
          caption="The line is what it showed, the dashes what it was told."
          byClock
        />
      )}
      <KilnChecks kiln={id} />
    </>
  );
}

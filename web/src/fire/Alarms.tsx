import { Link } from 'react-router';
import { change } from '../api/client';
import type { AlarmView } from '../api/schema';
import { AlarmBar } from '../parts/AlarmBar';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { clockTime } from '../parts/words';
import { useAlarms } from './useFire';

/** What has to be answered at a kiln, on whatever page one is. It stays until somebody has it. */
export function Alarms() {
  const { data } = useAlarms();
  return data && data.length > 0 ? (
    <div role="alert" data-no-print>
      {data.map((alarm) => (
        <Alarm key={alarm.id} alarm={alarm} />
      ))}
    </div>
  ) : null;
}

function Alarm({ alarm }: { alarm: AlarmView }) {
  const { problem, isBusy, run } = useCaught();
  return (
    <AlarmBar aria-label={alarm.words}>
      <header>
        <h2>{alarm.words}</h2>
        <span>since {clockTime(alarm.raisedAtMillis)}</span>
        <Link to={alarm.loadId ? `/fire/loads/${alarm.loadId}` : '/fire'}>Go there</Link>
        <Press
          isDisabled={isBusy}
          data-large
          onPress={() => void run(() => change(`/api/alarms/${alarm.id}/answer`, { words: '' }))}
        >
          I have it
        </Press>
      </header>
      <ol>
        {alarm.toDo.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      {problem ? <p>{problem.message}</p> : null}
    </AlarmBar>
  );
}

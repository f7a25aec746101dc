import { StationWords } from '../route/StationWords';
import type { BenchStep } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel, Quiet } from '../parts/Sheet';
import { clockDown, clockUp, day, minutes } from '../parts/words';
import { Pick, Picks } from './Bench.styles';
import { useFolded } from './useFolded';
import { useSteadyOrder } from './useSteadyOrder';

interface BenchListProps {
  title: string;
  steps: readonly BenchStep[];
  now: number;
  nothing: string;
  /** Shown of a long list until all of it is asked for. */
  first?: number;
  /** Whether all of it is at one station, which need not be said again. */
  isAtOneStation?: boolean;
}

/** Steps to pick up. What changes elsewhere is shown at once, but nothing moves under a finger until it is put in order. */
export function BenchList({ title, steps, now, nothing, first, isAtOneStation }: BenchListProps) {
  const { shown, hasMoved, putInOrder } = useSteadyOrder(steps);
  const { some, more } = useFolded(shown, first);
  return (
    <Panel aria-label={title}>
      <h2>{title}</h2>
      {shown.length === 0 ? <Quiet>{nothing}</Quiet> : null}
      <Picks>
        {some.map(({ step, isGone }) => (
          <li key={`${step.pieceId} ${step.operation}`}>
            <Pick to={`/bench/${step.pieceId}/${step.operation}`} data-gone={isGone || undefined}>
              <strong>{step.pieceName}</strong>
              <span>
                {step.title}
                <small>
                  {step.jobTitle}
                  {isAtOneStation ? null : (
                    <>
                      , <StationWords station={step.station} />
                    </>
                  )}
                </small>
              </span>
              <span>{isGone ? 'no longer here' : <Time step={step} now={now} />}</span>
            </Pick>
          </li>
        ))}
      </Picks>
      {more}
      {hasMoved ? (
        <div>
          <Press onPress={putInOrder}>Put in order</Press>
        </div>
      ) : null}
    </Panel>
  );
}

function Time({ step, now }: { step: BenchStep; now: number }) {
  if (step.standing === 'RESTING') {
    const left = step.restUntilMillis - now;
    return left > 0 ? <>{clockUp(left)} left</> : <b>rest is up</b>;
  }
  if (step.standing === 'RUNNING') {
    return step.isPutDown ? <b>put down</b> : <>{step.startedBy}</>;
  }
  if (step.windowClosesAtMillis > 0) {
    const left = step.windowClosesAtMillis - now;
    return <b>{left > 0 ? `within ${clockDown(left)}` : 'overdue'}</b>;
  }
  return (
    <>
      {minutes(step.attendedMinutes)}
      <small>{day(step.promisedOn)}</small>
    </>
  );
}

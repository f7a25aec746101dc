import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { change, upload } from '../api/client';
import type { Option, TankRunView } from '../api/schema';
import { callOut } from '../live/calls';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Row } from '../parts/Sheet';
import { clockDown } from '../parts/words';
import { Cycles } from './Etch.styles';
import { Clock } from '../parts/RoomClock';

const WHERE: Record<string, string> = {
  BEFORE: 'not in yet',
  IN: 'in the bath',
  OUT: 'out, clock stands',
  BETWEEN: 'between cycles',
  BEFORE_AFTER_BATH: 'cycles over',
  AFTER_BATH: 'in the after-bath',
  OVER: 'all cycles over',
};

/** The moments that one press notes; a cycle's end is said by what it did. */
const PRESSES: readonly { moment: string; words: (run: TankRunView) => string; isMain: boolean }[] = [
  {
    moment: 'IN',
    words: (run) => (run.where === 'OUT' ? 'Back in' : run.where === 'BEFORE' ? 'In' : 'In again, one cycle more'),
    isMain: true,
  },
  { moment: 'OUT', words: () => 'Out', isMain: true },
  { moment: 'LOOKED', words: () => 'Looked, back in', isMain: false },
  { moment: 'INTO_AFTER_BATH', words: (run) => `Into: ${run.after}`, isMain: true },
  { moment: 'OUT_OF_AFTER_BATH', words: (run) => `Out of: ${run.after}`, isMain: true },
];

/** What calls now; nothing while nothing does. */
function calls(run: TankRunView, now: number): string {
  if (run.firstLookMillis > 0 && now >= run.firstLookMillis) {
    return 'First look: out, a spot is residue and can still be wiped.';
  }
  if (run.lateMillis > 0 && now > run.lateMillis && run.lateMillis > run.dueMillis) {
    return 'Longer than wanted: out.';
  }
  return run.dueMillis > 0 && now >= run.dueMillis ? 'Its time is up: out, and look.' : '';
}

/** One blade in the tank, with the clock that it has, and what is pressed with gloves on. */
export function TankClock({ run, results }: { run: TankRunView; results: readonly Option[] }) {
  const now = useNow();
  const { problem, isBusy, run: send } = useCaught();
  const call = calls(run, now);
  const called = useRef('');
  useEffect(() => {
    if (call && called.current !== call) {
      callOut('rest', `${run.pieceName}: ${call}`);
    }
    called.current = call;
  }, [call, run.pieceName]);
  const inBath = run.sinceMillis > 0 ? now - run.sinceMillis : run.inMillis;
  const wanted = run.dueMillis > 0 ? run.dueMillis - run.sinceMillis : 0;
  const note = (moment: string, result = '') =>
    void send(() => change(`/api/tank/runs/${run.id}/moments`, { moment, result }));
  const isBetween = run.where === 'BETWEEN';
  return (
    <Clock aria-label={`Clock of ${run.pieceName}`} data-calls={call ? true : undefined}>
      <header>
        <h3>
          <Link to={`/bench/${run.piece}/${run.operation}`}>{run.pieceName}</Link>
        </h3>
        <span>
          {run.recipeName}, {run.bathName}
        </span>
      </header>
      {call ? (
        <p data-call role="alert">
          {call}
        </p>
      ) : null}
      <Row>
        <span data-time role="timer" aria-label={`${run.pieceName} in the bath`}>
          {clockDown(inBath)}
        </span>
        <Row data-presses>
          {PRESSES.filter((press) => run.can.includes(press.moment)).map((press) => (
            <Press
              key={press.moment}
              data-large
              data-kind={press.isMain ? 'main' : undefined}
              isDisabled={isBusy}
              onPress={() => note(press.moment)}
            >
              {press.moment === 'IN' && isBetween ? `In, cycle ${run.cycle}` : press.words(run)}
            </Press>
          ))}
        </Row>
      </Row>
      <span data-of>
        of {run.wanted}, cycle {run.cycle} of {run.of}, {WHERE[run.where]}
      </span>
      {wanted > 0 ? (
        <progress max={wanted} value={Math.min(inBath, wanted)} aria-label="Of the time that is wanted" />
      ) : null}
      <span data-next>{run.next}</span>
      {run.can.includes('CYCLE_OVER') ? (
        <Row role="group" aria-label="Cycle over, what it did">
          <span>Cycle over, it is</span>
          {results.map((result) => (
            <Press key={result.value} data-large isDisabled={isBusy} onPress={() => note('CYCLE_OVER', result.value)}>
              {result.words}
            </Press>
          ))}
        </Row>
      ) : null}
      <CycleLine run={run} />
      <Row>
        <PickFile
          accepts={PICTURES}
          isDisabled={isBusy}
          onPicked={(picture) =>
            void send(() => upload(`/api/pieces/${run.piece}/photos`, picture, { operation: run.operation }))
          }
        >
          Photograph
        </PickFile>
        <Press isDisabled={isBusy} onPress={() => void send(() => change(`/api/tank/runs/${run.id}/take-back`))}>
          {run.where === 'BEFORE' ? 'Off the clock' : 'Take the last back'}
        </Press>
        {run.longer ? <span>{run.longer}</span> : null}
      </Row>
      {problem ? (
        <p data-call role="alert">
          {problem.message}
        </p>
      ) : null}
    </Clock>
  );
}

function CycleLine({ run }: { run: TankRunView }) {
  const last = [...run.cycles].reverse().find((cycle) => cycle.result);
  return (
    <>
      <Cycles aria-label="Cycles">
        {run.cycles.map((cycle) => (
          <li
            key={cycle.number}
            data-now={cycle.number === run.cycle && run.isAtTheTank ? true : undefined}
            data-fault={cycle.advice ? true : undefined}
          >
            {cycle.result
              ? `${cycle.took}, ${cycle.result}`
              : cycle.planned === run.wanted
                ? cycle.number
                : cycle.planned}
          </li>
        ))}
      </Cycles>
      {last?.advice ? (
        <p data-call>
          {last.advice}{' '}
          {last.mishap ? (
            <Link to={`/bench/${run.piece}/${run.operation}?went-wrong=${last.mishap}`}>It went wrong…</Link>
          ) : null}
        </p>
      ) : null}
    </>
  );
}

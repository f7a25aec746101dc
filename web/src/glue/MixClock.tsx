import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { GlueMixView } from '../api/schema';
import { callOut } from '../live/calls';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Clock } from '../parts/RoomClock';
import { Row } from '../parts/Sheet';
import { clockDown, moment } from '../parts/words';
import { PHASE_WORDS, leftOf, phaseAt } from '../route/adhesive';

/** A mix on its clock: how long it can be worked, when it is pulled, when it bears load. */
export function MixClock({ mix }: { mix: GlueMixView }) {
  const now = useNow();
  const { problem, isBusy, run } = useCaught();
  const phase = phaseAt(mix.phases, now);
  const name = phase?.phase ?? 'WORKED';
  const was = useRef(name);
  useEffect(() => {
    if (was.current !== name && (name === 'GELLING' || name === 'PULLED')) {
      callOut('rest', `${mix.pieceName}: ${mix.sheet} ${PHASE_WORDS[name]}`);
    }
    was.current = name;
  }, [was, name, mix.pieceName, mix.sheet]);
  return (
    <Clock aria-label={`Adhesive of ${mix.pieceName}`} data-calls={name === 'PULLED' ? true : undefined}>
      <header>
        <h3>
          <Link to={`/bench/${mix.piece}/${mix.step}`}>{mix.pieceName}</Link>
        </h3>
        <span>
          {mix.sheet}: {mix.weighed}
        </span>
      </header>
      <Row>
        <span data-time role="timer" aria-label={`${mix.pieceName}, ${PHASE_WORDS[name]}`}>
          {phase && phase.toMillis > 0 ? leftOf(phase, now) : clockDown(now - mix.mixedAtMillis)}
        </span>
        <span data-of>{PHASE_WORDS[name]}</span>
      </Row>
      <ul>
        {mix.phases.map((each) => (
          <li key={each.phase}>
            {moment(each.fromMillis)}: {PHASE_WORDS[each.phase]}
          </li>
        ))}
      </ul>
      <Row>
        <span>mixed by {mix.by}</span>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/glue/mixes/${mix.id}/strike`))}>
          It was not mixed
        </Press>
      </Row>
      {problem ? (
        <p data-call role="alert">
          {problem.message}
        </p>
      ) : null}
    </Clock>
  );
}

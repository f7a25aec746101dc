import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { GlueMixView, GluePhaseView } from '../api/schema';
import { callOut } from '../live/calls';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Clock } from '../parts/RoomClock';
import { Row } from '../parts/Sheet';
import { clockDown, clockUp, moment } from '../parts/words';

type Phase = GluePhaseView['phase'];

const PHASES: Record<Phase, string> = {
  WORKED: 'can be worked',
  GELLING: 'gels: nothing is moved, squeeze-out off now',
  PULLED: 'grips: pull it now',
  SETTING: 'sets in the clamps',
  HANDLED: 'out of the clamps; no heat, no grinding, no sharpening yet',
  CURED: 'cured',
};

/** Which stretch it is in by the page's own clock: it goes on while nothing is asked. */
function at(mix: GlueMixView, now: number): GluePhaseView | undefined {
  return mix.phases.findLast((phase) => now >= phase.fromMillis) ?? mix.phases[0];
}

/** A mix on its clock: how long it can be worked, when it is pulled, when it bears load. */
export function MixClock({ mix }: { mix: GlueMixView }) {
  const now = useNow();
  const { problem, isBusy, run } = useCaught();
  const phase = at(mix, now);
  const name = phase?.phase ?? 'WORKED';
  const was = useRef(name);
  useEffect(() => {
    if (was.current !== name && (name === 'GELLING' || name === 'PULLED')) {
      callOut('rest', `${mix.pieceName}: ${mix.sheet} ${PHASES[name]}`);
    }
    was.current = name;
  }, [name, mix.pieceName, mix.sheet]);
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
        <span data-time role="timer" aria-label={`${mix.pieceName}, ${PHASES[name]}`}>
          {phase && phase.toMillis > 0 ? clockUp(phase.toMillis - now) : clockDown(now - mix.mixedAtMillis)}
        </span>
        <span data-of>{PHASES[name]}</span>
      </Row>
      <ul>
        {mix.phases.map((each) => (
          <li key={each.phase}>
            {moment(each.fromMillis)}: {PHASES[each.phase]}
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

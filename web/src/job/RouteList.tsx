import { useState } from 'react';
import { Button, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { PieceView, StepView } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { StationWords } from '../route/StationWords';
import { minutes, moment, resting } from '../parts/words';
import { standingWords } from './model';

const Step = styled(Disclosure)`
  border-bottom: 1px solid ${({ theme }) => theme.line};
  h3 {
    display: flex;
  }
  h3 button {
    flex: 1;
    min-height: 46px;
    display: grid;
    grid-template-columns: 2rem 1fr auto;
    gap: 0.5rem;
    align-items: baseline;
    border: none;
    background: none;
    text-align: left;
    padding: 0.5rem 0;
    cursor: pointer;
    font-family: ${({ theme }) => theme.text};
    font-weight: 400;
    font-size: 1rem;
  }
  h3 button small {
    color: ${({ theme }) => theme.quiet};
    font-size: 0.9rem;
  }
  &[data-standing='DONE'] h3 b {
    font-weight: 400;
  }
  &[data-turn] h3 button,
  &[data-standing='RUNNING'] h3 button,
  &[data-standing='RESTING'] h3 button {
    background: ${({ theme }) => theme.manila};
  }
  [role='group'],
  [role='region'] {
    display: flex;
    flex-direction: column;
    gap: 0.4rem;
  }
  li {
    padding-left: 1rem;
    text-indent: -1rem;
  }
`;

const DONE_SHOWN = 2;

/** The route: each step with its station and time, what it waits for and why, and the gate before it. What is long done is folded away. */
export function RouteList({ piece }: { piece: PieceView }) {
  const [isWhole, setWhole] = useState(false);
  const done = piece.steps.filter((step) => step.standing === 'DONE');
  const folded = isWhole ? [] : done.slice(0, -DONE_SHOWN);
  return (
    <Panel aria-label="Route">
      <Row>
        <h2>
          Route: {done.length} of {piece.steps.length} steps done
        </h2>
        {done.length > DONE_SHOWN ? (
          <Press onPress={() => setWhole(!isWhole)}>
            {isWhole ? 'Fold the done ones away' : `Show the ${folded.length} done before`}
          </Press>
        ) : null}
      </Row>
      <div>
        {piece.steps.map((step, index) =>
          folded.includes(step) ? null : <StepLine key={step.operation} step={step} index={index} pieceId={piece.id} />,
        )}
      </div>
    </Panel>
  );
}

function StepLine({ step, index, pieceId }: { step: StepView; index: number; pieceId: number }) {
  const time =
    minutes(step.time.attendedMinutes) +
    (step.time.restMinutes > 0 ? ` + ${resting(step.time.restMinutes)} ${step.time.restWords}` : '');
  return (
    <Step data-standing={step.standing} data-turn={(step.standing === 'READY' && step.isItsTurn) || undefined}>
      <Heading level={3}>
        <Button slot="trigger">
          <span>{step.standing === 'DONE' ? '✓' : index + 1}</span>
          <span>
            <b>{step.title}</b>{' '}
            <small>
              <StationWords station={step.station} />, {time}
            </small>
          </span>
          <span>{standingWords(step)}</span>
        </Button>
      </Heading>
      <DisclosurePanel>
        {step.clock.doneAtMillis > 0 ? (
          <Quiet>
            Done {moment(step.clock.doneAtMillis)} by {step.clock.doneBy}.
          </Quiet>
        ) : null}
        <Quiet>
          {step.order.because.length > 0 ? `Done to: ${step.order.because.join('; ')}.` : 'Every such piece has it.'}
        </Quiet>
        <ul>
          {step.order.waits.map((wait) => (
            <li key={wait.rule + wait.operation}>
              {wait.done ? '✓' : '○'} after “{wait.title}”: {wait.reason} Otherwise: {wait.consequence}{' '}
              <small>({wait.severity})</small>
            </li>
          ))}
        </ul>
        {step.order.waitedForBy.length > 0 ? <Quiet>For it waits: {step.order.waitedForBy.join(', ')}.</Quiet> : null}
        {step.order.overrides.map((override) => (
          <Quiet key={override.rule}>
            Gate overridden by {override.by}, {moment(override.atMillis)}: {override.reason}
          </Quiet>
        ))}
        <p>
          <Link to={`/bench/${pieceId}/${step.operation}`}>Open at the bench</Link>
        </p>
      </DisclosurePanel>
    </Step>
  );
}

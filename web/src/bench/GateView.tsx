import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { ObstacleView, PieceView, StepView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press, WayTo } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { AskOut } from './AskOut';

const Shut = styled.section`
  border: 3px solid ${({ theme }) => theme.alarm};
  background: ${({ theme }) => theme.alarmPaper};
  padding: 0.8rem 1.1rem;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
  h2 {
    color: #6d150a;
  }
`;

const Told = styled.dl`
  margin: 0.4rem 0 0.7rem;
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 0.5rem 1rem;
  align-items: baseline;
  dt {
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
  }
  dd {
    margin: 0;
  }
  @media (max-width: 620px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.2rem;
  }
`;

const Care = styled.section`
  border-left: 7px solid #9a5b00;
  background: #fff6df;
  padding: 0.6rem 1.1rem;
`;

/** Numbers that nobody has answered for, before anything is pressed: a part made to a number that moved, a reading that is out. */
export function UnsettledNumbers({ piece, step }: { piece: PieceView; step: StepView }) {
  const unsettled = step.standing === 'DONE' ? [] : step.order.closedBy.filter((obstacle) => obstacle.number);
  return unsettled.length > 0 ? (
    <Shut aria-label="A number is off">
      <h2>A number is off</h2>
      {unsettled.map((obstacle) => (
        <Unsettled key={obstacle.rule} piece={piece} obstacle={obstacle} />
      ))}
    </Shut>
  ) : null;
}

function Unsettled({ piece, obstacle }: { piece: PieceView; obstacle: ObstacleView }) {
  const [isAsking, setAsking] = useState(false);
  const { problem, isBusy, run } = useCaught();
  const take = (reason: string) =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/numbers/as-it-is`, { dimension: obstacle.number, reason });
      setAsking(false);
    });
  return (
    <div>
      <p>
        <strong>{obstacle.reason}</strong> {obstacle.consequence} {obstacle.remedy}
      </p>
      <Row>
        <Press data-large data-kind="alarm" onPress={() => setAsking(true)}>
          What now?
        </Press>
      </Row>
      <AskOut isOpen={isAsking} isBusy={isBusy} problem={problem} onAgain={() => setAsking(false)} onTake={take}>
        <p>{obstacle.reason}</p>
        <p>To measure again, go to the step at which it is read; to make the part again, say that it went wrong.</p>
      </AskOut>
    </div>
  );
}

/** The gate before the step: what is missing and what would happen; the owner may override with a reason that stays. */
export function GateView({ piece, step, isOwner }: { piece: PieceView; step: StepView; isOwner: boolean }) {
  const isOver = step.standing === 'DONE';
  const closedBy = step.order.closedBy.filter((obstacle) => !obstacle.number);
  return (
    <>
      {!isOver && closedBy.length > 0 ? (
        <Shut aria-label="The gate is shut">
          <h2>The gate is shut</h2>
          {closedBy.map((obstacle) => (
            <Obstacle key={obstacle.rule} piece={piece} step={step} obstacle={obstacle} isOwner={isOwner} />
          ))}
        </Shut>
      ) : null}
      {!isOver && step.order.cares.length > 0 ? (
        <Care aria-label="Usually earlier">
          {step.order.cares.map((care) => (
            <p key={care.rule}>
              {care.reason} Otherwise: {care.consequence} Still open:{' '}
              {care.missing.map((each) => each.title).join(', ')}.
            </p>
          ))}
        </Care>
      ) : null}
      {step.order.overrides.map((override) => (
        <Quiet key={override.rule}>
          Gate overridden by {override.by}, {moment(override.atMillis)}: {override.reason}
        </Quiet>
      ))}
    </>
  );
}

function Obstacle({
  piece,
  step,
  obstacle,
  isOwner,
}: {
  piece: PieceView;
  step: StepView;
  obstacle: ObstacleView;
  isOwner: boolean;
}) {
  const [isAsking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const { problem, isBusy, run } = useCaught();
  const navigate = useNavigate();
  const again = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/steps/${obstacle.again?.operation}/again`);
      await navigate(`/bench/${piece.id}/${obstacle.again?.operation}`);
    });
  const override = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/steps/${step.operation}/override`, { rule: obstacle.rule, reason });
      setAsking(false);
    });
  return (
    <div>
      <h3>{obstacle.reason}</h3>
      <Told>
        {obstacle.missing.length > 0 ? (
          <>
            <dt>First</dt>
            <dd>
              <Row>
                {obstacle.missing.map((missing) => (
                  <WayTo key={missing.operation} data-large to={`/bench/${piece.id}/${missing.operation}`}>
                    {missing.title}
                  </WayTo>
                ))}
              </Row>
            </dd>
          </>
        ) : null}
        <dt>Otherwise</dt>
        <dd>
          {obstacle.consequence} ({obstacle.severity})
        </dd>
        {obstacle.remedy ? (
          <>
            <dt>What to do</dt>
            <dd>{obstacle.remedy}</dd>
          </>
        ) : null}
      </Told>
      <Row>
        {obstacle.again ? (
          <Press data-large data-kind="main" isDisabled={isBusy} onPress={again}>
            Do “{obstacle.again.title}” again
          </Press>
        ) : null}
        {isOwner ? (
          <Press data-large data-kind="alarm" onPress={() => setAsking(true)}>
            Override this gate
          </Press>
        ) : null}
      </Row>
      {problem && !isAsking ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Ask title="Override the gate" isOpen={isAsking} onClose={() => setAsking(false)}>
        <p>
          {obstacle.reason} Otherwise: {obstacle.consequence} The reason stays on the piece’s record.
        </p>
        <Entry
          label="Why is it right this time?"
          value={reason}
          onChange={setReason}
          problem={problem?.message}
          onEnter={override}
        />
        <Row>
          <Press data-large data-kind="alarm" onPress={override}>
            Override
          </Press>
          <Press data-large onPress={() => setAsking(false)}>
            Keep it shut
          </Press>
        </Row>
      </Ask>
    </div>
  );
}

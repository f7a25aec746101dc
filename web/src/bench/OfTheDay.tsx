import { change } from '../api/client';
import type { StepView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';

/** Light at the forge, air at the bench: said once a day for everybody, with what it does to this step. */
export function OfTheDay({ step }: { step: StepView }) {
  const { problem, isBusy, run } = useCaught();
  if (step.ofTheDay.length === 0 || step.standing === 'DONE') {
    return null;
  }
  return (
    <Panel aria-label="Today">
      <h2>Today</h2>
      {step.ofTheDay.map((day) => (
        <div key={day.what}>
          <Row role="group" aria-label={day.words}>
            <span>{day.words}</span>
            {day.answers.map((answer) => (
              <Press
                key={answer.name}
                aria-pressed={answer.name === day.answer}
                data-kind={answer.name === day.answer ? 'main' : undefined}
                isDisabled={isBusy}
                onPress={() => void run(() => change('/api/today', { what: day.what, answer: answer.name }))}
              >
                {answer.words}
              </Press>
            ))}
          </Row>
          {day.effect ? <p>{day.effect}</p> : <Quiet>Nobody has said it today.</Quiet>}
        </div>
      ))}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

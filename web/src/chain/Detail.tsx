import { Link } from 'react-router';
import type { NumberView, PieceView, StepView } from '../api/schema';
import { staleWords } from '../job/Numbers';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Working } from '../parts/Working';

/** One number: its arithmetic, who measured it, what it may be off, and the steps that it concerns. */
export function Detail({ piece, number }: { piece: PieceView; number: NumberView }) {
  const label = (key: string): string => piece.knife.numbers.find((each) => each.key === key)?.label ?? key;
  return (
    <>
      <Row>
        <h2>
          {number.label}: {number.value}
        </h2>
        <span>
          {number.source}, ± {number.tolerance.replace('± ', '')}
          {number.note ? `, ${number.note}` : ''}
        </span>
      </Row>
      {number.asked ? <p>Asked for: {number.asked}</p> : null}
      {number.working.map((line) => (
        <Working key={line}>{line}</Working>
      ))}
      {number.reading ? (
        <p>
          Read {number.reading.value} (typed “{number.reading.typed}”), {number.reading.by},{' '}
          {moment(number.reading.atMillis)}. Expected {number.expected}.
        </p>
      ) : null}
      {number.madeTo ? <p>A part was made to {number.madeTo}.</p> : null}
      {number.stale ? <Trouble>{staleWords(number, label)}</Trouble> : null}
      {number.cautions.map((line) => (
        <Trouble key={line}>{line}</Trouble>
      ))}
      <Steps
        piece={piece}
        words="Measured at"
        steps={piece.steps.filter((step) => step.numbers.readings.includes(number.key))}
      />
      <Steps
        piece={piece}
        words="Worked to at"
        steps={piece.steps.filter((step) => step.numbers.targets.includes(number.key))}
      />
      <Steps
        piece={piece}
        words="A part is made to it at"
        steps={piece.steps.filter((step) => step.numbers.makes.includes(number.key))}
      />
      {number.from.length === 0 && number.hangsOnIt.length === 0 ? (
        <Quiet>Nothing hangs on it, and it hangs on nothing.</Quiet>
      ) : null}
    </>
  );
}

function Steps({ piece, words, steps }: { piece: PieceView; words: string; steps: readonly StepView[] }) {
  return steps.length === 0 ? null : (
    <p>
      {words}{' '}
      {steps.map((step, index) => (
        <span key={step.operation}>
          {index > 0 ? ', ' : ''}
          <Link to={`/bench/${piece.id}/${step.operation}`}>{step.title}</Link>
        </span>
      ))}
      .
    </p>
  );
}

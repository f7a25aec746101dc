import type { PieceView, StepView } from '../api/schema';
import { staleWords } from '../job/Numbers';
import { Quiet, Trouble } from '../parts/Sheet';
import { Blue } from './StepPage.styles';

/** The numbers to work to, each with its working. */
export function Targets({ piece, step }: { piece: PieceView; step: StepView }) {
  const numbers = step.numbers.targets.flatMap((key) => piece.knife.numbers.filter((number) => number.key === key));
  if (numbers.length === 0) {
    return null;
  }
  return (
    <>
      <Blue>
        <dl>
          {numbers.map((number) => (
            <div key={number.key}>
              <dt>{number.label}</dt>
              <dd>
                <strong>{number.note || number.expected}</strong>
                <small>
                  {number.note ? `${number.expected}, ` : ''}
                  {number.tolerance}
                </small>
                {number.working.map((line) => (
                  <code key={line}>{line}</code>
                ))}
              </dd>
            </div>
          ))}
        </dl>
      </Blue>
      {numbers.map((number) => (number.stale?.asItIs ? <Quiet key={number.key}>{staleWords(number)}</Quiet> : null))}
      {numbers.flatMap((number) => number.cautions.map((line) => <Trouble key={number.key + line}>{line}</Trouble>))}
    </>
  );
}

import { useRef, useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { Answer, CalculatorView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Fold } from '../parts/Fold';
import { KeepsDrafts } from '../parts/drafts';
import { Press } from '../parts/Press';
import { Question, usualOf } from '../parts/Question';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { equals } from '../parts/words';

export const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(340px, 100%), 1fr));
  gap: 1rem;
  align-items: start;
`;

const Result = styled.p`
  font-variant-numeric: tabular-nums;
  strong {
    font-size: 1.3rem;
  }
  code {
    display: block;
    font-family: ${({ theme }) => theme.label};
  }
`;

const TYPED_AFTER_MS = 250;

interface CalculatorPanelProps {
  calculator: CalculatorView;
  /** What its usual entries come to, where they are whole. */
  known?: Answer;
  isOpenAtOnce?: boolean;
}

const withUnit = ({ value, unit }: { value: string; unit: string }): string =>
  unit === '°' ? `${value}°` : `${value} ${unit}`;

/** What it comes to with the numbers at hand, in a line. */
function summary(answer: Answer | undefined): string {
  const [first, ...more] = answer?.results ?? [];
  return first ? `${first.label}: ${withUnit(first)} ${first.note}${more.length > 0 ? ' …' : ''}` : '';
}

/** One calculator, folded to its name and what it comes to until it is pressed. */
export function CalculatorPanel({ calculator, known, isOpenAtOnce = false }: CalculatorPanelProps) {
  return (
    <Fold title={calculator.title} comesTo={summary(known)} isOpenAtOnce={isOpenAtOnce}>
      <Opened calculator={calculator} known={known} />
    </Fold>
  );
}

/** A calculator with its working; it begins with what its entries usually are. */
function Opened({ calculator, known }: CalculatorPanelProps) {
  const [entries, setEntries] = useState(() => usualOf(calculator.inputs));
  const [answer, setAnswer] = useState(known);
  const { problem, run, clear } = useCaught();
  const waiting = useRef<number | undefined>(undefined);
  /** What is typed halfway is nothing yet, and no mistake either. */
  const type = (next: Record<string, string>) => {
    setEntries(next);
    clear();
    window.clearTimeout(waiting.current);
    waiting.current = window.setTimeout(() => {
      change<Answer>(`/api/calc/${calculator.name}`, next).then(setAnswer, () => setAnswer(undefined));
    }, TYPED_AFTER_MS);
  };
  const compute = () => void run(() => change<Answer>(`/api/calc/${calculator.name}`, entries)).then(setAnswer);
  const wrong = (field: string) => problem?.at(field);
  const isElsewhere = problem && !calculator.inputs.some((input) => problem.at(input.key));
  return (
    <>
      <KeepsDrafts value={false}>
        {calculator.inputs.map((input) => (
          <Question
            key={input.key}
            field={input}
            value={entries[input.key] ?? ''}
            onChange={(value) => type({ ...entries, [input.key]: value })}
            echo={problem ? '' : equals(answer?.understood[input.key] ?? '')}
            problem={wrong(input.key)}
            onEnter={compute}
          />
        ))}
      </KeepsDrafts>
      <Row>
        <Press data-kind="main" onPress={compute}>
          Compute
        </Press>
      </Row>
      <div role="status">
        {isElsewhere ? <Trouble>{problem.message}</Trouble> : null}
        {problem
          ? null
          : answer?.results.map((result) => (
              <Result key={result.name}>
                {result.label}: <strong>{withUnit(result)}</strong> {result.note}
                {result.working.map((line) => (
                  <code key={line}>{line}</code>
                ))}
                {result.cautions.map((line) => (
                  <Trouble as="span" key={line}>
                    {line}
                  </Trouble>
                ))}
              </Result>
            ))}
      </div>
      <Quiet>{calculator.source}</Quiet>
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { Answer, CalculatorView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Question } from '../parts/Question';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { equals } from '../parts/words';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(340px, 1fr));
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

/** The shop's calculators, each with its working. */
export default function Calculate() {
  const { data } = useQuery({ queryKey: ['calculators'], queryFn: () => read<CalculatorView[]>('/api/calc') });
  return (
    <>
      <h1>Calculate</h1>
      <Quiet>
        Write sizes as you would on the steel: 3/16, .163, 163 thou, 4.2 mm, 1-1/2 in, #28, letter F; threads as 6-32,
        1/4-20 or M5.
      </Quiet>
      <Grid>
        {data?.map((calculator) => (
          <One key={calculator.name} calculator={calculator} />
        ))}
      </Grid>
    </>
  );
}

function One({ calculator }: { calculator: CalculatorView }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const [answer, setAnswer] = useState<Answer | undefined>();
  const { problem, run } = useCaught();
  const compute = () => void run(() => change<Answer>(`/api/calc/${calculator.name}`, entries)).then(setAnswer);
  const wrong = (field: string) => problem?.at(field);
  const isElsewhere = problem && !calculator.inputs.some((input) => problem.at(input.key));
  return (
    <Panel aria-label={calculator.title}>
      <h2>{calculator.title}</h2>
      {calculator.inputs.map((input) => (
        <Question
          key={input.key}
          field={input}
          value={entries[input.key] ?? ''}
          onChange={(value) => setEntries({ ...entries, [input.key]: value })}
          echo={problem ? '' : equals(answer?.understood[input.key] ?? '')}
          problem={wrong(input.key)}
          onEnter={compute}
        />
      ))}
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
                {result.label}: <strong>{`${result.value} ${result.unit}`}</strong> {result.note}
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
    </Panel>
  );
}

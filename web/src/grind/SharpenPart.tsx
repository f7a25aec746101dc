import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { PieceView, SharpeningView, ToolView } from '../api/schema';
import { CalculatorPanel, Grid } from '../calc/CalculatorPanel';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

const Steps = styled.ol`
  list-style: decimal;
  padding-left: 1.6rem;
  > li {
    padding: 0.15rem 0;
  }
`;

/** The sharpening bench: what was agreed and said, the grits, the jig, the way, and what came of trying it. */
export function SharpenPart({ piece }: { piece: PieceView }) {
  const { data: bench } = useQuery({
    queryKey: ['piece', piece.id, 'sharpening'],
    queryFn: () => read<SharpeningView>(`/api/grind/pieces/${piece.id}/sharpening`),
  });
  if (!bench) {
    return null;
  }
  return (
    <Section aria-label="Sharpening">
      <h2>The edge</h2>
      <p>
        <strong>{bench.edge}</strong>, {bench.method.toLowerCase()}
      </p>
      {bench.said ? <p>The client said: “{bench.said}”</p> : null}
      {bench.atThePlunge ? <Trouble as="p">{bench.atThePlunge}</Trouble> : null}
      <p>
        Grits: <strong>{bench.grits.words}</strong>
        {bench.bevelWidth ? (
          <>
            ; the bevel shows <strong>{bench.bevelWidth.value}</strong> wide when it is through (
            {bench.bevelWidth.working.join('; ')})
          </>
        ) : null}
      </p>
      <Steps>
        {bench.steps.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Steps>
      <p>{bench.heat}</p>
      {bench.jig ? <Jig piece={piece.id} name={bench.jig} /> : null}
      <Tried bench={bench} />
    </Section>
  );
}

/** The setting of the job's jig at this edge's angle. */
function Jig({ piece, name }: { piece: number; name: string }) {
  const { data } = useQuery({
    queryKey: ['piece', piece, 'tools', 'FINISHING'],
    queryFn: () => read<ToolView[]>(`/api/calc/at/FINISHING?piece=${piece}`),
  });
  const tool = data?.find((each) => each.calculator.name === name);
  return tool ? (
    <Grid>
      <CalculatorPanel calculator={tool.calculator} known={tool.answer} isOpenAtOnce />
    </Grid>
  ) : null;
}

function Tried({ bench }: { bench: SharpeningView }) {
  const [trial, setTrial] = useState({ triedOn: '', result: bench.results[0]?.value ?? '' });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/grind/pieces/${bench.id}/trials`, trial);
      setTrial({ ...trial, triedOn: '' });
    });
  return (
    <Section aria-label="Tried on">
      <h3>Tried on</h3>
      {bench.trials.map((each) => (
        <p key={each.atMillis}>
          <strong>
            {each.triedOn}: {each.result}
          </strong>
          . {each.advice} <Quiet as="span">{`${each.by}, ${moment(each.atMillis)}`}</Quiet>
        </p>
      ))}
      <Fields>
        <Entry
          label="On what"
          name={`${bench.id} tried on`}
          value={trial.triedOn}
          onChange={(triedOn) => setTrial({ ...trial, triedOn })}
          problem={problem?.at('triedOn')}
        />
        <Choice
          label="What came of it"
          value={trial.result}
          options={bench.results.map((each) => ({ value: each.value, words: each.words }))}
          onChange={(result) => setTrial({ ...trial, result })}
        />
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={keep}>
          Write the trial down
        </Press>
      </Row>
      <Refused problem={problem} />
    </Section>
  );
}

import { useState } from 'react';
import { read } from '../api/client';
import type { EstimateView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Row } from '../parts/Sheet';
import { Answered } from './Tempers';

const SCALES = [
  { value: 'HRC', words: 'Rockwell C' },
  { value: 'HV', words: 'Vickers' },
  { value: 'HBW', words: 'Brinell' },
];

/** A hardness on the other scales. */
export function Scales() {
  const [asked, setAsked] = useState({ scale: 'HRC', number: '60' });
  const [answers, setAnswers] = useState<EstimateView[]>([]);
  const { problem, run } = useCaught();
  const compute = () =>
    void run(async () =>
      setAnswers(await read<EstimateView[]>(`/api/steels/scales?${new URLSearchParams(asked).toString()}`)),
    );
  const ask = (what: Partial<typeof asked>) => {
    setAsked({ ...asked, ...what });
    setAnswers([]);
  };
  return (
    <Panel aria-label="Hardness scales">
      <h2>Hardness scales</h2>
      <Row>
        <Choice label="Scale" value={asked.scale} options={SCALES} onChange={(scale) => ask({ scale })} />
        <Entry
          label="Number"
          name="number"
          value={asked.number}
          onChange={(number) => ask({ number })}
          problem={problem?.at('number')}
          onEnter={compute}
        />
        <Press style={{ alignSelf: 'end' }} onPress={compute}>
          Convert
        </Press>
      </Row>
      <Refused problem={problem} />
      {answers.map((answer) => (
        <Answered key={answer.value + answer.outside} answer={answer} />
      ))}
    </Panel>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { FitView, HandleStackView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Fold } from '../parts/Fold';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section } from '../parts/Sheet';
import { Lines } from './Lines';

const STATES = [
  { value: 'AS_MADE', words: 'as it was made' },
  { value: 'FACED', words: 'after its faces were rubbed flat' },
];

interface StackProps {
  fit: FitView;
  stack: HandleStackView;
  spacer: string;
  onSpacer: (spacer: string) => void;
}

/** Guard, spacers and block in their order, against the tang. */
export function Stack({ fit, stack, spacer, onSpacer }: StackProps) {
  return (
    <Section aria-label="The stack">
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Part</th>
            <th>Begins</th>
            <th>Designed</th>
            <th>Measured</th>
            <th>After facing</th>
          </tr>
        </thead>
        <tbody>
          {stack.parts.map((part) => (
            <tr key={part.key}>
              <td>
                <strong>{part.words}</strong>
              </td>
              <td data-head="begins">{part.from}</td>
              <td data-head="designed">{part.designed}</td>
              <td data-head="measured">{part.canBeMeasured ? part.asMade || 'not yet' : ''}</td>
              <td data-head="after facing">{part.faced}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
      <Lines lines={stack.sums} />
      {fit.isAtWork ? <Thickness fit={fit} stack={stack} /> : null}
      <Fold title="One more spacer" comesTo={stack.added.find((each) => each.isNow)?.moment}>
        <Entry
          label="Thickness of the spacer"
          name={`${fit.id} spacer`}
          value={spacer}
          echo={<>reckoned with {stack.addedThickness}</>}
          onChange={onSpacer}
        />
        {stack.added.map((each) => (
          <div key={each.moment}>
            <h4>
              {each.moment}
              {each.isNow ? ': it is now' : ''}
              {each.isPossible ? '' : ', no more'}
            </h4>
            <ul>
              {each.words.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          </div>
        ))}
        <Quiet>The specification says how many spacers there are: change it there, and what it spoils is said.</Quiet>
      </Fold>
    </Section>
  );
}

function Thickness({ fit, stack }: { fit: FitView; stack: HandleStackView }) {
  const [state, setState] = useState('AS_MADE');
  const [entries, setEntries] = useState<Record<string, string>>({});
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/fit/pieces/${fit.id}/stack`, { state, entries });
      setEntries({});
    });
  return (
    <>
      <Fields>
        <Choice label="Measured" value={state} options={STATES} onChange={setState} />
        {stack.parts
          .filter((part) => part.canBeMeasured)
          .map((part) => (
            <Measured
              key={part.key}
              label={part.words}
              name={`${fit.id} ${part.key}`}
              value={entries[part.key] ?? ''}
              onChange={(value) => setEntries({ ...entries, [part.key]: value })}
              problem={problem?.at(part.key)}
            />
          ))}
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Keep the thickness
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { DrivenView, FitView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Now } from './Fit.styles';

/** A guard while it is driven on: level left and right after every few blows, then its print. */
export function Driving({ fit, driven }: { fit: FitView; driven: DrivenView }) {
  return (
    <Section aria-label="Driving the guard on">
      <div role="status">
        <Now data-turn={driven.turn}>{driven.next}</Now>
      </div>
      <Levels driven={driven} />
      {fit.isAtWork ? <Level key={driven.readings.length} fit={fit} driven={driven} /> : null}
      <Printed fit={fit} driven={driven} />
    </Section>
  );
}

function Levels({ driven }: { driven: DrivenView }) {
  return driven.readings.length > 0 ? (
    <Facts>
      <thead>
        <tr>
          <th>After</th>
          <th>Open left</th>
          <th>Open right</th>
        </tr>
      </thead>
      <tbody>
        {driven.readings.map((reading, index) => (
          // oxlint-disable-next-line react/no-array-index-key -- the same reading may stand twice in the list
          <tr key={index}>
            <td>
              {reading.blows} {reading.blows === 1 ? 'blow' : 'blows'}, {reading.by}
            </td>
            <td>{reading.left}</td>
            <td>{reading.right}</td>
          </tr>
        ))}
      </tbody>
    </Facts>
  ) : null;
}

function Level({ fit, driven }: { fit: FitView; driven: DrivenView }) {
  const last = driven.readings.at(-1)?.blows ?? 0;
  const [read, setRead] = useState({ blows: String(last + 3), left: '', right: '' });
  const { problem, isBusy, run } = useCaught();
  const send = (path: string, body: object) => void run(() => change(`/api/fit/pieces/${fit.id}/${path}`, body));
  return (
    <>
      <Fields>
        <Entry
          large
          label="Blows, all together"
          name={`${fit.id} blows`}
          value={read.blows}
          onChange={(blows) => setRead({ ...read, blows })}
          problem={problem?.at('blows')}
        />
        <Measured
          label="Open on the left"
          name={`${fit.id} left`}
          value={read.left}
          onChange={(left) => setRead({ ...read, left })}
          problem={problem?.at('left')}
        />
        <Measured
          label="Open on the right"
          name={`${fit.id} right`}
          value={read.right}
          onChange={(right) => setRead({ ...read, right })}
          problem={problem?.at('right')}
        />
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => send('levels', read)}>
          Keep the level
        </Press>
        {driven.readings.length > 0 ? (
          <Press isDisabled={isBusy} onPress={() => send('levels/take-back', {})}>
            Take the last one back
          </Press>
        ) : null}
      </Row>
      <Refused problem={problem} />
    </>
  );
}

function Printed({ fit, driven }: { fit: FitView; driven: DrivenView }) {
  const { problem, run } = useCaught();
  return (
    <>
      {fit.isAtWork ? (
        <Choice
          label="The print reads"
          value={driven.print}
          options={fit.prints}
          onChange={(print) => void run(() => change(`/api/fit/pieces/${fit.id}/print`, { print }))}
        />
      ) : null}
      {driven.printSays ? (
        driven.isPrintGood ? (
          <Quiet>{driven.printSays}</Quiet>
        ) : (
          <Trouble>{driven.printSays}</Trouble>
        )
      ) : null}
      <Refused problem={problem} />
    </>
  );
}

import { useState } from 'react';
import { change, read } from '../api/client';
import type { PieceFire, Pressed, TestView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Lines } from './Fire.styles';

const FILE = [
  { value: 'SKATES', words: 'A file skates' },
  { value: 'BITES', words: 'A file bites' },
];

/** Readings of the tester, typed or pressed, with the file beside them. */
export function Hardness({ piece }: { piece: PieceFire }) {
  const [taken, setTaken] = useState(['', '', '']);
  const [file, setFile] = useState('SKATES');
  const { problem, isBusy, run } = useCaught();
  const press = () =>
    void run(async () => {
      const { reading } = await read<Pressed>(`/api/fire/pieces/${piece.id}/tester`);
      const free = taken.indexOf('');
      setTaken(free < 0 ? [...taken, reading] : taken.map((each, i) => (i === free ? reading : each)));
    });
  const keep = () =>
    void run(async () => {
      await change(`/api/fire/pieces/${piece.id}/hardness`, {
        readings: taken.filter((each) => each.trim()),
        skates: file === 'SKATES',
      });
      setTaken(['', '', '']);
    });
  return (
    <Panel aria-label="Hardness">
      <h2>Hardness, wanted {piece.wanted}</h2>
      {piece.tests.map((test) => (
        <Test key={`${test.atMillis}`} test={test} />
      ))}
      <Row>
        {taken.map((reading, i) => (
          // Readings have no name but their turn.
          <div key={i} style={{ width: '8rem' }}>
            <Entry
              label={`Reading ${i + 1}`}
              name={`reading${i + 1}`}
              value={reading}
              onChange={(value) => setTaken(taken.map((each, at) => (at === i ? value : each)))}
              problem={problem?.findings[0]?.given === reading && reading ? problem.at('readings') : undefined}
            />
          </div>
        ))}
      </Row>
      <Row>
        <Choice label="File beside a soft piece" value={file} options={FILE} onChange={setFile} />
        <Press style={{ alignSelf: 'end' }} isDisabled={isBusy} onPress={press}>
          Press the tester
        </Press>
        <Press style={{ alignSelf: 'end' }} data-kind="main" isDisabled={isBusy} onPress={keep}>
          Write it down
        </Press>
      </Row>
      <Quiet>
        The tester is a stand-in: it reads what such a blade likely shows, with scatter. Three readings on a flat, away
        from the edge.
      </Quiet>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function Test({ test }: { test: TestView }) {
  return (
    <div>
      <strong style={{ fontSize: '1.25rem' }}>
        {test.mean}: {test.verdict}
      </strong>
      {test.skates ? ', a file skates' : ', a file bites'}
      <Lines>
        {[...test.working, ...test.advice].map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Lines>
      <Quiet>
        heat {test.heats}, {test.by}, {moment(test.atMillis)}
      </Quiet>
    </div>
  );
}

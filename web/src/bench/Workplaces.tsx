import { useState } from 'react';
import { change } from '../api/client';
import type { WorkplaceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import type { Station } from '../route/useStations';

interface WorkplacesProps {
  station: Station;
  workplaces: readonly WorkplaceView[];
  /** Whether the reader writes down here what there is. */
  isKeptHere: boolean;
}

/** What a station has to work with: two grinders, a kiln of so many inches. */
export function Workplaces({ station, workplaces, isKeptHere }: WorkplacesProps) {
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [longest, setLongest] = useState('');
  const { problem, isBusy, run } = useCaught();
  const add = () =>
    void run(async () => {
      await change(`/api/stations/${station}/workplaces`, { name, longest });
      setName('');
      setLongest('');
      setOpen(false);
    });
  const remove = (id: number) => void run(() => change(`/api/stations/workplaces/${id}/remove`, {}));
  const isAtEntry = problem?.at('name') ?? problem?.at('longest');
  return (
    <Panel aria-label="What is here">
      <Row>
        {workplaces.map((each) => (
          <span key={`${each.id} ${each.name}`}>
            <b>{each.name}</b>
            {each.longest ? `, up to ${each.longest} long` : ''}{' '}
            {isOpen && isKeptHere ? <Press onPress={() => remove(each.id)}>{`${each.name} is gone`}</Press> : null}
          </span>
        ))}
        {workplaces.length === 0 ? <Quiet>What is here to work with has not been written down.</Quiet> : null}
        {isKeptHere ? (
          <Press onPress={() => setOpen(!isOpen)}>{isOpen ? 'Leave it' : 'Write down what is here'}</Press>
        ) : null}
      </Row>
      {problem && !isAtEntry ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {isOpen && isKeptHere ? (
        <>
          <Fields>
            <Entry
              label="What it is called"
              name="name"
              value={name}
              onChange={setName}
              problem={problem?.at('name')}
              onEnter={add}
            />
            <Entry
              label="Longest piece that it takes, if it matters"
              name="longest"
              value={longest}
              onChange={setLongest}
              problem={problem?.at('longest')}
              onEnter={add}
            />
          </Fields>
          <Row>
            <Press data-kind="main" isDisabled={isBusy} onPress={add}>
              Add it
            </Press>
          </Row>
        </>
      ) : null}
    </Panel>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { Option, WorkplaceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import type { Station } from '../route/useStations';

interface WorkplacesProps {
  station: Station;
  workplaces: readonly WorkplaceView[];
  /** How stiff what is here can be; none where that does not matter. */
  stiffnesses: readonly Option[];
  /** Whether the reader writes down here what there is. */
  isKeptHere: boolean;
}

/** What a station has to work with: two grinders, a kiln of so many inches. */
export function Workplaces({ station, workplaces, stiffnesses, isKeptHere }: WorkplacesProps) {
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
            {each.longest ? `, up to ${each.longest} long` : ''}
            {each.mill ? `, ${bears(each.mill)}` : ''}{' '}
            {isOpen && isKeptHere ? <Press onPress={() => remove(each.id)}>{`${each.name} is gone`}</Press> : null}
          </span>
        ))}
        {workplaces.length === 0 ? <Quiet>What is here to work with has not been written down.</Quiet> : null}
        {isKeptHere ? (
          <Press onPress={() => setOpen(!isOpen)}>{isOpen ? 'Leave it' : 'Write down what is here'}</Press>
        ) : null}
      </Row>
      {problem && !isAtEntry ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {isOpen && isKeptHere && stiffnesses.length > 0
        ? workplaces.map((each) => <Mill key={each.id} place={each} stiffnesses={stiffnesses} />)
        : null}
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

const bears = ({ words, watts, rpm }: NonNullable<WorkplaceView['mill']>): string =>
  `${words.toLowerCase()}, ${watts} W, up to ${rpm} RPM`;

/** What a mill bears: speeds, feeds and depths are worked out for it. */
function Mill({ place, stiffnesses }: { place: WorkplaceView; stiffnesses: readonly Option[] }) {
  const [mill, setMill] = useState({
    stiffness: place.mill?.stiffness ?? stiffnesses[0]?.value ?? '',
    watts: String(place.mill?.watts ?? ''),
    rpm: String(place.mill?.rpm ?? ''),
  });
  const { problem, isBusy, run } = useCaught();
  const keep = () => void run(() => change(`/api/stations/workplaces/${place.id}/mill`, mill));
  return (
    <Section aria-label={`What ${place.name} bears`}>
      <h3>What {place.name} bears</h3>
      <Fields>
        <Choice
          label="How stiff it is"
          value={mill.stiffness}
          options={stiffnesses.map((each) => ({ value: each.value, words: each.words }))}
          onChange={(stiffness) => setMill({ ...mill, stiffness })}
        />
        <Entry
          label="Its motor, watts"
          name={`${place.id} watts`}
          value={mill.watts}
          onChange={(watts) => setMill({ ...mill, watts })}
          problem={problem?.at('watts')}
          onEnter={keep}
        />
        <Entry
          label="Turns a minute, at most"
          name={`${place.id} rpm`}
          value={mill.rpm}
          onChange={(rpm) => setMill({ ...mill, rpm })}
          problem={problem?.at('rpm')}
          onEnter={keep}
        />
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Keep it
        </Press>
      </Row>
      <Refused problem={problem} />
    </Section>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { About } from './About';
import { NewPassword } from './NewPassword';
import { ClosedDays } from './ClosedDays';
import { Colleagues, MakersMay } from './Colleagues';
import { LENGTH_UNITS, TEMPERATURE_UNITS } from './units';
import { usePerson } from './useSession';
import { YourAccess } from './YourAccess';
import { WhatCalls } from './WhatCalls';
import { WhereYouWork } from './WhereYouWork';
import { YourPasskeys } from './YourPasskeys';

const ROLES = [
  { value: 'MAKER', words: 'Maker' },
  { value: 'OWNER', words: 'Owner' },
];

/** Your own units, and who works here. */
export function People() {
  const me = usePerson();
  const queries = useQueryClient();
  const { problem, run } = useCaught();
  const choose = (unit: string) =>
    void run(async () => {
      await change('/api/people/units', { unit });
      await queries.invalidateQueries();
    });
  return (
    <>
      <h1>People</h1>
      <Panel>
        <h2>What you read</h2>
        <Quiet>Any field still takes the other units when they are named.</Quiet>
        <Row>
          <Choice label="Lengths" value={me.lengthUnit} options={LENGTH_UNITS} onChange={choose} />
          <Choice label="Temperatures" value={me.temperatureUnit} options={TEMPERATURE_UNITS} onChange={choose} />
        </Row>
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      </Panel>
      <YourAccess />
      <YourPasskeys />
      <Colleagues />
      <WhereYouWork />
      <WhatCalls />
      {me.role === 'OWNER' ? <MakersMay /> : null}
      <ClosedDays />
      {me.role === 'OWNER' ? (
        <Panel>
          <h2>The shop’s data</h2>
          <p>
            <Link to="/backup">Backup</Link>: how old the last good copy is, one more, and one brought back.
          </p>
          <p>
            <Link to="/along">Taking along</Link>: the whole shop, one job or all about a client in files that any
            program can read; and a client forgotten.
          </p>
        </Panel>
      ) : null}
      {me.role === 'OWNER' ? (
        <NewPerson onAdded={() => void queries.invalidateQueries({ queryKey: ['people'] })} />
      ) : null}
      <About />
    </>
  );
}

function NewPerson({ onAdded }: { onAdded: () => void }) {
  const empty = { name: '', signInName: '', password: '', role: 'MAKER' };
  const [person, setPerson] = useState(empty);
  const { problem, isBusy, run } = useCaught();
  const put = (field: keyof typeof empty) => (value: string) => setPerson({ ...person, [field]: value });
  const wrong = (field: string) => problem?.at(field);
  const add = () =>
    void run(async () => {
      await change('/api/people', person);
      setPerson(empty);
      onAdded();
    });
  return (
    <Panel>
      <h2>Add somebody</h2>
      <Entry label="Name" value={person.name} onChange={put('name')} problem={wrong('name')} />
      <Entry
        label="Sign-in name"
        value={person.signInName}
        onChange={put('signInName')}
        problem={wrong('signInName')}
      />
      <NewPassword
        label="First password"
        value={person.password}
        onChange={put('password')}
        problem={wrong('password')}
      />
      <Choice label="Works as" value={person.role} options={ROLES} onChange={put('role')} />
      <Refused problem={problem} />
      <div>
        <Press data-kind="main" isDisabled={isBusy} onPress={add}>
          Add
        </Press>
      </div>
    </Panel>
  );
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { PersonView, RightView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { usePeople } from './usePeople';
import { usePerson } from './useSession';
import { NewPassword } from './NewPassword';

/** Who works here, and who did. An owner gives new passwords, signs out, lets go and takes back. */
export function Colleagues() {
  const me = usePerson();
  const { data: people } = usePeople();
  const [chosen, setChosen] = useState<PersonView | undefined>();
  return (
    <Panel aria-label="Who works here">
      <h2>Who works here</h2>
      <Listed>
        {people?.map((person) => (
          <li key={person.id}>
            <Row>
              <span>
                <strong>{person.name}</strong>, {person.role === 'OWNER' ? 'owner' : 'maker'}
                {person.isHere ? `, reads ${person.lengthUnit === 'INCH' ? 'inches' : 'millimetres'}` : ', has left'}
              </span>
              {me.role === 'OWNER' && person.id !== me.id ? (
                <Press aria-label={`About ${person.name}`} onPress={() => setChosen(person)}>
                  {person.isHere ? 'Password, sign out, leave…' : 'Here again…'}
                </Press>
              ) : null}
            </Row>
          </li>
        ))}
      </Listed>
      {chosen ? <About key={chosen.id} person={chosen} onClose={() => setChosen(undefined)} /> : null}
    </Panel>
  );
}

function About({ person, onClose }: { person: PersonView; onClose: () => void }) {
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const [password, setPassword] = useState('');
  const tell = (what: string, body: object = {}) =>
    void run(async () => {
      await change(`/api/people/${person.id}/${what}`, body);
      await queries.invalidateQueries({ queryKey: ['people'] });
      onClose();
    });
  return (
    <Ask title={person.name} isOpen onClose={onClose}>
      {person.isHere ? (
        <>
          <Row>
            <NewPassword
              value={password}
              onChange={setPassword}
              problem={problem?.at('password')}
              more="; tell it only to them"
            />
            <Press isDisabled={isBusy || !password} onPress={() => tell('password', { password })}>
              Give it
            </Press>
          </Row>
          <Row>
            <Press isDisabled={isBusy} onPress={() => tell('sign-out')}>
              Sign out everywhere
            </Press>
            <Press data-kind="alarm" isDisabled={isBusy} onPress={() => tell('let-go')}>
              Leaves the shop
            </Press>
          </Row>
          <Quiet>Who leaves signs in no more, from this moment on. Their name stays on what they did.</Quiet>
        </>
      ) : (
        <Row>
          <Press data-kind="main" isDisabled={isBusy} onPress={() => tell('take-back')}>
            {person.name} works here again
          </Press>
        </Row>
      )}
      <Refused problem={problem} />
    </Ask>
  );
}

/** What the owner decides whether makers may do it. */
export function MakersMay() {
  const queries = useQueryClient();
  const { data: rights } = useQuery({
    queryKey: ['people', 'rights'],
    queryFn: () => read<RightView[]>('/api/people/rights'),
  });
  const { problem, isBusy, run } = useCaught();
  const decide = (matter: string, may: boolean) =>
    void run(async () => {
      await change('/api/people/rights', { matter, may });
      await queries.invalidateQueries({ queryKey: ['people', 'rights'] });
    });
  return (
    <Panel aria-label="What makers may do">
      <h2>Makers may</h2>
      {rights?.map((right) => (
        <Tick
          key={right.matter}
          words={right.words}
          isTicked={right.may}
          isDisabled={isBusy}
          onChange={(may) => decide(right.matter, may)}
        />
      ))}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

import { useState } from 'react';
import { styled } from 'styled-components';
import type { SessionView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { ByPin } from './ByPin';
import { Doorway } from './Doorway';
import { canHavePasskeys } from './passkeys';
import { useSigning } from './useSession';

const People = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 0.7rem;
  button {
    width: 100%;
    min-height: 64px;
    text-align: left;
  }
  small {
    display: block;
    font-weight: 400;
  }
`;

/** Who is at the bench? */
export function SignIn({ session }: { session: SessionView }) {
  return (
    <Doorway title={session.shopName}>
      <WaysIn session={session} />
    </Doorway>
  );
}

/** In the demo, and only there, a press on a name is enough; at a shared tablet a short number. */
export function WaysIn({ session }: { session: SessionView }) {
  const { signIn, signInToDemo, signInWithPasskey } = useSigning();
  const { problem, isBusy, run } = useCaught();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const submit = () => void run(() => signIn(name, password));
  return (
    <>
      {session.isDemo ? (
        <Panel>
          <h2>Who is at the bench?</h2>
          <Quiet>This is the demo shop. Press a name to look around as that person.</Quiet>
          <People>
            {session.demoPeople.map((person) => (
              <li key={person.id}>
                <Press onPress={() => void run(() => signInToDemo(person.id))}>
                  {person.name}
                  <small>
                    {person.role === 'OWNER' ? 'Owner' : 'Maker'}, reads{' '}
                    {person.lengthUnit === 'INCH' ? 'inches' : 'millimetres'}
                  </small>
                </Press>
              </li>
            ))}
          </People>
        </Panel>
      ) : null}
      {session.hands.length > 0 ? (
        <Panel aria-label="With a short number">
          <h2>Who is at the bench?</h2>
          <ByPin hands={session.hands} />
        </Panel>
      ) : null}
      <Panel>
        <h2>Sign in with a password</h2>
        <Entry
          isPassing
          label="Sign-in name"
          name="signInName"
          value={name}
          onChange={setName}
          autoComplete="username"
        />
        <Entry
          label="Password"
          name="password"
          type="password"
          value={password}
          onChange={setPassword}
          autoComplete="current-password"
          onEnter={submit}
        />
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        <Row>
          <Press data-kind="main" isDisabled={isBusy} onPress={submit}>
            Sign in
          </Press>
          {canHavePasskeys() ? (
            <Press isDisabled={isBusy} onPress={() => void run(signInWithPasskey)}>
              With a passkey
            </Press>
          ) : null}
        </Row>
      </Panel>
    </>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { usePerson, useSession } from './useSession';
import { NewPassword } from './NewPassword';
import { useQueryClient } from '@tanstack/react-query';

/** What you sign in with, and what this device is. */
export function YourAccess() {
  const me = usePerson();
  const { data: session } = useSession();
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const [present, setPresent] = useState('');
  const [password, setPassword] = useState('');
  const [pin, setPin] = useState('');
  const [said, setSaid] = useState('');
  const tell = (path: string, body: object, done: string) =>
    void run(async () => {
      setSaid('');
      await change(path, body);
      setPresent('');
      setPassword('');
      setPin('');
      setSaid(done);
      await queries.invalidateQueries({ queryKey: ['session'] });
    });
  return (
    <Panel aria-label="How you sign in">
      <h2>How you sign in</h2>
      <Fields>
        <Entry
          label="Your password now"
          name="present"
          type="password"
          value={present}
          onChange={setPresent}
          problem={problem?.at('present')}
          echo="Asked for either change"
          autoComplete="current-password"
        />
        <NewPassword value={password} onChange={setPassword} problem={problem?.at('password')} />
        <Entry
          label="A short number"
          name="pin"
          type="password"
          inputMode="numeric"
          value={pin}
          onChange={setPin}
          problem={problem?.at('pin')}
          echo={me.hasPin ? '4 to 8 figures; you have one' : '4 to 8 figures; you have none yet'}
        />
      </Fields>
      <Row>
        <Press
          isDisabled={isBusy || !present || !password}
          onPress={() =>
            tell('/api/people/password', { present, password }, 'Changed. Everywhere else you are signed out.')
          }
        >
          Change the password
        </Press>
        <Press
          isDisabled={isBusy || !present || pin.length < 4}
          onPress={() => tell('/api/people/pin', { present, pin }, 'You have a short number now.')}
        >
          Choose the number
        </Press>
        {me.hasPin ? (
          <Press
            isDisabled={isBusy || !present}
            onPress={() => tell('/api/people/pin', { present, pin: '' }, 'You have no short number any more.')}
          >
            Have no number
          </Press>
        ) : null}
      </Row>
      <Quiet>
        A short number changes hands at a shared tablet. It opens what a maker may do, and only there; with a new
        password it is to be chosen anew.
      </Quiet>
      {me.role === 'OWNER' ? (
        <Tick
          words="This is a shared tablet: several people work at it, one after the other"
          isTicked={session?.isSharedTablet ?? false}
          isDisabled={isBusy}
          onChange={(isShared) =>
            tell('/api/device', { isShared }, isShared ? 'This is a shared tablet now.' : 'This is yours alone again.')
          }
        />
      ) : null}
      {said ? <p role="status">{said}</p> : null}
      <Refused problem={problem} />
    </Panel>
  );
}

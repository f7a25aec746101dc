import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { PasskeyView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Fields, Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { dayOf } from '../parts/words';
import { answerNew, canHavePasskeys } from './passkeys';

/** A way in by finger, face or the device's own number. Only where the address is safe enough for it. */
export function YourPasskeys() {
  const queries = useQueryClient();
  const { data: passkeys } = useQuery({
    queryKey: ['passkeys'],
    queryFn: () => read<PasskeyView[]>('/api/people/passkeys'),
  });
  const { problem, isBusy, run } = useCaught();
  const [present, setPresent] = useState('');
  const [label, setLabel] = useState('');
  const tell = (work: () => Promise<unknown>) =>
    void run(async () => {
      await work();
      setPresent('');
      setLabel('');
      await queries.invalidateQueries({ queryKey: ['passkeys'] });
    });
  const make = () =>
    tell(async () => change('/api/people/passkeys', { present, label: label.trim(), ...(await answerNew()) }));
  if (!canHavePasskeys() && !passkeys?.length) {
    return null;
  }
  return (
    <Panel aria-label="Your passkeys">
      <h2>Your passkeys</h2>
      <Quiet>
        A passkey signs you in without a password: the device makes sure of you by finger, face or its own number. It is
        good at this address only.
      </Quiet>
      <Listed>
        {passkeys?.map((passkey) => (
          <li key={passkey.id}>
            <Row>
              <span>
                <strong>{passkey.label}</strong>, made {dayOf(passkey.madeAtMillis)}, used {dayOf(passkey.usedAtMillis)}
              </span>
              <Press
                aria-label={`Give up ${passkey.label}`}
                isDisabled={isBusy}
                onPress={() => tell(() => change(`/api/people/passkeys/${passkey.id}/drop`))}
              >
                Give it up
              </Press>
            </Row>
          </li>
        ))}
      </Listed>
      {canHavePasskeys() ? (
        <>
          <Fields>
            <Entry
              label="Your password"
              name="passkey-present"
              type="password"
              value={present}
              onChange={setPresent}
              problem={problem?.at('present')}
              autoComplete="current-password"
            />
            <Entry
              label="Name of this device"
              name="label"
              value={label}
              onChange={setLabel}
              problem={problem?.at('label')}
              echo="Such as “my phone”"
            />
          </Fields>
          <div>
            <Press isDisabled={isBusy || !present || !label.trim()} onPress={make}>
              Make a passkey
            </Press>
          </div>
        </>
      ) : null}
      {problem && !problem.at('present') && !problem.at('label') ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
    </Panel>
  );
}

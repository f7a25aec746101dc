import { useState } from 'react';
import type { HandView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Row } from '../parts/Sheet';
import { useSigning } from './useSession';

/** Somebody takes over a shared tablet: their name, then their short number. */
export function ByPin({ hands }: { hands: readonly HandView[] }) {
  const { signInWithPin } = useSigning();
  const { problem, isBusy, run, clear } = useCaught();
  const [chosen, setChosen] = useState<HandView | undefined>();
  const [pin, setPin] = useState('');
  const choose = (hand: HandView) => {
    setChosen(hand);
    setPin('');
    clear();
  };
  const submit = () => {
    if (chosen) {
      void run(() => signInWithPin(chosen.id, pin));
    }
  };
  return (
    <>
      <Row role="group" aria-label="Names">
        {hands.map((hand) => (
          <Press
            key={hand.id}
            data-large
            data-kind={hand.id === chosen?.id ? 'main' : undefined}
            onPress={() => choose(hand)}
          >
            {hand.name}
          </Press>
        ))}
      </Row>
      {chosen ? (
        <Row>
          <Entry
            label={`Short number of ${chosen.name}`}
            name="pin"
            type="password"
            inputMode="numeric"
            value={pin}
            onChange={setPin}
            problem={problem?.at('pin')}
            echo="4 to 8 figures"
            onEnter={submit}
            large
          />
          <Press data-kind="main" data-large isDisabled={isBusy || pin.length < 4} onPress={submit}>
            Take over
          </Press>
        </Row>
      ) : null}
      <Refused problem={problem} />
    </>
  );
}

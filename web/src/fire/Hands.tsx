import { usePeople } from '../access/usePeople';
import { change } from '../api/client';
import type { LoadView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** Who works the door and who quenches, and what must lie ready before the work goes in. */
export function Hands({ load }: { load: LoadView }) {
  const { data: people } = usePeople();
  const { problem, isBusy, run } = useCaught();
  if (load.standing === 'IN') {
    return load.treatment.isQuenched ? (
      <p>
        {load.hands.doorName} works the door and calls; {load.hands.quenchName} quenches.
      </p>
    ) : null;
  }
  const who = [
    { value: '0', words: 'Nobody yet' },
    ...(people ?? []).map((person) => ({ value: String(person.id), words: person.name })),
  ];
  const choose = (at: 'DOOR' | 'QUENCH', person: string) =>
    void run(() => change(`/api/fire/loads/${load.id}/hands`, { at, person: Number(person) }));
  return (
    <>
      {load.treatment.isQuenched ? (
        <Row>
          <Choice
            label="At the door"
            value={String(load.hands.doorBy)}
            options={who}
            onChange={(person) => choose('DOOR', person)}
          />
          <Choice
            label="At the quench"
            value={String(load.hands.quenchBy)}
            options={who}
            onChange={(person) => choose('QUENCH', person)}
          />
        </Row>
      ) : null}
      {load.ready.map((each) => (
        <Tick
          key={each.line}
          words={each.line}
          isTicked={each.isReady}
          isDisabled={isBusy}
          onChange={(isReady) =>
            void run(() => change(`/api/fire/loads/${load.id}/ready`, { line: each.line, isReady }))
          }
        />
      ))}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { KilnView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';

const PACES = [1, 10, 60, 300].map((times) => ({
  value: String(times),
  words: times === 1 ? 'as the shop’s' : `${times} times as fast`,
}));
const FAULTS = [
  { value: '', words: 'nothing: it is whole' },
  { value: 'THERMOCOUPLE_OPEN', words: 'thermocouple open' },
  { value: 'POWER_CUT', words: 'power cut' },
  { value: 'TOO_HOT', words: 'does not stop heating' },
  { value: 'SILENT', words: 'does not answer' },
];

/** What is worked by hand at a kiln that is not there: its door, its faults, the pace of its clock. */
export function StandIn({ kiln }: { kiln: KilnView }) {
  const [isOpen, setOpen] = useState(false);
  const [fault, setFault] = useState('');
  const { problem, isBusy, run } = useCaught();
  const send = (what: string, body: unknown) => void run(() => change(`/api/fire/kilns/${kiln.id}/${what}`, body));
  return (
    <div aria-label={`Stand-in of ${kiln.name}`} role="group">
      <Row style={{ paddingTop: '0.5rem' }}>
        <Press isDisabled={isBusy} onPress={() => send('door', { isOpen: !kiln.isDoorOpen })}>
          {kiln.isDoorOpen ? 'Shut the door' : 'Open the door'}
        </Press>
        <Press onPress={() => setOpen(!isOpen)}>{isOpen ? 'Less' : 'Stand-in…'}</Press>
      </Row>
      {isOpen ? (
        <>
          <Quiet>
            This kiln is a stand-in that ships with the program. Break it, or let its clock run faster, to see what is
            said then.
          </Quiet>
          <Row>
            <Choice
              label="Its clock runs"
              value={String(kiln.pace)}
              options={PACES}
              onChange={(times) => send('pace', { times: Number(times) })}
            />
            <Choice label="What is broken" value={fault} options={FAULTS} onChange={setFault} />
            <Press isDisabled={isBusy} style={{ alignSelf: 'end' }} onPress={() => send('fault', { fault })}>
              Let it be so
            </Press>
          </Row>
        </>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </div>
  );
}

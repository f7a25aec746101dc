import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { BilletLine, Forge, TripView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { day } from '../parts/words';
import { Machines } from './Machines';
import { useForge } from './useForge';

/** The forge: billets on paper and in the fire, the machines they go through, days at borrowed ones. */
export default function ForgePage() {
  const { data } = useForge();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>The forge</h1>
        <Link to="/forge/new">A new billet</Link>
      </Row>
      <Panel aria-label="Billets">
        <h2>Billets</h2>
        {data.billets.length === 0 ? (
          <Quiet>None yet. A recipe carries a billet from the bars to the blades, on paper first.</Quiet>
        ) : (
          <Billets billets={data.billets} />
        )}
      </Panel>
      {data.trips.map((trip) => (
        <Trip key={trip.id} trip={trip} />
      ))}
      <PlanTrip forge={data} />
      <Machines machines={data.machines} />
    </>
  );
}

function Billets({ billets }: { billets: readonly BilletLine[] }) {
  return (
    <Facts>
      <tbody>
        {billets.map((billet) => (
          <tr key={billet.id}>
            <td>
              <Link to={`/forge/${billet.id}`}>{billet.name}</Link>
            </td>
            <td>
              {billet.blades} {billet.blades === 1 ? 'blade' : 'blades'}
            </td>
            <td>
              {billet.done} of {billet.steps} steps done
            </td>
            <td>
              {billet.rack
                ? `on the rack: ${billet.rack}`
                : billet.next
                  ? `next: ${billet.next}`
                  : 'ready for the rack'}
            </td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

function Trip({ trip }: { trip: TripView }) {
  const { problem, isBusy, run } = useCaught();
  const packed = trip.carry.filter((each) => each.isPacked).length;
  return (
    <Panel aria-label={`Trip to ${trip.machine}`}>
      <Row>
        <h2>
          {day(trip.day)}: {trip.machine}
          {trip.owner ? ` of ${trip.owner}` : ''}
        </h2>
        <Link to={`/forge/${trip.billetId}`}>{trip.billet}</Link>
        <span>
          {packed} of {trip.carry.length} packed
        </span>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/forge/trips/${trip.id}/over`))}>
          It is over
        </Press>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <div
        style={{
          display: 'grid',
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(300px, 100%), 1fr))',
          gap: '0.4rem',
        }}
      >
        {trip.carry.map((each) => (
          <Tick
            key={each.line}
            words={each.line}
            isTicked={each.isPacked}
            isDisabled={isBusy}
            onChange={(isPacked) =>
              void run(() => change(`/api/forge/trips/${trip.id}/pack`, { line: each.line, isPacked }))
            }
          />
        ))}
      </div>
    </Panel>
  );
}

/** A day at somebody else's machine. */
function PlanTrip({ forge }: { forge: Forge }) {
  const [trip, setTrip] = useState({ machine: '', billet: '', day: '' });
  const { problem, isBusy, run } = useCaught();
  const borrowed = forge.machines.filter((machine) => machine.owner);
  const billets = forge.billets.filter((billet) => !billet.rack);
  if (borrowed.length === 0 || billets.length === 0) {
    return null;
  }
  const machine = trip.machine || String(borrowed[0]?.id);
  const billet = trip.billet || String(billets[0]?.id);
  const plan = () =>
    void run(async () => {
      await change('/api/forge/trips', { machine: Number(machine), billet: Number(billet), day: trip.day });
      setTrip({ machine: '', billet: '', day: '' });
    });
  return (
    <Panel aria-label="A day at a borrowed machine">
      <h2>A day at a borrowed machine</h2>
      <Row>
        <Choice
          label="Machine"
          value={machine}
          options={borrowed.map((each) => ({ value: String(each.id), words: `${each.name}, ${each.owner}` }))}
          onChange={(value) => setTrip({ ...trip, machine: value })}
        />
        <Choice
          label="Billet"
          value={billet}
          options={billets.map((each) => ({ value: String(each.id), words: each.name }))}
          onChange={(value) => setTrip({ ...trip, billet: value })}
        />
        <Entry
          label="Day"
          name="day"
          type="date"
          value={trip.day}
          onChange={(value) => setTrip({ ...trip, day: value })}
          problem={problem?.at('day')}
        />
        <Press isDisabled={isBusy} style={{ alignSelf: 'end' }} onPress={plan}>
          Make the carry list
        </Press>
      </Row>
      <Refused problem={problem} />
    </Panel>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { FitView, PinPlaceView, StackPinsView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Facts } from '../parts/Facts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section } from '../parts/Sheet';
import { Lines } from './Lines';

const NOWHERE = { firstAcross: '', firstAlong: '', otherAcross: '', otherAlong: '' };

/** Two pins through guard, spacers and the handle's front: where, how deep, and what stays beside them. */
export function Pins({ fit, pins }: { fit: FitView; pins: StackPinsView }) {
  return (
    <Section aria-label="Alignment pins">
      <Quiet>
        Pins of {pins.pin}, drilled {pins.drill}. Places are from the middle of the tang: across to the right, up
        towards the back.{' '}
        {pins.isChosen ? 'As they were laid down.' : 'These are the places where most stays beside them.'}
      </Quiet>
      {pins.places.map((place, index) => (
        <Place key={`${place.across} ${place.along}`} number={index + 1} place={place} />
      ))}
      <Lines lines={pins.depths} />
      <ol>
        {pins.asOne.map((line, index) => (
          <li key={line}>
            {index + 1}. {line}
          </li>
        ))}
      </ol>
      {fit.isAtWork ? <Laid fit={fit} pins={pins} /> : null}
    </Section>
  );
}

function Place({ number, place }: { number: number; place: PinPlaceView }) {
  return (
    <>
      <p>
        Pin {number}: <strong>{place.across}</strong> across, <strong>{place.along}</strong> up
      </p>
      <Facts>
        <tbody>
          {place.rooms.map((room) => (
            <tr key={room.words}>
              <td>{room.words}</td>
              <td data-stale={room.verdict === 'OUT' || undefined}>
                {room.left}, at least {room.least}
                {room.verdict === 'IN' ? '' : `. ${room.why}`}
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
    </>
  );
}

function Laid({ fit, pins }: { fit: FitView; pins: StackPinsView }) {
  const [pin, setPin] = useState('');
  const [at, setAt] = useState(NOWHERE);
  const { problem, isBusy, run } = useCaught();
  const lay = (places: typeof NOWHERE) =>
    void run(async () => {
      await change(`/api/fit/pieces/${fit.id}/pins`, { pin: pin || pins.pin, ...places });
      setAt(NOWHERE);
    });
  const field = (key: keyof typeof NOWHERE, label: string) => (
    <Measured
      label={label}
      name={`${fit.id} ${key}`}
      value={at[key]}
      onChange={(value) => setAt({ ...at, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <>
      <Fields>
        <Measured
          label="Pin"
          name={`${fit.id} pin`}
          value={pin}
          echo={<>empty: {pins.pin}</>}
          onChange={setPin}
          problem={problem?.at('pin')}
        />
        {field('firstAcross', 'First, across')}
        {field('firstAlong', 'First, up')}
        {field('otherAcross', 'Other, across')}
        {field('otherAlong', 'Other, up')}
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => lay(at)}>
          Lay the pins down so
        </Press>
        <Press isDisabled={isBusy} onPress={() => lay(NOWHERE)}>
          Where most stays
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

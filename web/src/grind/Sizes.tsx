import { useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { GrindView, SizeView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Row, Section } from '../parts/Sheet';
import { capital } from '../parts/words';

const Place = styled.fieldset`
  border: none;
  padding: 0;
  margin: 0;
  min-width: 0;
  legend {
    font-weight: 700;
    padding: 0;
  }
`;

/** What is measured while the blade is ground, left and right, each beside what this belt is to reach. */
export function Sizes({ room }: { room: GrindView }) {
  const [stage, setStage] = useState('');
  const [entries, setEntries] = useState<Record<string, string>>({});
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/grind/pieces/${room.id}/readings`, { stage: stage || room.stage, entries });
      setEntries({});
      setStage('');
    });
  return (
    <Section aria-label="Readings">
      <Row>
        <h3>Readings</h3>
        <Choice
          label="Coming from"
          value={stage || room.stage}
          options={room.stages
            .filter((each) => each.isHard === room.isHard || each.key === room.stage)
            .map((each) => ({ value: each.key, words: each.words }))}
          onChange={setStage}
        />
      </Row>
      {room.places.map((place) => (
        <Place key={place.place}>
          <legend>{capital(place.words)}</legend>
          <Fields>
            {place.sizes.map((size) => (
              <Measured
                key={size.key}
                label={size.label}
                name={`${room.id} ${size.key}`}
                value={entries[size.key] ?? ''}
                onChange={(value) => setEntries({ ...entries, [size.key]: value })}
                echo={<Said size={size} />}
                problem={problem?.at(size.key)}
              />
            ))}
          </Fields>
        </Place>
      ))}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Keep the readings
        </Press>
      </Row>
      <Refused problem={problem} />
    </Section>
  );
}

/** What was read last, and how it stands. */
function Said({ size }: { size: SizeView }) {
  if (!size.measured) {
    return size.wanted ? <>to {size.wanted}</> : null;
  }
  return (
    <span data-doubt={size.doubt !== '' || size.standing === 'past' || undefined}>
      {size.measured}
      {size.why ? `, ${size.why}` : ''}
      {size.doubt ? `. ${size.doubt}` : ''}
    </span>
  );
}

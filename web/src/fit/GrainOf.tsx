import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { BlockVoidView, GrainSideView, GrainView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Listed, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Field, Scribed } from './Fit.styles';

const ROOM = 3;

/** How the rings or layers of a block will lie on the finished handle, and what becomes of its voids. */
export function GrainOf({ piece }: { piece: number }) {
  const { data } = useQuery({
    queryKey: ['fit', 'grain', piece],
    queryFn: () => read<GrainView>(`/api/fit/pieces/${piece}/grain`),
  });
  if (!data) {
    return null;
  }
  return (
    <Section aria-label="The grain">
      <h2>The grain, after shaping</h2>
      <Field>
        {data.sides.map((side, index) => (
          <Side key={side.words} side={side} voids={index === 0 ? data.voids : []} />
        ))}
      </Field>
      {data.read ? <p>{data.read}.</p> : <Quiet>Nobody has read the grain of its block yet.</Quiet>}
      {data.says.map((each) => (
        <p key={each}>{each}</p>
      ))}
      <Read key={data.read} grain={data} />
      <Voids grain={data} />
    </Section>
  );
}

function Side({ side, voids }: { side: GrainSideView; voids: readonly BlockVoidView[] }) {
  const box = [side.minX - ROOM, side.minY - ROOM, side.width + 2 * ROOM, side.height + 2 * ROOM];
  return (
    <figure style={{ margin: 0 }}>
      <figcaption>{side.words}</figcaption>
      <Scribed viewBox={box.join(' ')} role="img" aria-label={`Grain, ${side.words.toLowerCase()}`}>
        <path data-kind="TANG" d={side.outline} />
        <path data-kind="GRAIN" d={side.lines} />
        {voids.map((each) => (
          <circle
            key={each.id}
            cx={each.x}
            cy={each.y}
            r={each.reach}
            fill={each.isTrouble ? '#c0392b' : '#ffd98a'}
            fillOpacity={0.8}
          />
        ))}
      </Scribed>
    </figure>
  );
}

const UP_OR_DOWN = [
  { value: 'true', words: 'rise' },
  { value: 'false', words: 'fall' },
];

function Read({ grain }: { grain: GrainView }) {
  const [asked, setAsked] = useState({ side: '', isRising: true, end: '', isRight: true, apart: '' });
  const { problem, isBusy, run } = useCaught();
  const angle = (key: 'side' | 'end', label: string) => (
    <Entry
      label={label}
      name={`${grain.id} ${key}`}
      value={asked[key]}
      onChange={(value) => setAsked({ ...asked, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <>
      <Quiet>
        On the left face against the handle’s length, on the front end against level: 90 where the lines stand upright.
      </Quiet>
      <Fields>
        {angle('side', 'Left face, degrees')}
        <Choice
          label="Towards the butt they"
          value={String(asked.isRising)}
          options={UP_OR_DOWN}
          onChange={(value) => setAsked({ ...asked, isRising: value === 'true' })}
        />
        {angle('end', 'Front end, degrees')}
        <Choice
          label="Towards the right they"
          value={String(asked.isRight)}
          options={UP_OR_DOWN}
          onChange={(value) => setAsked({ ...asked, isRight: value === 'true' })}
        />
        <Measured
          label="From line to line"
          name={`${grain.id} apart`}
          value={asked.apart}
          onChange={(apart) => setAsked({ ...asked, apart })}
          problem={problem?.at('apart')}
        />
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/fit/pieces/${grain.id}/grain`, asked))}>
          Show it
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

const UP_DOWN = [
  { value: 'true', words: 'above the middle' },
  { value: 'false', words: 'below the middle' },
];
const SIDES = [
  { value: 'false', words: 'to the left' },
  { value: 'true', words: 'to the right' },
];
const NOWHERE = { behind: '', off: '', isAbove: true, across: '', isRight: false, reach: '' };

function Voids({ grain }: { grain: GrainView }) {
  const [asked, setAsked] = useState(NOWHERE);
  const { problem, isBusy, run } = useCaught();
  const field = (key: 'behind' | 'off' | 'across' | 'reach', label: string) => (
    <Measured
      label={label}
      name={`${grain.id} ${key}`}
      value={asked[key]}
      onChange={(value) => setAsked({ ...asked, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const mark = () =>
    void run(async () => {
      await change(`/api/fit/pieces/${grain.id}/voids`, asked);
      setAsked(NOWHERE);
    });
  return (
    <>
      <h3>Voids and knots</h3>
      <Listed>
        {grain.voids.map((each) => (
          <li key={each.id}>
            {each.words}: {each.isTrouble ? <Trouble>{each.fate}</Trouble> : <strong>{each.fate}</strong>}{' '}
            <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/fit/voids/${each.id}/strike`))}>
              Not there
            </Press>
          </li>
        ))}
      </Listed>
      <Fields>
        {field('behind', 'Behind the front')}
        {field('off', 'Off the middle line')}
        <Choice
          label="Above or below"
          value={String(asked.isAbove)}
          options={UP_DOWN}
          onChange={(value) => setAsked({ ...asked, isAbove: value === 'true' })}
        />
        {field('across', 'Off the knife’s plane')}
        <Choice
          label="Left or right"
          value={String(asked.isRight)}
          options={SIDES}
          onChange={(value) => setAsked({ ...asked, isRight: value === 'true' })}
        />
        {field('reach', 'Void reaches')}
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={mark}>
          Mark the void
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { HandleSectionView, ShapingView } from '../api/schema';
import { Answer } from '../parts/Answer';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Row, Section } from '../parts/Sheet';
import { Scribed } from './Fit.styles';

const Cuts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 1.2rem;
  align-items: flex-end;
  padding: 1rem;
  border-radius: 4px;
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  figure {
    margin: 0;
    max-width: 9.5rem;
  }
`;

/** Screen pixels for a millimetre: all sections of a handle are drawn to one scale. */
const SCALE = 4;

/** The handle cut across from front to butt, its grits and its coats. */
export function Shaping({ piece }: { piece: number }) {
  const { data } = useQuery({
    queryKey: ['fit', 'shaping', piece],
    queryFn: () => read<ShapingView>(`/api/fit/pieces/${piece}/shaping`),
  });
  if (!data) {
    return null;
  }
  return (
    <Section aria-label="The handle’s shape">
      <h2>The handle’s shape</h2>
      {data.sections.length > 0 ? (
        <>
          <Cuts>
            {data.sections.map((section) => (
              <Cut key={section.name} section={section} />
            ))}
          </Cuts>
          <Row>
            <a href={`/api/pieces/${piece}/files/sections-template.pdf`} download>
              Sections at 1:1, to cut out (PDF)
            </a>
            <a href={`/api/pieces/${piece}/files/sections-template.dxf`} download>
              DXF
            </a>
          </Row>
        </>
      ) : null}
      {data.facets ? <p>{data.facets}</p> : null}
      {data.curves.map((curve) => (
        <div key={curve.name}>
          <p>
            {curve.name}, radius {curve.radius}: <strong>{curve.says}</strong>
          </p>
          <Answer label="Makes" worked={curve.made} />
        </div>
      ))}
      {data.curves.length > 0 ? <Wheels key={data.wheels} wheels={data.wheels} /> : null}
      <p>
        Grits: <strong>{data.grits.join(', ')}</strong>, each across the last scratches.
      </p>
      <ol>
        {data.coats.map((coat, index) => (
          <li key={coat.words}>
            {index + 1}. {coat.words}
            {coat.dries ? `; dries ${coat.dries}` : ''}.
          </li>
        ))}
      </ol>
    </Section>
  );
}

/** The wheels and tubes that the shop grinds and sands over, by their diameters. */
function Wheels({ wheels }: { wheels: string }) {
  const [sizes, setSizes] = useState(wheels);
  const { problem, isBusy, run } = useCaught();
  return (
    <>
      <Entry
        label="The shop’s wheels and tubes, diameters with a semicolon between them"
        name="wheels"
        value={sizes}
        onChange={setSizes}
        problem={problem?.at('sizes')}
      />
      <Row>
        <Press isDisabled={isBusy} onPress={() => void run(() => change('/api/fit/wheels', { sizes }))}>
          Write them down
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

function Cut({ section }: { section: HandleSectionView }) {
  const wide = section.halfThick + 1;
  const high = section.halfHigh + 1;
  return (
    <figure>
      <Scribed
        viewBox={`${-wide} ${-high} ${2 * wide} ${2 * high}`}
        style={{ width: 2 * wide * SCALE, maxWidth: '100%' }}
        role="img"
        aria-label={section.name}
      >
        <path data-kind="OUTER" d={section.path} />
      </Scribed>
      <figcaption>
        <strong>{section.name}</strong>, {section.behindFront}: {section.high} × {section.thick}, {section.corners}
      </figcaption>
    </figure>
  );
}

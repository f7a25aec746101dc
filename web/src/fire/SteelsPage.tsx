import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { read } from '../api/client';
import type { SteelsView, SteelView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Choice } from '../parts/Choice';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Colours } from './Colours';
import { Caution, Lines, Sides } from './Fire.styles';
import { OwnSteel } from './OwnSteel';
import { Scales } from './Scales';
import { TemperCurve } from './TemperCurve';
import { Tempers } from './Tempers';

/** What is known of each steel and where from, what a temper makes of it, and the colours that deceive. */
export default function SteelsPage() {
  const { data } = useQuery({ queryKey: ['fire', 'steels'], queryFn: () => read<SteelsView>('/api/steels') });
  const [name, setName] = useState('1084');
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const steel = data.steels.find((each) => each.designation === name) ?? data.steels[0];
  if (!steel) {
    return null;
  }
  return (
    <>
      <Row>
        <h1>Steels and tempers</h1>
        <Link to="/fire">The fire</Link>
      </Row>
      <Sides>
        <div>
          <Panel aria-label="Steel">
            <Choice
              label="Steel"
              value={steel.designation}
              options={data.steels.map((each) => ({ value: each.designation, words: each.words }))}
              onChange={setName}
            />
            <Known steel={steel} />
          </Panel>
          <TemperCurve steel={steel} />
          <Colours colours={data.colours} cautions={data.colourCautions} />
        </div>
        <div>
          <Tempers steel={steel.designation} />
          <Scales />
        </div>
      </Sides>
      <OwnSteel fields={data.fields} hasOwn={data.steels.some((each) => each.isOwn)} />
      <Panel aria-label="Cladding">
        <h2>{data.mild.words}</h2>
        <Data data={data.mild.data} />
      </Panel>
    </>
  );
}

function Known({ steel }: { steel: SteelView }) {
  return (
    <>
      {steel.isOwn ? <Quiet>Described by the shop itself; no update of the program changes it.</Quiet> : null}
      <Data data={steel.data} />
      <Lines>
        {steel.critical.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Lines>
      <Caution>Starting values. The mill’s own sheet comes first, and a test piece before the knife.</Caution>
    </>
  );
}

function Data({ data }: { data: SteelView['data'] }) {
  return (
    <Facts>
      <tbody>
        {data.map((datum) => (
          <tr key={datum.what}>
            <th scope="row">{datum.what}</th>
            <td>{datum.value}</td>
            <td>
              <Quiet as="small">{datum.source}</Quiet>
            </td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

import { useState } from 'react';
import { Link } from 'react-router';
import { change, upload } from '../api/client';
import type { StencilView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { day } from '../parts/words';
import { useStencils } from './useTank';

const EMPTY = { name: '', words: '', marks: '12', askedOf: '', wantedOn: '' };
const CUT_FROM = ['image/*', 'application/pdf', '.svg', '.dxf'];

/** Stencils: those that are here with the marks they are still good for, and those that somebody cuts. */
export default function StencilsPage() {
  const { data } = useStencils();
  return (
    <>
      <Row>
        <h1>Stencils</h1>
        <Link to="/tank">The tank</Link>
      </Row>
      {data?.length === 0 ? <Quiet>None is written down yet.</Quiet> : null}
      {data?.map((stencil) => (
        <Stencil key={stencil.id} stencil={stencil} />
      ))}
      <NewStencil />
    </>
  );
}

function Stencil({ stencil }: { stencil: StencilView }) {
  const { problem, isBusy, run } = useCaught();
  const address = `/api/tank/stencils/${stencil.id}`;
  return (
    <Panel aria-label={stencil.name}>
      <Row>
        <h2>{stencil.name}</h2>
        <span>
          {stencil.isHere
            ? `${stencil.left} of ${stencil.marks} marks left`
            : `asked of ${stencil.askedOf} by ${stencil.askedBy}${stencil.wantedOn ? `, wanted by ${day(stencil.wantedOn)}` : ''}`}
        </span>
      </Row>
      {stencil.words ? <p>{stencil.words}</p> : null}
      {stencil.isHere && stencil.left === 0 ? (
        <Trouble>It has made its marks: look at its edges before the next one.</Trouble>
      ) : null}
      {problem ? <Trouble role="alert">{problem.at('photo') ?? problem.message}</Trouble> : null}
      <Row>
        {stencil.file ? (
          <a href={`${address}/file`} download>
            {stencil.file}
          </a>
        ) : null}
        <PickFile
          accepts={CUT_FROM}
          isDisabled={isBusy}
          onPicked={(file) => void run(() => upload(`${address}/file`, file))}
        >
          What it is cut from
        </PickFile>
        {stencil.isHere ? null : (
          <Press isDisabled={isBusy} onPress={() => void run(() => change(`${address}/here`))}>
            It is here
          </Press>
        )}
        <Press data-kind="alarm" isDisabled={isBusy} onPress={() => void run(() => change(`${address}/gone`))}>
          {stencil.isHere ? 'Used up' : 'Not needed'}
        </Press>
      </Row>
    </Panel>
  );
}

function NewStencil() {
  const [stencil, put] = useState(EMPTY);
  const { problem, isBusy, run } = useCaught();
  const field = (key: keyof typeof EMPTY, label: string, type: 'text' | 'date' = 'text') => (
    <Entry
      label={label}
      name={`stencil ${key}`}
      type={type}
      value={stencil[key]}
      onChange={(value) => put({ ...stencil, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <Panel aria-label="Another stencil">
      <h2>Another stencil</h2>
      <Fields>
        {field('name', 'What it shows')}
        {field('marks', 'Good for how many marks')}
        {field('askedOf', 'Who cuts it; empty where it is here')}
        {field('wantedOn', 'By which day', 'date')}
        {field('words', 'In words')}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="main"
          isDisabled={isBusy}
          onPress={() =>
            void run(async () => {
              await change('/api/tank/stencils', stencil);
              put(EMPTY);
            })
          }
        >
          {stencil.askedOf ? `Ask ${stencil.askedOf} for it` : 'Write it down'}
        </Press>
      </Row>
    </Panel>
  );
}

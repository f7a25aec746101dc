import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { change } from '../api/client';
import type { LeatherSideView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Leathered, OnBlue } from './Sheath.styles';
import { useSide } from './useSheath';

/** A side of leather: how large it is, what is cut around, and where the parts of the sheaths that wait lie on it. */
export default function SidePage() {
  const { id = '' } = useParams();
  const { data: side, error } = useSide(Number(id));
  if (error) {
    return <Trouble role="alert">{error.message}</Trouble>;
  }
  if (!side) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{side.words}</h1>
        <Link to="/sheath">The leather bench</Link>
      </Row>
      <Panel aria-label="How the parts lie">
        {side.width > 0 ? <Laid side={side} /> : <Quiet>Measure the part of it that can be used: a rectangle.</Quiet>}
        {side.noRoom.length > 0 ? <Trouble>No room for: {side.noRoom.join('; ')}.</Trouble> : null}
        {side.laid.length === 0 && side.noRoom.length === 0 ? (
          <Quiet>No sheath of leather like this waits to be cut.</Quiet>
        ) : null}
        {side.used ? (
          <p>
            Cut from the left, they take <strong>{side.used}</strong>. {side.left} left before.
          </p>
        ) : null}
        {side.otherwise.length > 0 ? <Quiet>Of other leather: {side.otherwise.join('; ')}.</Quiet> : null}
      </Panel>
      <Panel aria-label="Its size and its marks">
        <Size side={side} />
        {side.width > 0 ? <Flaws side={side} /> : null}
      </Panel>
    </>
  );
}

function Laid({ side }: { side: LeatherSideView }) {
  const letters = Math.max(6, side.length / 70);
  return (
    <OnBlue>
      <Leathered
        viewBox={`-2 -2 ${side.length + 4} ${side.width + 4}`}
        role="img"
        aria-label={`${side.words}, ${side.size}`}
      >
        <rect x={0} y={0} width={side.length} height={side.width} />
        {side.laid.map((laid) => (
          <g key={`${laid.piece} ${laid.part}`}>
            <path data-kind="CUT" d={laid.path} />
            <text x={laid.x} y={laid.y} fontSize={letters}>
              {laid.pieceName}
            </text>
          </g>
        ))}
        {side.flaws.map((flaw) => (
          <circle key={flaw.id} data-kind="FLAW" cx={flaw.x} cy={flaw.y} r={flaw.radius} />
        ))}
      </Leathered>
    </OnBlue>
  );
}

function Size({ side }: { side: LeatherSideView }) {
  const [size, setSize] = useState({ length: '', width: '' });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/sheath/sides/${side.lot}`, size);
      setSize({ length: '', width: '' });
    });
  return (
    <>
      <h2>{side.size ? `Measured ${side.size}` : 'Not measured yet'}</h2>
      <Fields>
        <Measured
          label="Length"
          name={`${side.lot} length`}
          value={size.length}
          onChange={(length) => setSize({ ...size, length })}
          problem={problem?.at('length')}
        />
        <Measured
          label="Width"
          name={`${side.lot} width`}
          value={size.width}
          onChange={(width) => setSize({ ...size, width })}
          problem={problem?.at('width')}
        />
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={keep}>
          Keep its size
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

function Flaws({ side }: { side: LeatherSideView }) {
  const [flaw, setFlaw] = useState({ kind: 'HOLE', along: '', up: '', radius: '' });
  const { problem, isBusy, run } = useCaught();
  const field = (key: 'along' | 'up' | 'radius', label: string) => (
    <Measured
      label={label}
      name={`${side.lot} ${key}`}
      value={flaw[key]}
      onChange={(value) => setFlaw({ ...flaw, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const mark = () =>
    void run(async () => {
      await change(`/api/sheath/sides/${side.lot}/flaws`, flaw);
      setFlaw({ ...flaw, along: '', up: '', radius: '' });
    });
  return (
    <>
      <h2>Cut around</h2>
      <Listed>
        {side.flaws.map((each) => (
          <li key={each.id}>
            {each.words} <Quiet as="span">({each.by})</Quiet>{' '}
            <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/sheath/flaws/${each.id}/strike`))}>
              Not there
            </Press>
          </li>
        ))}
      </Listed>
      <Fields>
        <Choice
          label="What is there"
          value={flaw.kind}
          options={side.kinds}
          onChange={(kind) => setFlaw({ ...flaw, kind })}
        />
        {field('along', 'From the left end')}
        {field('up', 'Up from the lower edge')}
        {field('radius', 'Reaches around it by')}
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={mark}>
          Mark it
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

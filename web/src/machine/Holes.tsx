import { useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { HolePart, HoleView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Facts } from '../parts/Facts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Fastener } from './Fastener';
import { useHoles } from './useMachine';

const Drawn = styled.figure`
  margin: 0;
  padding: 1rem;
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  svg {
    display: block;
    width: 100%;
    max-height: 200px;
  }
  path,
  circle,
  line {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.2px;
  }
  [data-measured] {
    stroke: #ffd98a;
    stroke-width: 2px;
  }
  [data-off] {
    stroke: #ffb09c;
    stroke-width: 2.4px;
  }
  [data-datum] {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-dasharray: 3 3;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-family: ${({ theme }) => theme.label};
  }
`;

/** The holes of a piece from one datum: tang, left, right, each with its drill, and what they were measured at. */
export function Holes({ piece }: { piece: number }) {
  const { data } = useHoles(piece);
  const [chosen, choose] = useState('');
  if (!data || data.parts.length === 0) {
    return null;
  }
  const part = data.parts.find((each) => each.name === (chosen || data.atHand)) ?? data.parts[0];
  return (
    <>
      <Row>
        <h2>Holes</h2>
        <Choice
          label="Part"
          value={part?.name ?? ''}
          options={data.parts.map((each) => ({ value: each.name, words: each.name }))}
          onChange={choose}
        />
      </Row>
      {data.first ? <Trouble>{data.first}</Trouble> : null}
      {part ? <OnePart key={part.name} piece={piece} part={part} datum={data.datum} /> : null}
      {data.relief ? <p>{data.relief}</p> : null}
      {data.hasFasteners ? <Fastener piece={piece} /> : null}
    </>
  );
}

function OnePart({ piece, part, datum }: { piece: number; part: HolePart; datum: string }) {
  return (
    <>
      {part.holes
        .filter((hole) => hole.measured.verdict === 'OUT')
        .map((hole) => (
          <Trouble key={hole.number}>{hole.measured.why}</Trouble>
        ))}
      <Picture part={part} />
      <Quiet>{datum}</Quiet>
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Hole</th>
            <th>x</th>
            <th>y</th>
            <th>Drill</th>
            <th>Off at most</th>
            <th>Measured</th>
          </tr>
        </thead>
        <tbody>
          {part.holes.map((hole) => (
            <tr key={hole.number}>
              <td>
                <strong>{hole.number}</strong> {hole.use}
              </td>
              <td data-head="x">{hole.x}</td>
              <td data-head="y">{hole.y}</td>
              <td data-head="drill">
                {hole.drill || 'none makes it'} {hole.diameter}
              </td>
              <td data-head="off at most">{hole.within}</td>
              <td data-head="measured">
                <Said hole={hole} />
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      <p>
        Drill at <strong>{part.turns}</strong>.
      </p>
      <ul>
        {part.howTo.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <Measure piece={piece} part={part} />
    </>
  );
}

function Said({ hole: { measured } }: { hole: HoleView }) {
  if (!measured.verdict) {
    return <>not yet</>;
  }
  return (
    <span data-stale={measured.verdict === 'OUT' || undefined}>
      {measured.x}, {measured.y}
      {measured.size ? `, ${measured.size} wide` : ''}: {measured.verdict === 'OUT' ? 'out' : 'in'}
      {measured.verdict === 'NEAR' ? `. ${measured.why}` : ''}
    </span>
  );
}

function Picture({ part }: { part: HolePart }) {
  const xs = part.spots.map((spot) => spot.x);
  const from = Math.min(0, ...xs) - 18;
  const to = Math.max(0, ...xs) + 18;
  const ys = part.spots.map((spot) => spot.y);
  const top = Math.min(0, ...ys) - 16;
  const bottom = Math.max(0, ...ys) + 16;
  return (
    <Drawn>
      <svg viewBox={`${from} ${top} ${to - from} ${bottom - top}`} role="img" aria-label={`Holes of ${part.name}`}>
        <path d={part.outline} />
        <line data-datum x1={0} x2={0} y1={top} y2={bottom} />
        <line data-datum x1={from} x2={to} y1={0} y2={0} />
        {part.spots.map((spot, index) => (
          <circle
            key={`${spot.x} ${spot.y} ${String(spot.isMeasured)}`}
            data-measured={spot.isMeasured || undefined}
            data-off={spot.isOff || undefined}
            data-spot={index}
            cx={spot.x}
            cy={spot.y}
            r={spot.diameter / 2}
          />
        ))}
        {part.spots
          .filter((spot) => !spot.isMeasured)
          .map((spot, index) => (
            <text key={`${spot.x} ${spot.y}`} x={spot.x + spot.diameter / 2 + 1} y={spot.y - 2} fontSize={5}>
              {index + 1}
            </text>
          ))}
      </svg>
    </Drawn>
  );
}

function Measure({ piece, part }: { piece: number; part: HolePart }) {
  const [hole, setHole] = useState('1');
  const [read, setRead] = useState({ x: '', y: '', size: '' });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/machine/pieces/${piece}/holes`, { part: part.name, hole: Number(hole), ...read });
      setRead({ x: '', y: '', size: '' });
      setHole(String(Math.min(Number(hole) + 1, part.holes.length)));
    });
  const field = (key: keyof typeof read, label: string) => (
    <Measured
      label={label}
      name={`${piece} ${part.name} ${key}`}
      value={read[key]}
      onChange={(value) => setRead({ ...read, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <Section aria-label="Measure a hole">
      <h3>Where it really is</h3>
      <Fields>
        <Choice
          label="Hole"
          value={hole}
          options={part.holes.map((each) => ({ value: String(each.number), words: `${each.number}, ${each.use}` }))}
          onChange={setHole}
        />
        {field('x', 'x')}
        {field('y', 'y')}
        {field('size', 'Size, if it was measured')}
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Keep the hole
        </Press>
      </Row>
      <Refused problem={problem} />
    </Section>
  );
}

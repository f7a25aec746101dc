import { type PointerEvent, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { AskedZone, MaskView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Working } from '../parts/Working';
import { toneColour } from '../blade/tone';
import { useMask } from './useTank';

const Drawn = styled.figure`
  margin: 0;
  padding: 1rem;
  background: ${({ theme }) => theme.blueDeep};
  border-radius: 4px;
  svg {
    display: block;
    width: 100%;
    max-height: 300px;
    touch-action: none;
  }
  path,
  polyline {
    vector-effect: non-scaling-stroke;
    stroke-width: 1.4px;
    stroke: ${({ theme }) => theme.scribe};
    fill: none;
  }
  [data-blade] {
    fill: #c3d0dd;
  }
  [data-zone] {
    stroke: #ffd98a;
  }
`;

const BAND: Omit<AskedZone, 'name' | 'wanted'> = { corners: [], from: '0', to: '', low: '0', high: '100' };
/** Millimetres that a finger moves before another corner is set. */
const STEP_MM = 1.5;

const zonesOf = (mask: MaskView): AskedZone[] =>
  mask.zones.map((zone) => ({ ...BAND, name: zone.name, corners: zone.corners, wanted: zone.wanted }));

/** The zones of a mask on the blade's outline, in the order in which they open, and what that makes of the times. */
export function MaskPart({ piece }: { piece: number }) {
  const { data } = useMask(piece);
  return data ? <Mask key={data.basedOn} piece={piece} mask={data} /> : null;
}

function Mask({ piece, mask }: { piece: number; mask: MaskView }) {
  const [zones, put] = useState<AskedZone[]>(zonesOf(mask));
  const [drawing, draw] = useState<readonly number[]>([]);
  const { problem, isBusy, run } = useCaught();
  const canvas = useRef<SVGSVGElement>(null);
  const isDrawing = useRef(false);
  const at = (event: PointerEvent): [number, number] | undefined => {
    const matrix = canvas.current?.getScreenCTM();
    if (!matrix) {
      return undefined;
    }
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    return [Number(point.x.toFixed(2)), Number(point.y.toFixed(2))];
  };
  const move = (event: PointerEvent) => {
    const point = at(event);
    if (!isDrawing.current || !point) {
      return;
    }
    draw((line) => {
      const [x, y] = [line.at(-2), line.at(-1)];
      return x !== undefined && y !== undefined && Math.hypot(point[0] - x, point[1] - y) < STEP_MM
        ? line
        : [...line, ...point];
    });
  };
  const lift = () => {
    isDrawing.current = false;
    if (drawing.length >= 6) {
      // On the page y grows downwards, on the blade upwards.
      const corners = drawing.map((value, index) => (index % 2 === 1 ? -value : value));
      put([...zones, { ...BAND, corners, name: `Zone ${zones.length + 1}`, wanted: '' }]);
    }
    draw([]);
  };
  const set = (index: number, next: Partial<AskedZone>) =>
    put(zones.map((zone, each) => (each === index ? { ...zone, ...next } : zone)));
  const swap = (index: number) => {
    const next = [...zones];
    const [zone] = next.splice(index, 1);
    if (zone) {
      next.splice(index - 1, 0, zone);
    }
    put(next);
  };
  const margin = 6;
  return (
    <>
      <h2>The mask</h2>
      <Quiet>
        Draw a zone on the blade with a finger, or give it as a band. What is opened first goes on etching through all
        that follows: the darkest first.
      </Quiet>
      <Drawn>
        <svg
          ref={canvas}
          viewBox={`${mask.minX - margin} ${mask.minY - margin} ${mask.width + 2 * margin} ${mask.height + 2 * margin}`}
          role="img"
          aria-label="The blade with the zones of its mask"
          onPointerDown={(event) => {
            isDrawing.current = true;
            event.currentTarget.setPointerCapture(event.pointerId);
            draw([]);
            move(event);
          }}
          onPointerMove={move}
          onPointerUp={lift}
        >
          <path data-blade d={mask.blade} />
          {mask.zones.map((zone) => (
            <path key={zone.name} data-zone d={zone.path} style={{ fill: toneColour(zone.darkness) }} />
          ))}
          {zones.slice(mask.zones.length).map((zone) => (
            <polyline
              key={zone.name}
              points={polyline(zone.corners.map((value, i) => (i % 2 === 1 ? -value : value)))}
            />
          ))}
          <polyline points={polyline(drawing)} />
        </svg>
      </Drawn>
      {zones.map((zone, index) => (
        // Zones have no name of their own but their place in the order.
        <Section key={index} aria-label={`Opening ${index + 1}`}>
          <Fields>
            <Entry
              label={`Opened ${ordinal(index)}`}
              name={`zone ${index} name`}
              value={zone.name}
              onChange={(name) => set(index, { name })}
              problem={problem?.at(`zones.${index}.name`)}
            />
            <Entry
              label="Its exposure in all"
              name={`zone ${index} wanted`}
              value={zone.wanted}
              onChange={(wanted) => set(index, { wanted })}
              problem={problem?.at(`zones.${index}.wanted`)}
            />
            {zone.corners.length > 0 ? null : (
              <Band index={index} zone={zone} set={set} at={(key) => problem?.at(key)} />
            )}
          </Fields>
          <Row>
            {mask.zones[index] && mask.zones[index].name === zone.name ? (
              <span>{mask.zones[index].area} a face</span>
            ) : null}
            {index > 0 ? <Press onPress={() => swap(index)}>Open it earlier</Press> : null}
            <Press onPress={() => put(zones.filter((_, each) => each !== index))}>Take it away</Press>
          </Row>
        </Section>
      ))}
      {problem?.at('zones') ? <Trouble role="alert">{problem.at('zones')}</Trouble> : null}
      <Refused problem={problem} />
      <Row>
        <Press onPress={() => put([...zones, { ...BAND, name: `Zone ${zones.length + 1}`, wanted: '' }])}>
          A band along the blade
        </Press>
        <Press
          data-kind="main"
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/tank/pieces/${piece}/mask`, { zones, basedOn: mask.basedOn }))}
        >
          Work out the openings
        </Press>
      </Row>
      {mask.working.map((line) => (
        <p key={line}>
          <Working>{line}</Working>
        </p>
      ))}
      {mask.acts.length > 0 ? (
        <>
          <Quiet>By current, with pauses; in the bath each opening is one go.</Quiet>
          <ol>
            {mask.acts.map((act, index) => (
              <li key={`${index} ${act}`}>{act}</li>
            ))}
          </ol>
        </>
      ) : null}
    </>
  );
}

interface BandProps {
  index: number;
  zone: AskedZone;
  set: (index: number, next: Partial<AskedZone>) => void;
  at: (key: string) => string | undefined;
}

function Band({ index, zone, set, at }: BandProps) {
  const field = (key: 'from' | 'to' | 'low' | 'high', label: string) => (
    <Entry
      label={label}
      name={`zone ${index} ${key}`}
      value={zone[key]}
      onChange={(value) => set(index, { [key]: value })}
      problem={at(`zones.${index}.${key}`)}
    />
  );
  return (
    <>
      {field('from', 'From the heel')}
      {field('to', 'To')}
      {field('low', 'From % of its height')}
      {field('high', 'Up to %')}
    </>
  );
}

const ordinal = (index: number): string => ['first', 'second', 'third', 'fourth'][index] ?? `as number ${index + 1}`;

function polyline(corners: readonly number[]): string {
  return corners.map((value, index) => `${value}${index % 2 === 0 ? ',' : ' '}`).join('');
}

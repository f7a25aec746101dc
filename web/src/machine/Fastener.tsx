import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { type Problem, read } from '../api/client';
import type { FastenerView, TurnedSize } from '../api/schema';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Fields, Section, Trouble } from '../parts/Sheet';

/** Pixels per millimetre. */
const SCALE = 14;
const LEFT = 120;
const TOP = 34;
const GAP = 66;

const Blanks = styled.figure`
  margin: 0;
  padding: 1rem;
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  overflow-x: auto;
  rect {
    fill: #7f93aa;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
  }
  line {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-dasharray: 8 3 2 3;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-family: ${({ theme }) => theme.label};
    font-size: 16px;
  }
`;

/** What is turned for a shouldered fastener, drawn with its sizes, and what is drilled for it. */
export function Fastener({ piece }: { piece: number }) {
  const [asked, ask] = useState({ thread: '', head: '' });
  const query = new URLSearchParams(asked).toString();
  const { data, error } = useQuery<FastenerView, Problem>({
    queryKey: ['piece', piece, 'fastener', query],
    queryFn: () => read<FastenerView>(`/api/machine/pieces/${piece}/fastener?${query}`),
    retry: false,
  });
  return (
    <Section aria-label="Turned blanks">
      <h2>Turned blanks</h2>
      <Fields>
        <Entry
          label="Thread"
          name={`${piece} thread`}
          value={asked.thread}
          onChange={(thread) => ask({ ...asked, thread })}
          echo={data?.thread}
          problem={error?.at('thread')}
        />
        <Entry
          label="Head, across"
          name={`${piece} head`}
          value={asked.head}
          onChange={(head) => ask({ ...asked, head })}
          echo={data?.head}
          problem={error?.at('head')}
        />
      </Fields>
      {error && !error.at('thread') && !error.at('head') ? <Trouble role="alert">{error.message}</Trouble> : null}
      {data ? <Drawn fastener={data} /> : null}
    </Section>
  );
}

function Drawn({ fastener }: { fastener: FastenerView }) {
  const high = fastener.headAcross.millimetres * SCALE;
  const widest =
    fastener.headThick.millimetres + Math.max(fastener.barrelLong.millimetres, fastener.screwLong.millimetres);
  const cautions = [fastener.screwLong, fastener.headThick, fastener.barrelLong].flatMap((size) => size.cautions);
  return (
    <>
      <Blanks>
        <svg
          width={LEFT + widest * SCALE + 40}
          height={TOP + 2 * high + GAP + 40}
          role="img"
          aria-label="Barrel and screw as they are turned"
        >
          <Turned
            y={TOP}
            title="Barrel"
            head={fastener.headThick}
            across={fastener.headAcross}
            shank={fastener.barrelAcross}
            long={fastener.barrelLong}
          />
          <Turned
            y={TOP + high + GAP}
            title="Screw"
            head={fastener.headThick}
            across={fastener.headAcross}
            shank={fastener.screwAcross}
            long={fastener.screwLong}
          />
        </svg>
      </Blanks>
      {cautions.map((line) => (
        <Trouble key={line}>{line}</Trouble>
      ))}
      <Facts data-stacks>
        <tbody>
          {[
            ...fastener.drilled,
            fastener.barrelAcross,
            fastener.barrelLong,
            fastener.screwLong,
            fastener.headThick,
          ].map((size) => (
            <tr key={size.label}>
              <td>{size.label}</td>
              <td>
                <strong>{size.words}</strong>
              </td>
              <td>{size.working.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
    </>
  );
}

interface TurnedProps {
  y: number;
  title: string;
  head: TurnedSize;
  across: TurnedSize;
  shank: TurnedSize;
  long: TurnedSize;
}

function Turned({ y, title, head, across, shank, long }: TurnedProps) {
  const high = across.millimetres * SCALE;
  const thin = shank.millimetres * SCALE;
  const thick = head.millimetres * SCALE;
  const end = LEFT + thick + long.millimetres * SCALE;
  return (
    <g>
      <text x={0} y={y + high / 2 - 12}>
        {title}
      </text>
      <text x={0} y={y + high / 2 + 8}>
        ⌀ {across.words}
      </text>
      <rect x={LEFT} y={y} width={thick} height={high} />
      <rect x={LEFT + thick} y={y + (high - thin) / 2} width={long.millimetres * SCALE} height={thin} />
      <line x1={LEFT - 10} x2={end + 16} y1={y + high / 2} y2={y + high / 2} />
      <text x={LEFT} y={y - 8}>
        {head.words}
      </text>
      <text x={LEFT + thick + 8} y={y + (high + thin) / 2 + 20}>
        ⌀ {shank.words}, {long.words} long
      </text>
    </g>
  );
}

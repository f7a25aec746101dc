import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { PlotView, ProgramView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Fold } from '../parts/Fold';
import { Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

const Plot = styled.figure`
  margin: 0;
  padding: 1rem;
  background: ${({ theme }) => theme.blueDeep};
  border-radius: 4px;
  svg {
    display: block;
    width: 100%;
    max-height: 260px;
  }
  path,
  circle {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke-width: 1.2px;
    stroke: ${({ theme }) => theme.scribeQuiet};
  }
  [data-way='part'] {
    stroke-dasharray: 3 4;
  }
  [data-way='cut'] {
    stroke: #ffd98a;
    stroke-width: 1.8px;
  }
  [data-way='rapid'] {
    stroke: #8fd0ff;
    stroke-dasharray: 7 5;
  }
`;

/** Parts of a piece as programs for a numerically controlled mill, drawn as they would move. */
export function Programs({ piece }: { piece: number }) {
  const { data } = useQuery({
    queryKey: ['piece', piece, 'programs'],
    queryFn: () => read<ProgramView[]>(`/api/machine/pieces/${piece}/programs`),
  });
  const [asked, ask] = useState({ file: '', cutter: '1/4 in', isDry: true });
  const program = data?.find((each) => each.file === asked.file) ?? data?.[0];
  if (!data || !program) {
    return null;
  }
  const query = new URLSearchParams({ dryRun: String(asked.isDry), cutter: asked.cutter });
  return (
    <Fold title="Program for the mill" comesTo="Outlines and holes for a controlled mill, drawn as they would move">
      <Trouble as="p">
        The machine’s own manual comes first. Look at the plot, run it dry above the work, then cut: glasses on, door
        shut, hand at the stop.
      </Trouble>
      <Fields>
        <Choice
          label="What"
          value={program.file}
          options={data.map((each) => ({ value: each.file, words: each.words }))}
          onChange={(file) => ask({ ...asked, file })}
        />
        {program.isOutline ? (
          <Entry
            label="End mill"
            name={`${piece} end mill`}
            value={asked.cutter}
            onChange={(cutter) => ask({ ...asked, cutter })}
          />
        ) : null}
        <Tick words="Dry run, above the work" isTicked={asked.isDry} onChange={(isDry) => ask({ ...asked, isDry })} />
      </Fields>
      <Drawn piece={piece} file={program.file} query={query.toString()} />
      <Row>
        <a href={`/api/machine/pieces/${piece}/programs/${program.file}?${query.toString()}`} download>
          Program (ISO 6983)
        </a>
        <a href={`/api/pieces/${piece}/files/template.dxf`} download>
          Outlines and holes (DXF)
        </a>
        <a href={`/api/pieces/${piece}/files/holes.csv`} download>
          Hole table
        </a>
      </Row>
    </Fold>
  );
}

function Drawn({ piece, file, query }: { piece: number; file: string; query: string }) {
  const { data, error } = useQuery({
    queryKey: ['piece', piece, 'plot', file, query],
    queryFn: () => read<PlotView>(`/api/machine/pieces/${piece}/programs/${file}/plot?${query}`),
    retry: false,
  });
  if (error) {
    return <Trouble role="alert">{error.message}</Trouble>;
  }
  return data ? (
    <>
      <Plot>
        <svg
          viewBox={`${data.minX} ${data.minY} ${data.width} ${data.height}`}
          role="img"
          aria-label="What the program would move"
        >
          <path data-way="part" d={data.part} />
          <path data-way="rapid" d={data.rapid} />
          <path data-way="cut" d={data.cut} />
          {data.holes.map((hole) => (
            <circle key={`${hole.x} ${hole.y}`} data-way="cut" cx={hole.x} cy={hole.y} r={1.6} />
          ))}
        </svg>
      </Plot>
      <Quiet>
        Amber: cutting. Blue, dashed: without cutting. Dotted: the part. The lowest that it goes is {data.low} over the
        top face. Zero: where the spine meets the front of the handle.
      </Quiet>
    </>
  ) : null;
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { read } from '../api/client';
import type { Compared, Drawing } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row } from '../parts/Sheet';
import { Overlay, Table } from './Consult.styles';

interface BesideProps {
  job: number;
  first: number;
  second: number;
  latest: number;
  onClose: () => void;
}

/** Two revisions laid over each other, with their differences in numbers and in words. */
export function Beside({ job, first, second, latest, onClose }: BesideProps) {
  const [under, setUnder] = useState(String(first));
  const [over, setOver] = useState(String(second));
  const { data } = useQuery({
    queryKey: ['consult', job, 'beside', under, over],
    queryFn: () => read<Compared>(`/api/jobs/${job}/revisions/${under}/beside/${over}`),
  });
  const numbers = Array.from({ length: latest }, (_, i) => ({ value: String(i + 1), words: `Revision ${i + 1}` }));
  return (
    <Ask title="Two revisions laid over each other" isOpen isWide onClose={onClose}>
      <Row>
        <Choice label="Dashed" value={under} options={numbers} onChange={setUnder} />
        <Choice label="Drawn out" value={over} options={numbers} onChange={setOver} />
      </Row>
      {data ? (
        <>
          <Laid first={data.first} second={data.second} />
          {data.since ? <p>{data.since}.</p> : null}
          <Table>
            <thead>
              <tr>
                <th>What</th>
                <th>Revision {under}</th>
                <th>Revision {over}</th>
              </tr>
            </thead>
            <tbody>
              {data.figures.map((figure) => (
                <tr key={figure.label}>
                  <td>{figure.label}</td>
                  <td>{figure.first}</td>
                  <td>{figure.first === figure.second ? '' : figure.second}</td>
                </tr>
              ))}
              {data.differences.map((difference) => (
                <tr key={difference.field}>
                  <td>{difference.label}</td>
                  <td>{difference.was || '—'}</td>
                  <td>{difference.is || '—'}</td>
                </tr>
              ))}
            </tbody>
          </Table>
          {data.differences.length === 0 ? <Quiet>They are alike.</Quiet> : null}
        </>
      ) : null}
      <div>
        <Press onPress={onClose}>Close</Press>
      </div>
    </Ask>
  );
}

function Laid({ first, second }: { first: Drawing; second: Drawing }) {
  const left = Math.min(first.minX, second.minX);
  const top = Math.min(first.minY, second.minY);
  const right = Math.max(first.minX + first.width, second.minX + second.width);
  const bottom = Math.max(first.minY + first.height, second.minY + second.height);
  return (
    <Overlay>
      <svg viewBox={`${left} ${top} ${right - left} ${bottom - top}`} role="img" aria-label="Both outlines">
        <g data-old>{outlines(first)}</g>
        <g data-new>{outlines(second)}</g>
      </svg>
    </Overlay>
  );
}

const outlines = (drawing: Drawing) =>
  [drawing.tang, drawing.handle, drawing.blade, drawing.bevel, drawing.guard]
    .filter(Boolean)
    .map((path) => <path key={path} d={path} />);

import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { Rail as RailData, WallView as WallData } from '../api/schema';
import { read } from '../api/client';
import { useNow } from '../live/useNow';
import { Quiet } from '../parts/Sheet';
import { day, daysInHand } from '../parts/words';
import { Hanging } from './Hanging';
import { scaleFor } from './wallModel';
import { End, Field, Head, Line, ScaleBar } from './Wall.styles';

/** Every job a rail, its pieces hanging from it to one true scale, the most urgent job at the top. */
export function Wall() {
  const { data } = useQuery({ queryKey: ['wall'], queryFn: () => read<WallData>('/api/wall') });
  const scale = useMemo(() => scaleFor(data?.rails ?? []), [data]);
  const now = useNow();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Head>
        <h1>The wall</h1>
        <ScaleBar style={{ inlineSize: `${100 * scale}px` }}>100 mm</ScaleBar>
      </Head>
      {data.rails.length === 0 ? (
        <p>
          Nothing hangs here yet. The owner takes the first job under “New commission”; to look around first, start the
          demo shop with ./hilt demo.
        </p>
      ) : null}
      {data.rails.map((rail) => (
        <RailOf key={rail.jobId} rail={rail} scale={scale} now={now} />
      ))}
    </>
  );
}

function RailOf({ rail, scale, now }: { rail: RailData; scale: number; now: number }) {
  return (
    <Line aria-label={`Job ${rail.number}, ${rail.title}`}>
      <div>
        <h2>
          <span>{rail.number}</span> {rail.title}
        </h2>
        <Quiet>for {rail.clientName}</Quiet>
        <q>{rail.useWords}</q>
      </div>
      <Field>
        {rail.pieces.map((piece) => (
          <Hanging key={piece.id} piece={piece} scale={scale} now={now} />
        ))}
      </Field>
      <End data-short={rail.daysInHand < 0 || undefined}>
        <span>promised</span>
        <strong>{day(rail.promisedOn)}</strong>
        <em>{daysInHand(rail.daysInHand)}</em>
      </End>
    </Line>
  );
}

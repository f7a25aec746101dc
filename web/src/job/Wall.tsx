import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useDeferredValue, useMemo } from 'react';
import { Link } from 'react-router';
import type { Rail as RailData, WallView as WallData } from '../api/schema';
import { usePerson } from '../access/useSession';
import { read } from '../api/client';
import { DayList } from '../parts/DayList';
import { WayTo } from '../parts/Press';
import { Quiet, Row } from '../parts/Sheet';
import { day, daysInHand } from '../parts/words';
import { Hanging } from './Hanging';
import { doing, found, saidOnce, scaleFor, sheathLeft, standingWords, whatNow } from './wallModel';
import { Seeking, useSought } from './Seeking';
import { End, Field, Head, Line, Rails, ScaleBar } from './Wall.styles';

export const useWall = () => useQuery({ queryKey: ['wall'], queryFn: () => read<WallData>('/api/wall') });

/**
 * Every job a rail, its pieces hanging from it to one true scale, the most urgent job at the top.
 *
 * @param empty what stands where nothing hangs
 */
export function Wall({ empty }: { empty: ReactNode }) {
  const { data } = useWall();
  const me = usePerson();
  const scale = useMemo(() => scaleFor(data?.drawings ?? []), [data]);
  const { sought, seek, isAll } = useSought();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const rails = found(data.rails, sought, me.id);
  return (
    <>
      <Head data-no-print>
        <Row>
          <h1>The wall</h1>
          <WayTo to="/stock/buying">To buy</WayTo>
          <WayTo to="/screen">For the shop’s screen</WayTo>
        </Row>
        <ScaleBar>
          100 mm <i style={{ inlineSize: `${100 * scale}px` }} />
        </ScaleBar>
      </Head>
      {data.rails.length === 0 ? empty : <Seeking rails={data.rails} sought={sought} onSeek={seek} />}
      {rails.length === 0 && !isAll ? <Quiet>Nothing on the wall is like that.</Quiet> : null}
      <Hung wall={data} rails={rails} scale={scale} />
    </>
  );
}

/** Rails that fill the tallest screen: they are drawn first, the rest behind them. */
const SCREENFUL = 12;

function Hung({ wall, rails, scale }: { wall: WallData; rails: readonly RailData[]; scale: number }) {
  const drawn = useDeferredValue(rails, rails.slice(0, SCREENFUL));
  return (
    <DayList title="The wall" heads={DAY_HEADS} rows={(now) => rails.flatMap((rail) => dayLines(rail, now))}>
      <Rails>
        {drawn.map((rail) => (
          <RailOf key={rail.jobId} wall={wall} rail={rail} scale={scale} />
        ))}
      </Rails>
    </DayList>
  );
}

const DAY_HEADS = ['Piece', 'Knife', 'For', 'Promised', 'Stands', 'What now'];

/** The pieces of a rail as the lines of a day list. */
const dayLines = (rail: RailData, now: number) =>
  rail.pieces
    .filter((piece) => piece.standing === 'ALIVE')
    .flatMap((piece) => {
      const line = (name: string, stands: string, does: string) => ({
        key: name,
        cells: [
          name,
          rail.title,
          piece.whose || rail.clientName,
          `${day(rail.promisedOn)}, ${daysInHand(rail.daysInHand)}`,
          stands,
          does,
        ],
      });
      const sheath = sheathLeft(piece);
      return [
        line(piece.name, standingWords(piece), whatNow(piece, now)),
        ...(sheath ? [line(sheath.name, sheath.stateWords.toLowerCase(), doing(sheath, now))] : []),
      ];
    });

interface RailProps {
  wall: WallData;
  rail: RailData;
  scale: number;
}

function RailOf({ wall, rail, scale }: RailProps) {
  const facts = saidOnce(rail);
  const isSingle = rail.pieces.length === 1;
  const promised = (
    <>
      <strong>{day(rail.promisedOn)}</strong> <em>{daysInHand(rail.daysInHand)}</em>
    </>
  );
  return (
    <Line
      aria-label={`Job ${rail.number}, ${rail.title}`}
      data-single={isSingle || undefined}
      data-short={rail.daysInHand < 0 || undefined}
    >
      <div>
        <h2>
          <Link to={`/jobs/${rail.jobId}`}>
            <span>{rail.number}</span> {rail.title}
          </Link>
        </h2>
        <p>
          for {rail.clientName}
          {facts ? `; ${facts}` : ''}
          {isSingle ? <> · {promised}</> : null}
        </p>
      </div>
      <Field>
        {rail.pieces.map((piece) => (
          <Hanging
            key={piece.id}
            piece={piece}
            rail={rail}
            drawing={wall.drawings[piece.drawing]}
            scale={scale}
            setting={wall.setting.find((each) => each.piece === piece.id)}
          />
        ))}
      </Field>
      {isSingle ? null : <End>{promised}</End>}
    </Line>
  );
}

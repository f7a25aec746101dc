import type { AheadView, CurveView } from '../api/schema';
import { clockTime } from '../parts/words';
import { Plate } from './Fire.styles';
import { elapsed, field, HEIGHT, path, together, untilWhatComes, WIDTH, withWhatComes } from './model';
import { useCurve } from './useFire';

interface CurveProps {
  kilnId: number;
  /** From this moment of the kiln's clock to that; nothing for until now. */
  from: number;
  to: number;
  caption: string;
  /** What is still to come at the fire that burns. */
  ahead?: readonly AheadView[];
}

const LEGEND =
  'the line is what it showed, the dashes what it is told, on to the last one out; ' +
  'hours since it was lit, on the kiln’s own clock.';

/** The curve of one fire, in hours since it was lit. */
export function Curve({ kilnId, from, to, caption, ahead }: CurveProps) {
  const { data } = useCurve(kilnId, from, to);
  if (!data) {
    return <Plate style={{ minHeight: '300px' }} />;
  }
  return (
    <Drawn
      curve={withWhatComes(data, ahead ?? [])}
      from={from}
      to={to > 0 ? to : untilWhatComes(data, ahead ?? [])}
      caption={`${caption}: ${LEGEND}`}
    />
  );
}

interface DrawnProps {
  curve: CurveView;
  from: number;
  to: number;
  caption: string;
  /** Whether times are said as the clock shows them, not since the beginning. */
  byClock?: boolean;
}

/** What a kiln showed and what it was told, with what happened. */
export function Drawn({ curve, from, to, caption, byClock }: DrawnProps) {
  const at = field(curve.points, from, to);
  const groups = together(curve.events, at);
  const time = (millis: number): string => (byClock ? clockTime(millis) : elapsed(millis - from));
  return (
    <Plate>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="Curve">
        {at.degrees.map((degrees) => (
          <g key={degrees}>
            <line x1={at.x(from)} x2={WIDTH} y1={at.y(degrees)} y2={at.y(degrees)} />
            <text data-quiet x={at.x(from) - 8} y={at.y(degrees) + 5} textAnchor="end">
              {degrees}
            </text>
          </g>
        ))}
        {at.times.map((each) => (
          <text key={each} data-quiet x={at.x(each)} y={HEIGHT - 6} textAnchor="middle">
            {time(each)}
          </text>
        ))}
        <text data-quiet x={6} y={14}>
          {curve.unit}
        </text>
        {groups.map((group, i) => (
          <g key={group.at}>
            <line data-event x1={at.x(group.at)} x2={at.x(group.at)} y1={22} y2={HEIGHT - 28} />
            <text x={at.x(group.at)} y={16} textAnchor="middle">
              {i + 1}
            </text>
          </g>
        ))}
        <path data-wanted d={path(curve.points, 'wanted', at)} />
        <path d={path(curve.points, 'degrees', at)} />
      </svg>
      <ol>
        {groups.map((group) => (
          <li key={group.at}>
            {time(group.at)} {group.words.join(', ').toLowerCase()}
          </li>
        ))}
      </ol>
      <figcaption>{caption}</figcaption>
    </Plate>
  );
}

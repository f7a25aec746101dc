import { Plate } from './Fire.styles';
import { elapsed, field, HEIGHT, path, together, WIDTH } from './model';
import { useCurve } from './useFire';

interface CurveProps {
  kilnId: number;
  /** From this moment of the kiln's clock to that; nothing for until now. */
  from: number;
  to: number;
  caption: string;
}

/** What the kiln showed and what it was told, with what happened. */
export function Curve({ kilnId, from, to, caption }: CurveProps) {
  const { data } = useCurve(kilnId, from, to);
  if (!data) {
    return <Plate style={{ minHeight: '300px' }} />;
  }
  const until = to > 0 ? to : data.clockMillis;
  const at = field(data.points, from, until);
  const groups = together(data.events, at);
  return (
    <Plate>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={`Curve: ${caption}`}>
        {at.degrees.map((degrees) => (
          <g key={degrees}>
            <line x1={at.x(from)} x2={WIDTH} y1={at.y(degrees)} y2={at.y(degrees)} />
            <text data-quiet x={at.x(from) - 8} y={at.y(degrees) + 5} textAnchor="end">
              {degrees}
            </text>
          </g>
        ))}
        {at.times.map((time) => (
          <text key={time.at} data-quiet x={at.x(time.at)} y={HEIGHT - 6} textAnchor="middle">
            {time.words}
          </text>
        ))}
        <text data-quiet x={6} y={14}>
          {data.unit}
        </text>
        {groups.map((group, i) => (
          <g key={group.at}>
            <line data-event x1={at.x(group.at)} x2={at.x(group.at)} y1={22} y2={HEIGHT - 28} />
            <text x={at.x(group.at)} y={16} textAnchor="middle">
              {i + 1}
            </text>
          </g>
        ))}
        <path data-wanted d={path(data.points, 'wanted', at)} />
        <path d={path(data.points, 'degrees', at)} />
      </svg>
      <ol>
        {groups.map((group) => (
          <li key={group.at}>
            {elapsed(group.at - from)} {group.words.join(', ').toLowerCase()}
          </li>
        ))}
      </ol>
      <figcaption>{caption}: the line is what it showed, the dashes what it was told; hours since it was lit, on the kiln’s own clock.</figcaption>
    </Plate>
  );
}

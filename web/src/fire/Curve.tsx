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

const SHOWN_WORDS = 18;
const short = (words: string): string => (words.length > SHOWN_WORDS ? `${words.slice(0, SHOWN_WORDS - 1)}…` : words);

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
            <title>{`${elapsed(group.at - from)} ${group.words.join('; ')}`}</title>
            <line data-event x1={at.x(group.at)} x2={at.x(group.at)} y1={30} y2={HEIGHT - 28} />
            <text x={Math.min(at.x(group.at) + 4, WIDTH - 118)} y={i % 2 === 0 ? 13 : 28}>
              {short(group.words[0] ?? '')}
              {group.words.length > 1 ? ` +${group.words.length - 1}` : ''}
            </text>
          </g>
        ))}
        <path data-wanted d={path(data.points, 'wanted', at)} />
        <path d={path(data.points, 'degrees', at)} />
      </svg>
      <figcaption>{caption}: the line is what it showed, the dashes what it was told; hours since it was lit, on the kiln’s own clock.</figcaption>
    </Plate>
  );
}

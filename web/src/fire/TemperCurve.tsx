import type { SteelView } from '../api/schema';
import { Plate } from './Fire.styles';

const WIDTH = 760;
const HEIGHT = 260;
const LEFT = 44;
const BOTTOM = 28;
const TOP = 12;

/** Hardness over the temper, with the band in which a real blade may lie. */
export function TemperCurve({ steel }: { steel: SteelView }) {
  const first = steel.curve[0];
  const last = steel.curve[steel.curve.length - 1];
  if (!first || !last) {
    return null;
  }
  const all = steel.curve.map((point) => point.hrc);
  const low = Math.floor(Math.min(...all) - steel.bandHrc - 1);
  const high = Math.ceil(Math.max(...all) + steel.bandHrc + 1);
  const x = (celsius: number) =>
    LEFT + 20 + ((celsius - first.celsius) / (last.celsius - first.celsius)) * (WIDTH - LEFT - 60);
  const y = (hrc: number) => TOP + (1 - (hrc - low) / (high - low)) * (HEIGHT - TOP - BOTTOM);
  const line = (shift: number) =>
    steel.curve.map((point) => `${x(point.celsius).toFixed(1)} ${y(point.hrc + shift).toFixed(1)}`);
  const lines = Array.from({ length: high - low + 1 }, (_, i) => low + i).filter((hrc) => hrc % 5 === 0);
  return (
    <Plate>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`Hardness of ${steel.designation} after two tempers of two hours`}
      >
        {lines.map((hrc) => (
          <g key={hrc}>
            <line x1={LEFT} x2={WIDTH} y1={y(hrc)} y2={y(hrc)} />
            <text data-quiet x={LEFT - 8} y={y(hrc) + 5} textAnchor="end">
              {hrc}
            </text>
          </g>
        ))}
        <polygon
          points={[...line(steel.bandHrc), ...line(-steel.bandHrc).reverse()].join(' ')}
          fill="currentColor"
          opacity={0.16}
        />
        <path d={`M${line(0).join('L')}`} />
        {steel.curve.map((point) => (
          <g key={point.celsius}>
            <path d={`M${x(point.celsius) - 5} ${y(point.hrc)}h10M${x(point.celsius)} ${y(point.hrc) - 5}v10`} />
            <text data-quiet x={x(point.celsius)} y={HEIGHT - 6} textAnchor="middle">
              {point.temperature}
            </text>
          </g>
        ))}
      </svg>
      <figcaption>
        {steel.designation}, HRC after two tempers of two hours; ± {steel.bandHrc} HRC for lots, heats and testers.
        Outside its ends nothing is known here.
      </figcaption>
    </Plate>
  );
}

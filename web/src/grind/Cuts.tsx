import { styled } from 'styled-components';
import type { CutView, GrindView } from '../api/schema';
import { capital } from '../parts/words';

/** A blade is thin: its thickness is drawn so many times larger than its width. */
const STRETCHED = 3;
/** Pixels that the widest of the cuts is high. */
const HIGH = 230;
const MARGIN = 26;

const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 0.8rem 2rem;
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 1rem;
  color: ${({ theme }) => theme.scribe};
`;

const Figure = styled.figure`
  margin: 0;
  text-align: center;
  font-family: ${({ theme }) => theme.label};
  font-variant-numeric: tabular-nums;
  svg {
    display: block;
    margin: 0 auto;
    max-width: 100%;
  }
  path {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke-linejoin: round;
  }
  [data-line='stock'] {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-width: 1px;
    stroke-dasharray: 4 4;
  }
  [data-line='now'] {
    fill: #7f93aa;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
  }
  [data-line='wanted'] {
    stroke: #ffd98a;
    stroke-width: 2px;
  }
  [data-line='finished'] {
    stroke: #fff;
    stroke-width: 1px;
    stroke-dasharray: 1 3;
  }
  [data-line='core'] {
    stroke: #12335c;
    stroke-width: 1px;
  }
  [data-touch] {
    fill: #ffb09c;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-size: 15px;
  }
  figcaption strong {
    display: block;
    font-size: 1.1rem;
  }
`;

const Legend = styled.p`
  flex-basis: 100%;
  text-align: center;
  font-size: 0.95rem;
`;

interface CutProps {
  cut: CutView;
  title: string;
  /** Which side is to be touched there; empty for neither. */
  side?: string;
  scale: number;
}

/** A cut across the blade: the bar, as it is now, after this belt, finished. */
export function Cut({ cut, title, side = '', scale }: CutProps) {
  const high = cut.width * scale;
  const broad = cut.thickness * STRETCHED * scale;
  const width = broad + 2 * MARGIN;
  return (
    <Figure>
      <svg width={width} height={high + MARGIN} role="img" aria-label={`Cut ${title}: ${cut.facts.join('; ')}`}>
        <g transform={`translate(${width / 2} ${high}) scale(${STRETCHED * scale} ${scale})`}>
          <path data-line="now" d={cut.now} />
          <path data-line="stock" d={cut.stock} />
          <path data-line="finished" d={cut.finished} />
          {cut.core > 0 ? (
            <path data-line="core" d={`M${-cut.core / 2} 0V${-cut.width}M${cut.core / 2} 0V${-cut.width}`} />
          ) : null}
          <path data-line="wanted" d={cut.wanted} />
        </g>
        {side === 'LEFT' ? <path data-touch d={`M4 ${high / 2 - 11}l18 11l-18 11z`} /> : null}
        {side === 'RIGHT' ? <path data-touch d={`M${width - 4} ${high / 2 - 11}l-18 11l18 11z`} /> : null}
        <text x={width / 2 - 8} y={high + 19} textAnchor="end">
          left
        </text>
        <text x={width / 2 + 8} y={high + 19}>
          right
        </text>
      </svg>
      <figcaption>
        <strong>{capital(title)}</strong>
        {cut.facts.map((line) => (
          <div key={line}>{line}</div>
        ))}
      </figcaption>
    </Figure>
  );
}

export const scaleFor = (cuts: readonly CutView[]): number => HIGH / Math.max(...cuts.map((cut) => cut.width));

/** The blade in section at its places, with the side that is to be touched. */
export function Cuts({ room }: { room: GrindView }) {
  const places = room.places.flatMap((place) => (place.section ? [{ ...place, section: place.section }] : []));
  if (places.length === 0) {
    return null;
  }
  const scale = scaleFor(places.map((place) => place.section));
  const cored = places.some((place) => place.section.core > 0);
  return (
    <Row role="group" aria-label="The blade in section">
      {places.map((place) => (
        <Cut
          key={place.place}
          cut={place.section}
          title={place.words}
          side={room.touch.find((touch) => touch.place === place.place)?.side}
          scale={scale}
        />
      ))}
      <Legend>
        Filled: as it is now. Amber: after this belt. Dotted: finished. Dashed: the bar.
        {cored ? ' Dark lines: the hard core.' : ''} Thickness is drawn {STRETCHED} times; point away from you, edge
        down.
      </Legend>
    </Row>
  );
}

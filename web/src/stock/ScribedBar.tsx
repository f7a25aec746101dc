import type { BarView } from '../api/schema';
import { Scribed } from './Stock.styles';

/** A bar as it is going to be cut: blanks where they lie, saw cuts, and the offcut that stays. */
export function ScribedBar({ bar }: { bar: BarView }) {
  /** As large as the bar leaves room for, whatever its length. */
  const letters = Math.min(bar.width * 0.5, bar.length / 70);
  const hasOffcut = bar.length - bar.used > 0.01;
  return (
    <Scribed>
      <svg
        viewBox={`-2 -4 ${bar.length + 4} ${bar.width + 8}`}
        role="img"
        aria-label={`${bar.words}: ${bar.blanks.map((blank) => blank.piece).join(', ')}`}
      >
        <rect width={bar.used} height={bar.width} />
        {hasOffcut ? <rect data-offcut x={bar.used} width={bar.length - bar.used} height={bar.width} /> : null}
        {bar.blanks.map((blank) => (
          <g key={blank.piece + blank.from}>
            <path d={blank.path} transform={`translate(0 ${bar.width})`} />
            <text x={(blank.fromMillimetres + blank.toMillimetres) / 2} y={bar.width / 2} fontSize={letters}>
              {blank.piece}
            </text>
          </g>
        ))}
        {hasOffcut ? (
          <>
            <line x1={bar.used} x2={bar.used} y1={-4} y2={bar.width + 4} />
            <text x={(bar.used + bar.length) / 2} y={bar.width / 2} fontSize={letters}>
              {bar.offcut}
            </text>
          </>
        ) : null}
      </svg>
    </Scribed>
  );
}

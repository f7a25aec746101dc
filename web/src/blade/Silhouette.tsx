import { styled } from 'styled-components';
import type { Drawing } from '../api/schema';
import { type State, hasReached, handleColour, metalColour, steelLook } from './looks';
import { toneColour } from './tone';

const Lines = styled.g`
  path,
  circle,
  line {
    vector-effect: non-scaling-stroke;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
    fill: none;
    stroke-linejoin: round;
  }
  [data-part='bar'] {
    fill: color-mix(in srgb, ${({ theme }) => theme.scribe} 9%, transparent);
  }
  [data-part='ghost'] {
    stroke-dasharray: 4 3;
    stroke: ${({ theme }) => theme.scribeQuiet};
  }
  [data-part='steel'] {
    fill: color-mix(in srgb, ${({ theme }) => theme.scribe} 14%, transparent);
  }
  [data-part='steel'][data-look='hard'] {
    fill: #3c4f66;
  }
  [data-part='steel'][data-look='ground'] {
    fill: #7f93aa;
  }
  [data-part='steel'][data-look='satin'] {
    fill: #c3d0dd;
  }
  [data-part='steel'][data-look='dark'] {
    fill: #20252b;
  }
  [data-part='bevel'] {
    stroke-width: 1px;
  }
  [data-part='bevel'][data-look='satin'] {
    stroke: #3f5a7a;
  }
  [data-part='fitting'] {
    fill: #d3b672;
    stroke: #fff;
  }
  [data-part='handle'] {
    fill: #8f6a45;
  }
  [data-part='pin'] {
    fill: ${({ theme }) => theme.manila};
    stroke: none;
  }
  [data-part='hole'] {
    stroke-width: 1px;
  }
`;

interface SilhouetteProps {
  drawing: Drawing;
  state: State;
  finish: string;
  material?: string;
  /** Pixels per millimetre: the same for all pieces of one wall, so that they can be compared. */
  scale: number;
  label: string;
}

/** A piece to true scale from its own outline, drawn in the state that it is in. */
export function Silhouette({ drawing, state, finish, material, scale, label }: SilhouetteProps) {
  return (
    <svg
      width={drawing.width * scale}
      height={drawing.height * scale}
      viewBox={`${drawing.minX} ${drawing.minY} ${drawing.width} ${drawing.height}`}
      style={{ display: 'block', overflow: 'visible' }}
      role="img"
      aria-label={label}
    >
      <KnifeLines drawing={drawing} state={state} finish={finish} material={material} />
    </svg>
  );
}

interface KnifeLinesProps {
  drawing: Drawing;
  state: State;
  finish: string;
  /** What the handle is made of, where it is known. */
  material?: string;
}

/** The lines of a piece, in millimetres, for whatever picture they stand in. */
export function KnifeLines({ drawing, state, finish, material }: KnifeLinesProps) {
  const reached = (wanted: State): boolean => hasReached(state, wanted);
  const look = steelLook(state, finish);
  return (
    <Lines>
      {reached('PROFILED') ? (
        <>
          <path data-part="steel" data-look={reached('FINISHED') ? 'ground' : look} d={drawing.tang} />
          <path
            data-part={reached('HANDLED') ? 'handle' : 'ghost'}
            d={drawing.handle}
            style={reached('HANDLED') && material ? { fill: handleColour(material) } : undefined}
          />
          <path
            data-part="steel"
            data-look={look}
            d={drawing.blade}
            style={look === 'dark' ? { fill: toneColour(drawing.etched) } : undefined}
          />
        </>
      ) : (
        <>
          <path data-part="bar" d={drawing.bar} />
          <path data-part="ghost" d={drawing.tang} />
          <path data-part="ghost" d={drawing.blade} />
          <path data-part="ghost" d={drawing.handle} />
        </>
      )}
      {reached('GROUND')
        ? [drawing.bevel, ...drawing.lines].map((line) => (
            <path key={line} data-part="bevel" data-look={look} d={line} />
          ))
        : null}
      {reached('GUARDED') && drawing.guard ? (
        <>
          <path data-part="fitting" d={drawing.guard} style={{ fill: metalColour(drawing.guardMaterial) }} />
          <path data-part="fitting" d={drawing.spacer} />
        </>
      ) : null}
      {drawing.holes
        .filter((hole) => hole.use !== 'LIGHTENING' || !reached('HANDLED'))
        .map((hole) => (
          <circle
            key={`${hole.x} ${hole.y}`}
            data-part={reached('HANDLED') && hole.use !== 'TUBE' ? 'pin' : 'hole'}
            cx={hole.x}
            cy={hole.y}
            r={hole.diameter / 2}
          />
        ))}
    </Lines>
  );
}

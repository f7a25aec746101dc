import { useEffect, useRef, useState } from 'react';
import { useMove } from 'react-aria';
import { styled } from 'styled-components';
import type { Drawing, GripView, Reading } from '../api/schema';
import { KnifeLines } from '../blade/Silhouette';
import { frame, type Frame } from './model';

const Blue = styled.figure`
  margin: 0;
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 0.5rem;
  position: relative;
  touch-action: none;
  svg {
    display: block;
    width: 100%;
    height: auto;
    max-height: 46vh;
    overflow: visible;
  }
  text {
    fill: ${({ theme }) => theme.scribe};
    font-family: ${({ theme }) => theme.label};
    font-variant-numeric: tabular-nums;
  }
  [data-grip] {
    outline: none;
    cursor: grab;
  }
  [data-grip] path {
    stroke: ${({ theme }) => theme.manila};
    stroke-width: 1.6px;
    vector-effect: non-scaling-stroke;
    fill: none;
  }
  [data-grip] circle {
    fill: ${({ theme }) => theme.blueDeep};
    stroke: ${({ theme }) => theme.manila};
    stroke-width: 1.8px;
    vector-effect: non-scaling-stroke;
  }
  [data-grip] circle[data-finger] {
    fill: transparent;
    stroke: none;
  }
  [data-grip][data-held] circle:last-child,
  [data-grip]:focus-visible circle:last-child {
    fill: ${({ theme }) => theme.manila};
  }
  [data-dimension] {
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
    fill: none;
  }
`;

/** A finger's width and a cross's size on the drawing, in pixels. */
const FINGER = 22;
const CROSS = 6;
const NUDGE_MM = 0.5;

interface LiveDrawingProps {
  shown: Reading;
  finish: string;
  material: string;
  onPull: (grip: string, along: number, across: number) => void;
  onLetGo: () => void;
}

/** The knife on layout blue with grips to take hold of, by finger, mouse or arrow keys. */
export function LiveDrawing({ shown, finish, material, onPull, onLetGo }: LiveDrawingProps) {
  const [svg, size] = useSize();
  const [held, setHeld] = useState<Frame | undefined>();
  const drawing = shown.drawing as Drawing;
  const view = held ?? frame(drawing);
  const pixel = Math.max(view.width / size.width, view.height / size.height);
  return (
    <Blue>
      <svg
        ref={svg}
        viewBox={`${view.x} ${view.y} ${view.width} ${view.height}`}
        role="group"
        aria-label="The knife as it stands in the talk"
      >
        <KnifeLines drawing={drawing} state="HANDED_OVER" finish={finish} material={material} />
        <Lengths drawing={drawing} shown={shown} pixel={pixel} low={view.y + view.height} />
        <Balance at={shown.figures?.balanceX ?? 0} top={view.y} pixel={pixel} />
        {shown.grips.map((grip) => (
          <Grip
            key={grip.key}
            grip={grip}
            pixel={pixel}
            onHold={() => setHeld(view)}
            onPull={(along, across) => onPull(grip.key, along, across)}
            onLetGo={() => {
              setHeld(undefined);
              onLetGo();
            }}
          />
        ))}
      </svg>
    </Blue>
  );
}

/** How large the drawing stands on the page, in pixels. */
function useSize() {
  const svg = useRef<SVGSVGElement>(null);
  const [size, setSize] = useState({ width: 1200, height: 300 });
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => {
      if (entry) {
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
      }
    });
    if (svg.current) {
      watch.observe(svg.current);
    }
    return () => watch.disconnect();
  }, []);
  return [svg, size] as const;
}

interface GripProps {
  grip: GripView;
  pixel: number;
  onHold: () => void;
  onPull: (along: number, across: number) => void;
  onLetGo: () => void;
}

function Grip({ grip, pixel, onHold, onPull, onLetGo }: GripProps) {
  const pulled = useRef({ along: 0, across: 0 });
  const [isHeld, setHeld] = useState(false);
  const { moveProps } = useMove({
    onMoveStart() {
      pulled.current = { along: 0, across: 0 };
      setHeld(true);
      onHold();
    },
    onMove(event) {
      const step = event.pointerType === 'keyboard' ? NUDGE_MM : pixel;
      pulled.current = {
        along: pulled.current.along + event.deltaX * step,
        across: pulled.current.across - event.deltaY * step,
      };
      onPull(grip.movesAlong ? pulled.current.along : 0, grip.movesAcross ? pulled.current.across : 0);
    },
    onMoveEnd() {
      setHeld(false);
      onLetGo();
    },
  });
  const cross = CROSS * pixel;
  return (
    <g
      {...moveProps}
      data-grip={grip.key}
      data-held={isHeld || undefined}
      tabIndex={0}
      role="button"
      aria-label={`${grip.words}: ${grip.fields.join(', ')}`}
      transform={`translate(${grip.x} ${grip.y})`}
    >
      <title>{grip.words}</title>
      <circle data-finger r={FINGER * pixel} />
      {grip.movesAlong ? <path d={`M${-2 * cross} 0H${2 * cross}`} /> : null}
      {grip.movesAcross ? <path d={`M0 ${-2 * cross}V${2 * cross}`} /> : null}
      <circle r={cross} />
    </g>
  );
}

/** Handle and blade with their lengths, scribed below the knife. */
function Lengths({ drawing, shown, pixel, low }: { drawing: Drawing; shown: Reading; pixel: number; low: number }) {
  const y = low - 14 * pixel;
  const tick = 5 * pixel;
  const size = 15 * pixel;
  const words = (field: string): string => shown.understood[field] ?? '';
  return (
    <>
      <path
        data-dimension
        d={[
          `M${drawing.buttX} ${y}H${drawing.pointX}`,
          ...[drawing.buttX, 0, drawing.pointX].map((x) => `M${x} ${y - tick}v${2 * tick}`),
        ].join('')}
      />
      <text x={drawing.buttX / 2} y={y - 5 * pixel} fontSize={size} textAnchor="middle">
        {words('handleLength') || words('haftLength')}
      </text>
      <text x={drawing.pointX / 2} y={y - 5 * pixel} fontSize={size} textAnchor="middle">
        {words('bladeLength') || words('edgeLength')}
      </text>
    </>
  );
}

/** Where it balances: a scribed wedge over the knife. */
function Balance({ at, top, pixel }: { at: number; top: number; pixel: number }) {
  const size = 9 * pixel;
  return (
    <g transform={`translate(${at} ${top + 22 * pixel})`}>
      <path data-dimension d={`M0 ${size}L${-size} 0H${size}Z`} />
      <text fontSize={14 * pixel} textAnchor="middle" y={-5 * pixel}>
        balance
      </text>
    </g>
  );
}

import { type PointerEvent, useState } from 'react';
import { Label, Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import type { GrindView, PieceView } from '../api/schema';
import { Cut, scaleFor } from './Cuts';
import { useCut } from './useGrind';

const Field = styled.div`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  border-radius: 4px;
  padding: 1rem;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem;
  align-items: center;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
  > div > svg {
    width: 100%;
    touch-action: none;
    cursor: crosshair;
  }
  > div > svg path {
    vector-effect: non-scaling-stroke;
    fill: none;
    stroke: ${({ theme }) => theme.scribe};
    stroke-width: 1.3px;
  }
  > div > svg line {
    vector-effect: non-scaling-stroke;
    stroke: #ffd98a;
    stroke-width: 2px;
  }
`;

const Rail = styled(Slider)`
  margin-top: 0.6rem;
  .track {
    height: 44px;
    position: relative;
    width: 100%;
  }
  .track::before {
    content: '';
    position: absolute;
    inset: 20px 0;
    background: ${({ theme }) => theme.scribeQuiet};
  }
  .thumb {
    top: 50%;
    width: 30px;
    height: 30px;
    border-radius: 50%;
    background: ${({ theme }) => theme.manila};
    border: 2px solid #fff;
  }
  .thumb[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
`;

/** The blade in section wherever a finger lies on its drawing. */
export function Along({ piece, room }: { piece: PieceView; room: GrindView }) {
  const [share, setShare] = useState(0.25);
  const { data: cut } = useCut(room.id, share);
  const { drawing } = piece.knife;
  const long = room.bevelTo - room.bevelFrom;
  const under = (event: PointerEvent<SVGSVGElement>) => {
    if (event.pointerType === 'mouse' || event.buttons > 0) {
      const box = event.currentTarget.getBoundingClientRect();
      const x = ((event.clientX - box.left) / box.width) * room.bevelTo;
      setShare(Math.min(1, Math.max(0, (x - room.bevelFrom) / long)));
    }
  };
  return (
    <Field role="group" aria-label="Anywhere along the blade">
      <div>
        <svg
          viewBox={`0 ${drawing.minY} ${room.bevelTo} ${drawing.height}`}
          onPointerMove={under}
          onPointerDown={under}
          aria-hidden="true"
        >
          <path d={drawing.blade} />
          <path d={drawing.bevel} />
          <line
            x1={room.bevelFrom + share * long}
            x2={room.bevelFrom + share * long}
            y1={drawing.minY}
            y2={drawing.minY + drawing.height}
          />
        </svg>
        <Rail value={share} minValue={0} maxValue={1} step={0.01} onChange={(value) => setShare(value as number)}>
          <Label>From plunge to point</Label>
          <SliderTrack className="track">
            <SliderThumb className="thumb" />
          </SliderTrack>
        </Rail>
      </div>
      {cut ? <Cut cut={cut} title="under the finger" scale={scaleFor([cut])} /> : null}
    </Field>
  );
}

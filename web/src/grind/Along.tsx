import { type PointerEvent, useState } from 'react';
import type { GrindView, PieceView } from '../api/schema';
import { AlongRail, ScribedField } from '../parts/AlongRail';
import { Cut, scaleFor } from './Cuts';
import { useCut } from './useGrind';

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
    <ScribedField role="group" aria-label="Anywhere along the blade">
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
        <AlongRail label="From plunge to point" share={share} onChange={setShare} />
      </div>
      {cut ? <Cut cut={cut} title="under the finger" scale={scaleFor([cut])} /> : null}
    </ScribedField>
  );
}

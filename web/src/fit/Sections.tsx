import { type PointerEvent, useState } from 'react';
import type { FitSideView, FitView } from '../api/schema';
import { AlongRail } from '../parts/AlongRail';
import { Trouble } from '../parts/Sheet';
import { capital } from '../parts/words';
import { Across, Field, Scribed } from './Fit.styles';
import { useFitCut } from './useFit';

/** Tang, guard, spacers and block in their places, and cut across wherever a finger lies. */
export function Sections({ fit }: { fit: FitView }) {
  return fit.side ? (
    <Drawn piece={fit.id} side={fit.side} />
  ) : (
    <Trouble>This handle cannot be drawn: {fit.impossible}.</Trouble>
  );
}

function Drawn({ piece, side }: { piece: number; side: FitSideView }) {
  const [share, setShare] = useState(0.02);
  const { data: cut } = useFitCut(piece, share);
  const from = side.tangFrom;
  const at = -(from + share * (side.tangEnd - from));
  const under = (event: PointerEvent<SVGSVGElement>) => {
    if (event.pointerType === 'mouse' || event.buttons > 0) {
      const box = event.currentTarget.getBoundingClientRect();
      const x = side.minX + ((event.clientX - box.left) / box.width) * side.width;
      setShare(Math.min(1, Math.max(0, (-x - from) / (side.tangEnd - from))));
    }
  };
  return (
    <Field role="group" aria-label="Tang in its parts">
      <div>
        <Scribed
          data-side
          viewBox={`${side.minX} ${side.minY} ${side.width} ${side.height}`}
          onPointerMove={under}
          onPointerDown={under}
          aria-hidden="true"
        >
          {side.marks.map((mark, index) => (
            // oxlint-disable-next-line react/no-array-index-key -- a drawing's lines have no name of their own
            <path key={index} data-kind={mark.kind} d={mark.path} />
          ))}
          <line x1={at} x2={at} y1={side.minY} y2={side.minY + side.height} />
        </Scribed>
        <AlongRail
          label="From the tang’s end to the shoulder"
          share={1 - share}
          onChange={(fromTheEnd) => setShare(1 - fromTheEnd)}
        />
      </div>
      {cut ? (
        <Across>
          <Scribed
            viewBox={`${cut.minX} ${cut.minY} ${cut.width} ${cut.height}`}
            role="img"
            aria-label={`Cut across: ${cut.words}`}
          >
            {cut.marks.map((mark) => (
              <path key={mark.kind} data-kind={mark.kind} d={mark.path} />
            ))}
          </Scribed>
          <figcaption>
            {cut.words}. <strong>{capital(cut.says)}.</strong>
          </figcaption>
        </Across>
      ) : null}
    </Field>
  );
}

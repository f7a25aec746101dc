import { useId } from 'react';
import type { BilletReading, BladeView, Picture } from '../api/schema';
import { Quiet } from '../parts/Sheet';
import { Shown } from './Forge.styles';

/** The billet as it would be seen: the pattern on a blade ground from it, and cut across. */
export function BilletDrawing({ reading, onPiece }: { reading: BilletReading; onPiece: string }) {
  return (
    <Shown>
      {reading.blade ? (
        <figure>
          <Blade blade={reading.blade} />
          <figcaption>
            Ground and etched as {onPiece}, so far as the recipe goes. Hand and hammer make each one different.
          </figcaption>
        </figure>
      ) : null}
      {reading.section ? (
        <figure data-section>
          <Section picture={reading.section} />
          {reading.section.note ? <Quiet>{reading.section.note}</Quiet> : null}
          <figcaption>Cut across at the middle</figcaption>
        </figure>
      ) : null}
      {reading.blade || reading.section ? null : (
        <Quiet style={{ color: 'inherit' }}>The drawing appears with the first stack.</Quiet>
      )}
    </Shown>
  );
}

const at = (picture: Picture) => ({
  href: picture.url,
  x: picture.left,
  y: picture.top,
  width: picture.width,
  height: picture.height,
  preserveAspectRatio: 'none',
});

function Blade({ blade }: { blade: BladeView }) {
  const clip = useId();
  return (
    <svg
      viewBox={`${blade.left - 2} ${blade.top - 2} ${blade.width + 4} ${blade.height + 4}`}
      role="img"
      aria-label="Pattern on the blade"
    >
      <clipPath id={clip}>
        <path d={blade.path} />
      </clipPath>
      <image {...at(blade.pattern)} clipPath={`url(#${clip})`} />
      <path data-line d={blade.path} />
    </svg>
  );
}

function Section({ picture }: { picture: Picture }) {
  return (
    <svg
      viewBox={`${picture.left - 1} ${picture.top - 1} ${picture.width + 2} ${picture.height + 2}`}
      role="img"
      aria-label="Layers in section"
    >
      <image {...at(picture)} />
    </svg>
  );
}

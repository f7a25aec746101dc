import type { PartFrame, SheathMark } from '../api/schema';
import { Leathered } from './Sheath.styles';

const ROOM = 4;

/** A sheath or one of its parts, drawn in millimetres. */
export function Picture({ frame, marks, label }: { frame: PartFrame; marks: readonly SheathMark[]; label: string }) {
  const box = [frame.minX - ROOM, frame.minY - ROOM, frame.width + 2 * ROOM, frame.height + 2 * ROOM];
  return (
    <Leathered viewBox={box.join(' ')} role="img" aria-label={label}>
      {marks.map((mark, index) => (
        <path
          // eslint-disable-next-line react/no-array-index-key -- lines of a drawing have no name and never change places
          key={`${mark.kind} ${index}`}
          data-kind={mark.kind}
          d={mark.path}
          style={mark.kind === 'HOLES' ? { strokeWidth: Math.max(frame.hole, frame.width / 150) } : undefined}
        />
      ))}
    </Leathered>
  );
}

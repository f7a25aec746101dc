import { Link } from 'react-router';
import type { PieceView } from '../api/schema';
import { Panel, Quiet } from '../parts/Sheet';
import { moment } from '../parts/words';

const MOST_SHOWN = 6;

/** What other pieces taught: at a step what it taught there, on the piece what its design and steel did. */
export function Lessons({ piece, operation }: { piece: PieceView; operation?: string }) {
  const here = piece.past.lessons
    .filter((lesson) => (operation ? lesson.operation === operation : lesson.alike.some((each) => each !== 'step')))
    .slice(0, MOST_SHOWN);
  if (here.length === 0) {
    return null;
  }
  return (
    <Panel aria-label="Learned before">
      <h2>Learned before</h2>
      {here.map((lesson) => (
        <div key={`${lesson.piece} ${lesson.atMillis}`}>
          <p>{lesson.words}</p>
          <Quiet>
            <Link to={`/pieces/${lesson.piece}`}>{lesson.pieceName}</Link>, {lesson.by}, {moment(lesson.atMillis)}: the
            same {lesson.alike.join(' and ')}
          </Quiet>
        </div>
      ))}
    </Panel>
  );
}

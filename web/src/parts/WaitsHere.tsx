import { Link } from 'react-router';
import { styled } from 'styled-components';
import { Listed, Panel, Quiet } from './Sheet';

const Here = styled(Listed)`
  [aria-current] {
    font-weight: 700;
  }
`;

interface Waiting {
  piece: number;
  pieceName: string;
  jobTitle: string;
  stepWords: string;
  holdsUp: string;
}

interface WaitsHereProps<W extends Waiting> {
  label: string;
  /** The room's own page, where one of them is chosen. */
  room: string;
  waiting: readonly W[];
  chosen: number;
  nothing: string;
  when?: (waiting: W) => string;
}

/** The pieces that have something to do at a bench; the one that is looked at stands out. */
export function WaitsHere<W extends Waiting>({ label, room, waiting, chosen, nothing, when }: WaitsHereProps<W>) {
  return (
    <Panel aria-label={label}>
      <h2>Waits here</h2>
      {waiting.length === 0 ? <Quiet>{nothing}</Quiet> : null}
      <Here>
        {waiting.map((each) => (
          <li key={each.piece}>
            <Link to={`${room}?piece=${each.piece}`} aria-current={each.piece === chosen || undefined}>
              {each.pieceName}, {each.jobTitle}
            </Link>
            <Quiet as="div">
              {when?.(each)}
              {each.stepWords}
              {each.holdsUp ? `; ${each.holdsUp}` : ''}
            </Quiet>
          </li>
        ))}
      </Here>
    </Panel>
  );
}

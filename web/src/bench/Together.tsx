import { useQuery } from '@tanstack/react-query';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { Alongside, PieceView, StepView } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

const Rows = styled.ul`
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 0.5rem;
`;

/** How the other pieces of the batch stand at this step. */
export function useAlongside(piece: PieceView, step: StepView): Alongside[] {
  const { data } = useQuery({
    queryKey: ['alongside', piece.id, step.operation],
    queryFn: () => read<Alongside[]>(`/api/pieces/${piece.id}/steps/${step.operation}/alongside`),
    enabled: piece.job.pieces > 1 && piece.now.standing === 'ALIVE',
  });
  return data ?? [];
}

/** Whether a piece can go along with this step as it stands: ready when it is ready, under way by the same hands when it is under way. */
export function goesAlong(other: Alongside, step: StepView): boolean {
  return (
    other.reason === '' &&
    other.standing === step.standing &&
    (other.standing === 'READY' || other.starterId === step.clock.starterId)
  );
}

interface TogetherProps {
  step: StepView;
  alongside: readonly Alongside[];
  chosen: readonly number[];
  onChoose: (pieces: number[]) => void;
}

/** The pieces of the batch that this step is done on at once; those that stay behind say why. */
export function Together({ step, alongside, chosen, onChoose }: TogetherProps) {
  if (alongside.length === 0 || step.standing === 'DONE') {
    return null;
  }
  const along = alongside.filter((other) => goesAlong(other, step)).map((other) => other.piece);
  return (
    <Panel aria-label="The batch">
      <Row>
        <h2>Together with</h2>
        {along.length > 1 ? <Press onPress={() => onChoose(along)}>All that can</Press> : null}
      </Row>
      <Rows>
        {alongside.map((other) =>
          goesAlong(other, step) ? (
            <li key={other.piece}>
              <Tick
                words={nameOf(other)}
                isTicked={chosen.includes(other.piece)}
                onChange={(on) => onChoose(on ? [...chosen, other.piece] : chosen.filter((id) => id !== other.piece))}
              />
            </li>
          ) : (
            <li key={other.piece}>
              <Quiet>
                <b>{nameOf(other)}</b> stays behind: {behind(other)}
              </Quiet>
            </li>
          ),
        )}
      </Rows>
    </Panel>
  );
}

const nameOf = (other: Alongside): string => (other.rackSlot ? `${other.name}, slot ${other.rackSlot}` : other.name);

function behind(other: Alongside): string {
  if (other.reason) {
    return other.reason;
  }
  switch (other.standing) {
    case 'DONE':
      return 'it is done there.';
    case 'READY':
      return 'it is not started there.';
    case 'RUNNING':
      return 'it is under way there.';
    case 'RESTING':
      return 'it rests there.';
    default:
      return 'it waits.';
  }
}

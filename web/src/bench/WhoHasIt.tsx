import type { Holder, PieceView, StepView } from '../api/schema';
import { Quiet } from '../parts/Sheet';

const NOBODY: Holder = { id: 0, name: '', through: '', word: '', by: '' };

/** Who holds a step of a piece. */
export const holderOf = (piece: PieceView, step: StepView): Holder =>
  piece.hands.steps.find((each) => each.operation === step.operation)?.holder ?? NOBODY;

/** Who began the piece, who holds this step, and where it lies. */
export function WhoHasIt({ piece, step }: { piece: PieceView; step: StepView }) {
  const holder = holderOf(piece, step);
  const { beganBy, lies } = piece.hands;
  const said = [
    beganBy ? `begun by ${beganBy}` : 'nobody has begun it',
    holder.through ? `${holder.through} is on ${holder.name}` : '',
    lies ? `lies ${lies}` : '',
  ].filter(Boolean);
  return (
    <Quiet>
      {piece.name}: {said.join('; ')}.
      {holder.word ? (
        <>
          {' '}
          {holder.by}: <q>{holder.word}</q>
        </>
      ) : null}
    </Quiet>
  );
}

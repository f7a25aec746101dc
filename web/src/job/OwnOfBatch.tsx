import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** What is this piece's own within its batch: for whom, its art, its slot in every rack, whether it is the spare. */
export function OwnOfBatch({ piece }: { piece: PieceView }) {
  const [draft, setDraft] = useState<PieceView['own'] | undefined>();
  const { problem, isBusy, run } = useCaught();
  if (piece.pieces === 1) {
    return null;
  }
  const own = draft ?? piece.own;
  const keep = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/own`, own);
      setDraft(undefined);
    });
  return (
    <Panel aria-label="This piece of the batch">
      <h2>
        Piece {piece.position} of {piece.pieces}
      </h2>
      {draft ? (
        <>
          <Row>
            <Entry label={own.isSpare ? 'Whose spare it is' : 'For whom'} name="forWhom" value={own.forWhom} onChange={(forWhom) => setDraft({ ...own, forWhom })} problem={problem?.at('forWhom')} />
            <Entry label="Slot in racks and loads" name="rackSlot" value={own.rackSlot} onChange={(rackSlot) => setDraft({ ...own, rackSlot })} problem={problem?.at('rackSlot')} />
          </Row>
          <Entry label="Art" name="art" value={own.art} onChange={(art) => setDraft({ ...own, art })} />
          <Tick words="It is the spare" isTicked={own.isSpare} onChange={(isSpare) => setDraft({ ...own, isSpare })} />
          {problem && problem.findings.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null}
          <Row>
            <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
              Keep it
            </Press>
            <Press onPress={() => setDraft(undefined)}>Leave it</Press>
          </Row>
        </>
      ) : (
        <>
          <p>
            {own.isSpare ? `The spare, of ${own.forWhom}` : `For ${own.forWhom || piece.clientName}`}
            {own.rackSlot ? `, slot ${own.rackSlot}` : ', no slot yet'}.{own.art ? ` Art: ${own.art}.` : ''}
          </p>
          <Quiet>Handle, fittings and finish of this piece alone are changed under “Specification”.</Quiet>
          {piece.standing === 'ALIVE' ? (
            <div>
              <Press onPress={() => setDraft(piece.own)}>Change it</Press>
            </div>
          ) : null}
        </>
      )}
    </Panel>
  );
}

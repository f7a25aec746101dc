import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { MorePieces } from './MorePieces';
import { Whose, whoseWords } from './Whose';

/** What is this piece's own within its batch: whose it is, its art, its slot in every rack, the set that it goes out with. */
export function OwnOfBatch({ piece, isOwner }: { piece: PieceView; isOwner: boolean }) {
  const isAlone = piece.job.pieces === 1;
  return (
    <Panel aria-label="This piece of the batch">
      <h2>{isAlone ? 'Whose it is' : `Piece ${piece.job.position} of ${piece.job.pieces}`}</h2>
      <p>{whoseWords(piece)}</p>
      {isOwner && piece.now.standing === 'ALIVE' ? <Whose piece={piece} /> : null}
      {isAlone ? null : <Marks piece={piece} />}
      <Ordered piece={piece} />
      {isOwner ? <MorePieces piece={piece} /> : null}
    </Panel>
  );
}

/** Its place, its art and its set: whoever works on it writes them down. */
function Marks({ piece }: { piece: PieceView }) {
  const [draft, setDraft] = useState<{ art: string; rackSlot: string; setName: string } | undefined>();
  const { problem, isBusy, run } = useCaught();
  const { art, rackSlot, setName } = piece.knife.own;
  const keep = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/own`, draft);
      setDraft(undefined);
    });
  if (!draft) {
    return (
      <>
        <p>
          {rackSlot ? `Slot ${rackSlot}.` : 'No slot yet.'} {art ? `Art: ${art}.` : ''}{' '}
          {setName ? `Of the set “${setName}”.` : ''}
        </p>
        <Quiet>Handle, fittings and finish of this piece alone are changed under “Specification”.</Quiet>
        {piece.now.standing === 'ALIVE' ? (
          <div>
            <Press onPress={() => setDraft({ art, rackSlot, setName })}>Change slot, art or set</Press>
          </div>
        ) : null}
      </>
    );
  }
  return (
    <>
      <Row>
        <Entry
          label="Slot in racks and loads"
          name="rackSlot"
          value={draft.rackSlot}
          onChange={(slot) => setDraft({ ...draft, rackSlot: slot })}
          problem={problem?.at('rackSlot')}
        />
        <Entry
          label="Goes out in the set"
          name="setName"
          value={draft.setName}
          onChange={(name) => setDraft({ ...draft, setName: name })}
        />
      </Row>
      <Entry label="Art" name="art" value={draft.art} onChange={(words) => setDraft({ ...draft, art: words })} />
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Keep it
        </Press>
        <Press onPress={() => setDraft(undefined)}>Leave it</Press>
      </Row>
    </>
  );
}

/** How many were ordered of how many that are made, and for whom. */
function Ordered({ piece }: { piece: PieceView }) {
  if (piece.job.pieces === 1 && piece.client.ordered.length <= 1) {
    return null;
  }
  const people = [...new Set(piece.client.ordered.map((each) => each.forWhom))];
  const has = (person: string): string => {
    const names = piece.client.ordered
      .filter((each) => each.forWhom === person && each.pieceName)
      .map((each) => each.pieceName);
    const waiting = piece.client.ordered.filter((each) => each.forWhom === person && !each.pieceName).length;
    return [person, names.length > 0 ? `has ${names.join(', ')}` : '', waiting > 0 ? `waits for ${waiting}` : '']
      .filter(Boolean)
      .join(' ');
  };
  return (
    <Quiet>
      {piece.client.ordered.length} ordered, {piece.job.pieces} made: {people.map(has).join('; ') || 'nobody waits'}.
    </Quiet>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Row } from '../parts/Sheet';

/** Holds a piece with a reason, or releases it. */
export function Holding({ piece, large }: { piece: PieceView; large?: boolean }) {
  const [isAsking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const { problem, run } = useCaught();
  const hold = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/hold`, { words: reason });
      setAsking(false);
      setReason('');
    });
  if (piece.now.held) {
    return (
      <Press data-large={large || undefined} onPress={() => void run(() => change(`/api/pieces/${piece.id}/release`))}>
        Release it
      </Press>
    );
  }
  return (
    <>
      <Press data-large={large || undefined} onPress={() => setAsking(true)}>
        Hold
      </Press>
      <Ask title={`Hold ${piece.name}`} isOpen={isAsking} onClose={() => setAsking(false)}>
        <Entry label="Why is it held?" value={reason} onChange={setReason} problem={problem?.message} onEnter={hold} />
        <Row>
          <Press data-large data-kind="main" onPress={hold}>
            Hold it
          </Press>
          <Press data-large onPress={() => setAsking(false)}>
            Leave it
          </Press>
        </Row>
      </Ask>
    </>
  );
}

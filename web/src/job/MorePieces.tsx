import { useState } from 'react';
import { useNavigate } from 'react-router';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Row } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** More pieces for the job, each from a new bar, with the drawing of this one. */
export function MorePieces({ piece }: { piece: PieceView }) {
  const [isOpen, setOpen] = useState(false);
  const [count, setCount] = useState('1');
  const [asSpare, setSpare] = useState(false);
  const { problem, isBusy, run } = useCaught();
  const navigate = useNavigate();
  const add = () =>
    void run(async () => {
      const receipt = await change(`/api/jobs/${piece.job.id}/pieces`, {
        count: Number(count) || 0,
        like: piece.id,
        asSpare,
      });
      setOpen(false);
      await navigate(`/pieces/${receipt.about}`);
    });
  if (!isOpen) {
    return (
      <div>
        <Press onPress={() => setOpen(true)}>Make more like this</Press>
      </div>
    );
  }
  return (
    <>
      <Row>
        <Entry label="How many more" name="more" value={count} onChange={setCount} problem={problem?.at('count')} />
        {piece.job.kind === 'COMMISSION' ? (
          <Tick words="As spares of the shop" isTicked={asSpare} onChange={setSpare} />
        ) : null}
      </Row>
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={add}>
          Add to the job
        </Press>
        <Press onPress={() => setOpen(false)}>Leave it</Press>
      </Row>
    </>
  );
}

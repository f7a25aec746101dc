import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { MishapChoice, PieceView, StepView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';

interface WentWrongProps {
  piece: PieceView;
  step: StepView;
  onClose: () => void;
}

/** What happened, and how to go on. */
export function WentWrong({ piece, step, onClose }: WentWrongProps) {
  const { data: choices } = useQuery({ queryKey: ['mishaps'], queryFn: () => read<MishapChoice[]>('/api/mishaps') });
  const [kind, setKind] = useState('OTHER');
  const [words, setWords] = useState('');
  const [wayBack, setWayBack] = useState('HOLD');
  const [redoFrom, setRedoFrom] = useState(step.operation);
  const { problem, isBusy, run } = useCaught();
  const chosen = choices?.find((choice) => choice.kind === kind);
  const begun = piece.steps.filter((each) => each.standing !== 'WAITING' && each.standing !== 'READY');
  const choose = (next: string) => {
    setKind(next);
    const ways = choices?.find((choice) => choice.kind === next)?.waysBack ?? [];
    if (!ways.some((way) => way.wayBack === wayBack)) {
      setWayBack(ways[0]?.wayBack ?? 'HOLD');
    }
  };
  const tell = () =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/steps/${step.operation}/went-wrong`, { kind, words, wayBack, redoFrom: wayBack === 'REDO' ? redoFrom : '' });
      onClose();
    });
  return (
    <Ask title={`What went wrong with ${piece.name}?`} isOpen onClose={onClose}>
      <Choice label="What happened" value={kind} options={(choices ?? []).map((choice) => ({ value: choice.kind, words: choice.words }))} onChange={choose} />
      <Entry label="In your words" value={words} onChange={setWords} />
      <Choice label="How to go on" value={wayBack} options={(chosen?.waysBack ?? []).map((way) => ({ value: way.wayBack, words: way.words }))} onChange={setWayBack} />
      {wayBack === 'REDO' ? (
        <>
          <Choice label="Do it again from" value={redoFrom} options={begun.map((each) => ({ value: each.operation, words: each.title }))} onChange={setRedoFrom} />
          <Quiet>That step, what was built on it and what is under way are open again; their readings are taken anew.</Quiet>
        </>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-large data-kind="alarm" isDisabled={isBusy} onPress={tell}>
          Write it down
        </Press>
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </Ask>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { SpecificationFields } from '../design/SpecificationFields';
import { useReading } from '../design/useDesign';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';

interface SpecificationChangeProps {
  piece: PieceView;
  onClose: () => void;
}

/** Changes answers of an agreed specification; what somebody else changed meanwhile is shown, and the owner chooses. */
export function SpecificationChange({ piece, onClose }: SpecificationChangeProps) {
  const [before] = useState(() => Object.fromEntries(piece.specification.map((line) => [line.field, line.kept])));
  const [entries, setEntries] = useState<Record<string, string>>(before);
  const { problem, isBusy, run, clear } = useCaught();
  const { reading } = useReading(entries);
  const changed = Object.keys(entries).filter((field) => entries[field] !== (before[field] ?? ''));
  const send = (theirs: Record<string, string>) =>
    void run(async () => {
      const changes = changed.map((field) => ({ field, from: theirs[field] ?? before[field] ?? '', to: entries[field] ?? '' }));
      await change(`/api/pieces/${piece.id}/specification`, changes);
      onClose();
    });
  return (
    <Ask title={`Change the specification of ${piece.name}`} isOpen onClose={onClose}>
      <Quiet>The route and the numbers are computed anew. Work that is done stays done; look at the piece before going on.</Quiet>
      <SpecificationFields entries={entries} reading={reading} onChange={(field, value) => setEntries({ ...entries, [field]: value })} />
      {problem && problem.both.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy || changed.length === 0} onPress={() => send({})}>
          Agree to the change
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
      <BothChanged
        both={problem?.both ?? []}
        onTheirs={() => {
          clear();
          onClose();
        }}
        onMine={() => send(Object.fromEntries((problem?.both ?? []).map((each) => [each.field, each.theirsIs])))}
      />
    </Ask>
  );
}

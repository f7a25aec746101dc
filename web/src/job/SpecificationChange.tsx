import { useMemo, useState } from 'react';
import { change } from '../api/client';
import type { EffectView, FieldChange, PieceView } from '../api/schema';
import { SpecificationFields } from '../design/SpecificationFields';
import { useReading } from '../design/useDesign';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { Decision } from './Decision';

interface SpecificationChangeProps {
  piece: PieceView;
  onClose: () => void;
}

/** Changes answers of an agreed specification: first what it would do, then the decision. What somebody else changed meanwhile is shown. */
export function SpecificationChange({ piece, onClose }: SpecificationChangeProps) {
  const [before] = useState(() => Object.fromEntries(piece.knife.specification.map((line) => [line.field, line.kept])));
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [others, setOthers] = useState<number[]>([]);
  const [effects, setEffects] = useState<EffectView[] | undefined>();
  const { problem, isBusy, run, clear } = useCaught();
  const [shown] = useState(() => Object.fromEntries(piece.knife.specification.map((line) => [line.field, line.entry])));
  // Sizes that follow from other answers go on following them.
  const [fixed] = useState(() =>
    Object.fromEntries(
      piece.knife.specification.filter((line) => !line.isUsual).map((line) => [line.field, line.entry]),
    ),
  );
  const given = useMemo(() => ({ ...fixed, ...typed }), [fixed, typed]);
  const { reading } = useReading(given);
  const entries: Record<string, string> = { ...reading?.entries, ...given };
  const changes = changesOf(entries, shown, before, reading?.asked ?? []);
  const look = (theirs: Record<string, string>) =>
    void run(async () => {
      const asked: FieldChange[] = changes.map((each) => ({ ...each, from: theirs[each.field] ?? each.from }));
      setEffects(
        await change<EffectView[]>(`/api/pieces/${piece.id}/specification/look`, {
          changes: asked,
          pieces: others,
          reason: '',
          clientAgreed: false,
          keep: [],
        }),
      );
    });
  if (effects) {
    return (
      <Decision
        piece={piece}
        changes={changes}
        others={others}
        effects={effects}
        onBack={() => setEffects(undefined)}
        onClose={onClose}
      />
    );
  }
  const alive = piece.job.siblings.filter((sibling) => sibling.standing === 'ALIVE');
  return (
    <Ask title={`Change the specification of ${piece.name}`} isOpen isWide onClose={onClose}>
      <Quiet>
        Nothing takes effect yet: the next sheet shows what the change spoils, what comes in, and what it costs.
      </Quiet>
      <SpecificationFields
        entries={entries}
        reading={reading}
        onChange={(field, value) => setTyped({ ...typed, [field]: value })}
      />
      {alive.length > 0 ? (
        <Row role="group" aria-label="Also for these pieces of the batch">
          <strong>Also for</strong>
          {alive.map((sibling) => (
            <Tick
              key={sibling.id}
              words={sibling.name}
              isTicked={others.includes(sibling.id)}
              onChange={(on) => setOthers(on ? [...others, sibling.id] : others.filter((id) => id !== sibling.id))}
            />
          ))}
        </Row>
      ) : null}
      {problem && problem.both.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy || changes.length === 0} onPress={() => look({})}>
          Show what it does
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
      <BothChanged
        both={problem?.both ?? []}
        onTheirs={() => {
          clear();
          onClose();
        }}
        onMine={() => look(Object.fromEntries((problem?.both ?? []).map((each) => [each.field, each.theirsIs])))}
      />
    </Ask>
  );
}

/** What differs from the agreed answers, with the questions that only the changed piece is asked. */
function changesOf(
  entries: Record<string, string>,
  shown: Record<string, string>,
  before: Record<string, string>,
  asked: readonly string[],
): FieldChange[] {
  return asked
    .filter((field) => entries[field] !== undefined && entries[field] !== (shown[field] ?? ''))
    .map((field) => ({ field, from: before[field] ?? '', to: entries[field] ?? '' }));
}

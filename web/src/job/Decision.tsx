import { useState } from 'react';
import { change } from '../api/client';
import type { EffectView, FieldChange, PieceView } from '../api/schema';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { Effect } from './Effect';

interface DecisionProps {
  piece: PieceView;
  changes: readonly FieldChange[];
  others: readonly number[];
  effects: readonly EffectView[];
  onBack: () => void;
  onClose: () => void;
}

/** What a change would do to each piece, and the decision on it: taken or dropped, with the reason that stays. */
export function Decision({ piece, changes, others, effects, onBack, onClose }: DecisionProps) {
  const [reason, setReason] = useState('');
  const [isAgreed, setAgreed] = useState(false);
  const [keep, setKeep] = useState<string[]>([]);
  const { problem, isBusy, run, clear } = useCaught();
  const asks = [...new Set(effects.flatMap((effect) => effect.asksClient))];
  const needsClient = effects.some((effect) => effect.needsClient);
  const decide = (how: '' | '/drop', theirs: Record<string, string>) =>
    void run(async () => {
      const asked = changes.map((each) => ({ ...each, from: theirs[each.field] ?? each.from }));
      await change(`/api/pieces/${piece.id}/specification${how}`, {
        changes: asked,
        pieces: others,
        reason,
        clientAgreed: isAgreed,
        keep,
      });
      onClose();
    });
  return (
    <Ask
      title={`What the change does to ${effects.map((effect) => effect.name).join(', ')}`}
      isOpen
      isWide
      onClose={onClose}
    >
      <p>
        <strong>{effects[0]?.change}</strong>
      </p>
      {effects.map((effect) => (
        <Effect key={effect.pieceId} effect={effect} isNamed={effects.length > 1} keep={keep} onKeep={setKeep} />
      ))}
      {needsClient ? <Tick words={agreement(asks, effects)} isTicked={isAgreed} onChange={setAgreed} /> : null}
      <Entry
        label="Why is it decided so?"
        name="reason"
        value={reason}
        onChange={setReason}
        problem={problem?.at('reason')}
      />
      {problem && problem.both.length === 0 && !problem.at('reason') ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
      <Row>
        <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => decide('', {})}>
          Take the change
        </Press>
        <Press data-large isDisabled={isBusy} onPress={() => decide('/drop', {})}>
          Drop it
        </Press>
        <Press data-large onPress={onBack}>
          Back to the answers
        </Press>
      </Row>
      <BothChanged
        both={problem?.both ?? []}
        onTheirs={() => {
          clear();
          onClose();
        }}
        onMine={() => decide('', Object.fromEntries((problem?.both ?? []).map((each) => [each.field, each.theirsIs])))}
      />
    </Ask>
  );
}

function agreement(asks: readonly string[], effects: readonly EffectView[]): string {
  const asked = asks.length > 0 ? ` to: ${asks.join(', ').toLowerCase()}` : '';
  const price = effects.some((effect) => effect.changesPrice) ? ' and what it costs' : '';
  return `The client agrees${asked}${price}`;
}

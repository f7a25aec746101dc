import { useState } from 'react';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Row } from '../parts/Sheet';

type Belongs = PieceView['knife']['own']['belongs'];

const WAYS: readonly { value: Belongs; words: string }[] = [
  { value: 'PROMISED', words: 'Promised to somebody' },
  { value: 'SPARE', words: 'The spare' },
  { value: 'STOCK', words: 'The shop’s stock' },
];

/** Whose a piece is, in words. */
export function whoseWords({ knife: { own }, client }: Pick<PieceView, 'knife' | 'client'>): string {
  switch (own.belongs) {
    case 'PROMISED':
      return `Promised to ${own.forWhom || client.name}.`;
    case 'SPARE':
      return `The spare, of ${own.forWhom}.`;
    default:
      return 'The shop’s stock: promised to nobody.';
  }
}

/** The owner says whose it is; taking it from somebody asks first, and two who say so at once see both. */
export function Whose({ piece }: { piece: PieceView }) {
  const [draft, setDraft] = useState<{ belongs: Belongs; forWhom: string } | undefined>();
  const [seen, setSeen] = useState({ belongs: piece.knife.own.belongs, forWhom: piece.knife.own.forWhom });
  const { problem, isBusy, run, clear } = useCaught();
  const both = problem?.both ?? [];
  const send = (from: { belongs: Belongs; forWhom: string }, sure: boolean) =>
    void run(async () => {
      await change(`/api/pieces/${piece.id}/belongs`, { from, ...draft, sure });
      setDraft(undefined);
    });
  const theirs = (): { belongs: Belongs; forWhom: string } => {
    const [belongs, ...who] = (both[0]?.theirsIs ?? '').split(':');
    return { belongs: WAYS.find((way) => way.value === belongs)?.value ?? seen.belongs, forWhom: who.join(':') };
  };
  const leave = () => {
    clear();
    setDraft(undefined);
  };
  if (!draft) {
    return (
      <div>
        <Press
          onPress={() => {
            setSeen({ belongs: piece.knife.own.belongs, forWhom: piece.knife.own.forWhom });
            setDraft({ belongs: piece.knife.own.belongs, forWhom: piece.knife.own.forWhom });
          }}
        >
          Say whose it is
        </Press>
      </div>
    );
  }
  return (
    <>
      <Row>
        <Choice
          label="It is"
          value={draft.belongs}
          options={WAYS}
          onChange={(belongs) =>
            setDraft({ ...draft, belongs: WAYS.find((way) => way.value === belongs)?.value ?? 'STOCK' })
          }
        />
        {draft.belongs === 'STOCK' ? null : (
          <Entry
            label={draft.belongs === 'SPARE' ? 'Whose spare' : 'For whom'}
            name="forWhom"
            value={draft.forWhom}
            onChange={(forWhom) => setDraft({ ...draft, forWhom })}
            problem={problem?.at('forWhom')}
            echo={draft.belongs === 'SPARE' ? 'the shop, or a client' : `empty: ${piece.client.name}`}
          />
        )}
      </Row>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => send(seen, false)}>
          Keep it
        </Press>
        <Press onPress={leave}>Leave it</Press>
      </Row>
      <Ask title="It is somebody’s" isOpen={problem?.kind === 'question'} onClose={clear}>
        <p>{problem?.message}</p>
        <Row>
          <Press data-large data-kind="alarm" isDisabled={isBusy} onPress={() => send(seen, true)}>
            Yes, take it from them
          </Press>
          <Press data-large onPress={clear}>
            No
          </Press>
        </Row>
      </Ask>
      <BothChanged both={both} onTheirs={leave} onMine={() => send(theirs(), true)} />
    </>
  );
}

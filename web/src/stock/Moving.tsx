import { useState } from 'react';
import { change } from '../api/client';
import type { KindView, LotView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Row } from '../parts/Sheet';

/** What can be done with a lot at the rack: its address, the press, what is asked. */
const WAYS = {
  take: { press: 'Take some', title: 'Take from the rack', amount: 'How much', words: 'What for' },
  count: {
    press: 'Counted anew',
    title: 'What is really there',
    amount: 'What was counted or measured',
    words: 'Why it differs, if you know',
  },
  claim: { press: 'Broken or wrong', title: 'Claim it', amount: 'How much of it', words: 'What is wrong with it' },
} as const;

type Way = keyof typeof WAYS;

export function Moving({ lot, kind }: { lot: LotView; kind: KindView }) {
  const [way, setWay] = useState<Way | undefined>();
  return (
    <>
      {(Object.keys(WAYS) as Way[]).map((each) => (
        <Press key={each} onPress={() => setWay(each)}>
          {each === 'take' && kind.isKept ? 'Used it' : WAYS[each].press}
        </Press>
      ))}
      {way ? <Move lot={lot} kind={kind} way={way} onClose={() => setWay(undefined)} /> : null}
    </>
  );
}

function Move({ lot, kind, way, onClose }: { lot: LotView; kind: KindView; way: Way; onClose: () => void }) {
  const [amount, setAmount] = useState('');
  const [words, setWords] = useState('');
  const { problem, isBusy, run } = useCaught();
  const asked = WAYS[way];
  const move = () =>
    void run(async () => {
      await change(`/api/stock/lots/${lot.id}/${way}`, { amount, words });
      onClose();
    });
  return (
    <Ask title={asked.title} isOpen onClose={onClose}>
      <p>
        {lot.words}: {lot.amount} there, {lot.free} free.
      </p>
      <Entry
        label={asked.amount}
        name="amount"
        value={amount}
        onChange={setAmount}
        problem={problem?.at('amount')}
        echo={way === 'take' && kind.isKept ? 'empty where nothing of it is gone' : kind.amountAccepted}
      />
      <Entry label={asked.words} name="words" value={words} onChange={setWords} problem={problem?.at('words')} />
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" data-large isDisabled={isBusy} onPress={move}>
          Write it down
        </Press>
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </Ask>
  );
}

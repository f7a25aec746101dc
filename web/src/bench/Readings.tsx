import { useContext, useState } from 'react';
import { usePerson } from '../access/useSession';
import { change, findingWords } from '../api/client';
import type { NumberView, PieceView, StepView } from '../api/schema';
import { UnsentHere, sendOrKeep } from '../live/unsent';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { fieldOf } from '../parts/drafts';
import { Measured } from '../parts/Measured';
import { Judged } from '../parts/Judged';
import { Press } from '../parts/Press';
import { Row } from '../parts/Sheet';
import { AskOut } from './AskOut';

/** The numbers that are measured at this step. */
export function Readings({ piece, step }: { piece: PieceView; step: StepView }) {
  const numbers = step.numbers.readings.flatMap((key) => piece.knife.numbers.filter((number) => number.key === key));
  return numbers.length === 0 ? null : (
    <>
      <h2>Measure</h2>
      {numbers.map((number) => (
        <ReadingField key={number.key} piece={piece} step={step} number={number} />
      ))}
    </>
  );
}

function ReadingField({ piece, step, number }: { piece: PieceView; step: StepView; number: NumberView }) {
  const [typed, setTyped] = useState('');
  /** The reading that this page saw when typing began: what somebody else enters meanwhile is a conflict, not an overwrite. */
  const [seen, setSeen] = useState<number | undefined>();
  const { problem, isBusy, run, clear } = useCaught();
  const address = `/api/pieces/${piece.id}/steps/${step.operation}/readings`;
  const current = number.reading?.id ?? 0;
  const person = usePerson();
  const waiting = useContext(UnsentHere).find(
    (each) => each.path === address && (each.what as { dimension: string }).dimension === number.key,
  );

  const type = (value: string) => {
    if (seen === undefined) {
      setSeen(current);
    }
    setTyped(value);
  };
  const forget = () => {
    setTyped('');
    setSeen(undefined);
    clear();
  };
  const enter = (basedOn: number, reason = '') =>
    void run(async () => {
      await sendOrKeep({
        person: person.id,
        path: address,
        what: { dimension: number.key, entry: typed, basedOn, sure: false, reason },
        words: `${number.label} of ${piece.name}: ${typed}`,
        typed: [{ field: fieldOf(number.key, number.label), text: typed }],
      });
      forget();
    });
  const isWrong = problem && problem.kind !== 'question' && problem.both.length === 0;
  const wrong = isWrong ? (problem.findings.map(findingWords)[0] ?? problem.message) : undefined;
  const both = problem?.both ?? [];

  return (
    <>
      <Row>
        <Measured
          label={number.label}
          name={number.key}
          value={typed}
          onChange={type}
          onEnter={() => typed && enter(seen ?? current)}
          problem={wrong}
          echo={
            waiting
              ? `${waiting.typed[0]?.text} is kept here and not sent yet`
              : number.reading
                ? `Reads ${number.reading.value}, by ${number.reading.by}`
                : `Expected ${number.expected}, ${number.tolerance}`
          }
        />
        <Press data-large isDisabled={!typed} onPress={() => enter(seen ?? current)}>
          Enter
        </Press>
        {number.reading && piece.now.standing === 'ALIVE' ? (
          <Press data-large onPress={() => void run(() => change(`${address}/strike`, { dimension: number.key }))}>
            Strike out
          </Press>
        ) : null}
      </Row>
      {number.reading ? <Judged reading={number.reading} /> : null}
      <AskOut
        isOpen={problem?.kind === 'question'}
        isBusy={isBusy}
        problem={problem}
        onAgain={clear}
        onTake={(reason) => enter(seen ?? current, reason)}
      >
        <p>
          <strong>{number.label}:</strong> {problem?.message}
        </p>
      </AskOut>
      <BothChanged both={both} onTheirs={forget} onMine={() => enter(Number(both[0]?.theirsIs ?? current))} />
    </>
  );
}

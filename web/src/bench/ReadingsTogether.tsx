import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { findingWords } from '../api/client';
import type { Alongside, NumberView, PieceView, StepView } from '../api/schema';
import { sendOrKeep } from '../live/unsent';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { fieldOf } from '../parts/drafts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Row } from '../parts/Sheet';
import { AskOut } from './AskOut';

interface ReadingsTogetherProps {
  piece: PieceView;
  step: StepView;
  others: readonly Alongside[];
}

/** The numbers that are measured at this step, one field for each piece that goes along, entered in one go. */
export function ReadingsTogether({ piece, step, others }: ReadingsTogetherProps) {
  const numbers = step.numbers.readings.flatMap((key) => piece.knife.numbers.filter((number) => number.key === key));
  return numbers.length === 0 ? null : (
    <>
      <h2>Measure</h2>
      {numbers.map((number) => (
        <ReadingRow key={number.key} piece={piece} step={step} others={others} number={number} />
      ))}
    </>
  );
}

interface Line {
  piece: number;
  name: string;
  basedOn: number;
  echo: string;
}

function ReadingRow({ piece, step, others, number }: ReadingsTogetherProps & { number: NumberView }) {
  const [typed, setTyped] = useState<Record<number, string>>({});
  const { problem, isBusy, run, clear } = useCaught();
  const person = usePerson();
  const lines = linesOf(piece, others, number);
  const named = (line: Line) => `${number.key} ${line.name}`;
  const filled = lines.filter((line) => (typed[line.piece] ?? '') !== '');
  const enter = (reason = '') =>
    void run(async () => {
      const entries = filled.map((line) => ({
        piece: line.piece,
        entry: typed[line.piece] ?? '',
        basedOn: line.basedOn,
      }));
      await sendOrKeep({
        person: person.id,
        path: `/api/steps/${step.operation}/readings`,
        what: { dimension: number.key, entries, sure: false, reason },
        words: `${number.label} of ${filled.map((line) => `${line.name}: ${typed[line.piece]}`).join(', ')}`,
        typed: filled.map((line) => ({ field: fieldOf(named(line), line.name), text: typed[line.piece] ?? '' })),
      });
      setTyped({});
    });
  const wrong = (line: Line): string | undefined => {
    const finding = problem?.findings.find((each) => each.given === typed[line.piece]);
    return finding ? findingWords(finding) : undefined;
  };
  return (
    <>
      <h3>{number.label}</h3>
      <Row>
        {lines.map((line) => (
          <Measured
            key={line.piece}
            label={line.name}
            name={named(line)}
            value={typed[line.piece] ?? ''}
            onChange={(value) => setTyped({ ...typed, [line.piece]: value })}
            onEnter={() => line === lines.at(-1) && filled.length > 0 && enter()}
            problem={wrong(line)}
            echo={line.echo}
          />
        ))}
        <Press data-large isDisabled={filled.length === 0} onPress={() => enter()}>
          Enter all
        </Press>
      </Row>
      <AskOut isOpen={problem?.kind === 'question'} isBusy={isBusy} problem={problem} onAgain={clear} onTake={enter}>
        <p>{problem?.message}</p>
      </AskOut>
      <BothChanged both={problem?.both ?? []} onTheirs={() => setTyped({})} onMine={clear} />
    </>
  );
}

function linesOf(piece: PieceView, others: readonly Alongside[], number: NumberView): Line[] {
  const own: Line = {
    piece: piece.id,
    name: piece.name,
    basedOn: number.reading?.id ?? 0,
    echo: number.reading ? `Reads ${number.reading.value}` : `Expected ${number.expected}`,
  };
  const rest = others.map((other): Line => {
    const read = other.readings.find((each) => each.dimension === number.key);
    return {
      piece: other.piece,
      name: other.name,
      basedOn: read?.id ?? 0,
      echo: read?.value ? `Reads ${read.value}` : `Expected ${read?.expected ?? number.expected}`,
    };
  });
  return [own, ...rest];
}

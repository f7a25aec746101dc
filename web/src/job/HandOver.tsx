import { useState } from 'react';
import { flushSync } from 'react-dom';
import { styled } from 'styled-components';
import { Link } from 'react-router';
import type { NumberView, PieceView } from '../api/schema';
import { saidMatters } from '../design/model';
import { DRAWN_GROUPS } from '../design/SpecificationFields';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { dayWithYearOf, moment } from '../parts/words';
import { useSession } from '../access/useSession';
import { useWidth } from '../parts/useWidth';
import { Silhouette } from '../blade/Silhouette';
import { Facts } from '../parts/Facts';
import { FireRecord } from '../fire/FireRecord';
import { usePiece } from '../api/usePiece';

const Paper = styled.article`
  background: #fff;
  border: 1px solid ${({ theme }) => theme.line};
  padding: 11mm;
  width: min(196mm, 100%);
  font-size: 0.82rem;
  line-height: 1.3;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
  h1 {
    font-size: 1.4rem;
  }
  h2 {
    font-size: 1.05rem;
    border-bottom: 1.5px solid ${({ theme }) => theme.ink};
  }
  td,
  th {
    padding-top: 0.1rem;
    padding-bottom: 0.1rem;
  }
  @media print {
    &[data-card-only] [data-record] {
      display: none;
    }
    border: none;
    padding: 0;
    width: 100%;
    font-size: 8.6pt;
  }
`;

const Whole = styled.span`
  white-space: nowrap;
`;

const Blue = styled.div`
  background: ${({ theme }) => theme.blue};
  padding: 0.7rem;
  display: grid;
  place-items: center;
  print-color-adjust: exact;
`;

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 1.2rem;
  align-items: start;
`;

/** How the shop went about it, which leaves nothing on the knife that the record has to tell. */
const WAYS_OF_WORKING: readonly string[] = [
  'abrasiveStart',
  'drilling',
  'hardnessTried',
  'coldTurn',
  'handleTurn',
  'sharpening',
  'sharpenedWith',
  'releaseAgent',
  'neutraliser',
  'temperHours',
  'bevels',
  'scaleGuard',
  'straightening',
  'destination',
  'receiver',
  'sheathPattern',
  'handleInSheath',
  'sheathRetention',
  'carry',
  'beltWidth',
  'leatherWeight',
  'leatherForming',
  'stitchPitch',
  'sheathSheet',
  'eyelet',
  'eyeletPitch',
  'drain',
  'scaleBolsterLength',
  'dovetailAngle',
  'bolsterPin',
];

/** Pixels of page and paper on both sides of the drawing. */
const AROUND = 90;

/** The piece's record and care card, on one sheet. */
export default function HandOver() {
  const { data: piece, error } = usePiece();
  const [isCardOnly, setCardOnly] = useState(false);
  const print = (only: boolean) => {
    flushSync(() => setCardOnly(only));
    window.print();
  };
  if (!piece) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row data-no-print>
        <Link to={`/pieces/${piece.id}`}>Back to {piece.name}</Link>
        <Press data-kind="main" onPress={() => print(false)}>
          Print the sheet
        </Press>
        <Press onPress={() => print(true)}>Print the care card alone</Press>
        {piece.now.standing === 'HANDED_OVER' ? null : (
          <Quiet>This record is not complete: the piece is {piece.now.stateWords}.</Quiet>
        )}
      </Row>
      <Sheet piece={piece} isCardOnly={isCardOnly} />
    </>
  );
}

function Sheet({ piece, isCardOnly }: { piece: PieceView; isCardOnly: boolean }) {
  const { data: session } = useSession();
  const handedOver = piece.steps.find((step) => step.marks.includes('HANDS_OVER'));
  const finish = piece.knife.specification.find((line) => line.field === 'finish')?.kept ?? '';
  const wide = useWidth() - AROUND;
  return (
    <Paper data-card-only={isCardOnly || undefined}>
      <header>
        <Quiet>{session?.shopName}</Quiet>
        <h1>
          {piece.job.title}, piece {piece.name}
        </h1>
        <p>
          Made for {piece.knife.own.forWhom || piece.client.name}: <q>{piece.client.useWords}</q>{' '}
          {handedOver && handedOver.clock.doneAtMillis > 0
            ? `Handed over ${dayWithYearOf(handedOver.clock.doneAtMillis)}.`
            : ''}
        </p>
      </header>
      <Blue>
        <Silhouette
          drawing={piece.knife.drawing}
          state={piece.now.state}
          finish={finish}
          scale={Math.min(2, Math.min(480, wide) / piece.knife.drawing.width)}
          label={`Drawing of ${piece.name}`}
        />
      </Blue>
      <section>
        <h2>Care card</h2>
        <p>
          You wanted it for this: <q>{piece.client.useWords}</q> So that it stays good for it:
        </p>
        <ul>
          {piece.knife.careCard.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </section>
      <Two data-record>
        <section>
          <h2>Specification</h2>
          <Facts>
            <tbody>
              {piece.knife.specification
                .filter(
                  (line) =>
                    !DRAWN_GROUPS.includes(line.group) && !WAYS_OF_WORKING.includes(line.field) && line.kept !== 'NONE',
                )
                .map((line) => (
                  <tr key={line.field}>
                    <td>{line.label}</td>
                    <td>{line.words}</td>
                  </tr>
                ))}
            </tbody>
          </Facts>
        </section>
        <Record piece={piece} />
      </Two>
    </Paper>
  );
}

/** What was out, or made to a number that moved, and was taken as it is; each with its reason. */
function asItIs(number: NumberView): string[] {
  return [number.reading?.asItIs, number.stale?.asItIs].flatMap((taken) =>
    taken
      ? [`${number.label}, ${number.value}: taken as it is by ${taken.by}, ${moment(taken.atMillis)}: ${taken.reason}`]
      : [],
  );
}

function Record({ piece }: { piece: PieceView }) {
  const makers = [...new Set(piece.steps.filter((step) => step.clock.doneBy).map((step) => step.clock.doneBy))];
  const overrides = piece.steps.flatMap((step) =>
    step.order.overrides.map((override) => ({ ...override, title: step.title })),
  );
  return (
    <section>
      <h2>As measured</h2>
      <Facts>
        <tbody>
          {piece.knife.numbers
            .filter((number) => number.reading)
            .map((number) => (
              <tr key={number.key}>
                <td>{number.label}</td>
                <td>
                  <Whole>{number.value}</Whole>
                  {number.reading?.judgement.verdict === 'OUT' ? `, ${number.reading.judgement.words}` : ''}
                </td>
              </tr>
            ))}
        </tbody>
      </Facts>
      <p>
        {piece.steps.filter((step) => step.standing === 'DONE').length} of {piece.steps.length} steps, by{' '}
        {makers.join(', ') || 'nobody yet'}.
      </p>
      <FireRecord id={piece.id} />
      {piece.knife.numbers.flatMap(asItIs).map((line) => (
        <p key={line}>{line}</p>
      ))}
      {saidMatters(piece.knife.advice).map((advice) => (
        <p key={advice.matter}>
          Pointed out: {advice.words} The client said: <q>{advice.said}</q>
        </p>
      ))}
      {overrides.map((override) => (
        <p key={override.rule + override.title}>
          Gate before “{override.title}” overridden by {override.by}, {moment(override.atMillis)}: {override.reason}
        </p>
      ))}
      {piece.past.mishaps.map((mishap) => (
        <p key={mishap.atMillis}>
          {moment(mishap.atMillis)}: {mishap.title}. {mishap.wayBack}.
        </p>
      ))}
    </section>
  );
}

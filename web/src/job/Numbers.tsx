import { Button, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { NumberView, PieceView } from '../api/schema';
import { Judged } from '../parts/Judged';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

const Line = styled(Disclosure)`
  border-bottom: 1px solid ${({ theme }) => theme.line};
  h3 {
    display: flex;
  }
  h3 button {
    flex: 1;
    min-height: 44px;
    display: grid;
    grid-template-columns: 1fr auto 5.4rem;
    gap: 0.6rem;
    align-items: baseline;
    border: none;
    background: none;
    text-align: left;
    padding: 0.4rem 0;
    cursor: pointer;
    font-family: ${({ theme }) => theme.text};
    font-weight: 400;
    font-size: 1rem;
  }
  h3 strong {
    font-variant-numeric: tabular-nums;
    text-align: right;
    white-space: nowrap;
  }
  h3 [data-stale] {
    color: ${({ theme }) => theme.alarm};
  }
  h3 small {
    color: ${({ theme }) => theme.quiet};
  }
  [role='group'],
  [role='region'] {
    display: flex;
    flex-direction: column;
    gap: 0.3rem;
    padding-bottom: 0.3rem;
  }
  code {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.05rem;
    font-variant-numeric: tabular-nums;
  }
`;

/** Every number with its source; it opens to its working and to where it came from. */
export function Numbers({ piece }: { piece: PieceView }) {
  const label = (key: string): string => piece.knife.numbers.find((number) => number.key === key)?.label ?? key;
  return (
    <Panel aria-label="Numbers">
      <Row>
        <h2>Numbers</h2>
        <Link to={`/pieces/${piece.id}/chain`}>Follow them in the chain</Link>
      </Row>
      <div>
        {piece.knife.numbers.map((number) => (
          <NumberLine key={number.key} number={number} label={label} />
        ))}
      </div>
    </Panel>
  );
}

export function staleWords(number: NumberView, label?: (key: string) => string): string {
  const affected =
    label && number.hangsOnIt.length > 0 ? ` On it hang: ${number.hangsOnIt.map(label).join(', ')}.` : '';
  if (!number.stale) {
    return '';
  }
  const { asItIs, madeTo, now, difference, tolerance } = number.stale;
  const then = asItIs
    ? `Taken as it is by ${asItIs.by}, ${moment(asItIs.atMillis)}: ${asItIs.reason}`
    : 'It shuts assembly until it is made again, measured again or taken as it is.';
  const moved = `${number.label} was made to ${madeTo} and is ${now} now: ${difference} off, tolerance ${tolerance}.`;
  return `${moved}${affected} ${then}`;
}

/** Whether somebody has to look at it: a part that is off or a reading that is out, which nobody has taken as it is. */
const isOff = (number: NumberView): boolean =>
  (number.stale !== undefined && !number.stale.asItIs) ||
  (number.reading?.judgement.verdict === 'OUT' && !number.reading.asItIs);

function NumberLine({ number, label }: { number: NumberView; label: (key: string) => string }) {
  return (
    <Line>
      <Heading level={3}>
        <Button slot="trigger">
          <span>
            {number.label}
            {number.note ? ` (${number.note})` : ''}
          </span>
          <strong data-stale={isOff(number) || undefined}>{number.value}</strong>
          <small>
            {number.reading && number.reading.judgement.verdict !== 'IN'
              ? number.reading.judgement.words
              : number.source}
          </small>
        </Button>
      </Heading>
      <DisclosurePanel>
        {number.reading ? (
          <p>
            Read {number.reading.value} (typed “{number.reading.typed}”), {number.reading.by},{' '}
            {moment(number.reading.atMillis)}. Expected {number.expected}.
          </p>
        ) : null}
        {number.reading ? <Judged reading={number.reading} /> : null}
        {number.stale ? <Trouble>{staleWords(number, label)}</Trouble> : null}
        {number.working.map((line) => (
          <code key={line}>{line}</code>
        ))}
        {number.cautions.map((line) => (
          <Trouble key={line}>{line}</Trouble>
        ))}
        {number.from.length > 0 ? <Quiet>Comes from: {number.from.map(label).join(', ')}</Quiet> : null}
        {number.hangsOnIt.length > 0 ? <Quiet>On it hang: {number.hangsOnIt.map(label).join(', ')}</Quiet> : null}
        <Quiet>
          Tolerance {number.tolerance}
          {number.madeTo ? `; made to ${number.madeTo}` : ''}
        </Quiet>
      </DisclosurePanel>
    </Line>
  );
}

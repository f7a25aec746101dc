import { useRef } from 'react';
import { StationWords } from '../route/StationWords';
import type { BenchRow } from '../api/schema';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { clockDown, clockUp, day, minutes } from '../parts/words';
import { Pick, Picks } from './Bench.styles';
import { holderWords, keyOf, nameOf, pageOf } from './model';
import { useFinger } from './useFinger';
import { useFolded } from './useFolded';
import { useScreenful } from './useScreenful';
import { useSteadyOrder } from './useSteadyOrder';

interface BenchListProps {
  title: string;
  rows: readonly BenchRow[];
  now: number;
  nothing: string;
  /** Shown of a long list until all of it is asked for. */
  first?: number;
  /** Whether all of it is at one station, which need not be said again. */
  isAtOneStation?: boolean;
  area?: string;
}

/** Work to pick up, in its order; what lies under a finger stays put. */
export function BenchList({ title, rows, now, nothing, first, isAtOneStation, area }: BenchListProps) {
  const list = useRef<HTMLUListElement>(null);
  const { shown, hasMoved, putInOrder } = useSteadyOrder(rows, keyOf, useFinger(list));
  const { some: unfolded, more } = useFolded(shown, first);
  const { some, end } = useScreenful(unfolded);
  return (
    <Panel aria-label={title} style={area ? { gridArea: area } : undefined}>
      <Row>
        <h2>{title}</h2>
        {hasMoved ? <Press onPress={putInOrder}>Put in order</Press> : null}
      </Row>
      {shown.length === 0 ? <Quiet>{nothing}</Quiet> : null}
      <Picks ref={list}>
        {some.map(({ row, isGone }) => (
          <li key={keyOf(row)}>
            <BenchPick row={row} now={now} isGone={isGone} isAtOneStation={isAtOneStation} />
          </li>
        ))}
      </Picks>
      {end}
      {more}
    </Panel>
  );
}

interface BenchPickProps {
  row: BenchRow;
  now: number;
  isGone?: boolean;
  isAtOneStation?: boolean;
}

/** One row: which pieces, what, for which job, who has it, and what its time is. */
function BenchPick({ row, now, isGone, isAtOneStation }: BenchPickProps) {
  const slots = row.pieces.map((piece) => piece.rackSlot).filter(Boolean);
  return (
    <Pick to={pageOf(row)} data-gone={isGone || undefined}>
      <strong>{nameOf(row)}</strong>
      <span>
        {row.title}
        <small>
          {row.jobTitle}
          {slots.length > 0 ? `, ${slots.length === 1 ? 'slot' : 'slots'} ${slots.join(', ')}` : ''}
          {isAtOneStation ? null : (
            <>
              {' · '}
              <StationWords station={row.station} />
            </>
          )}
          {row.hands.ability === 'LEARNS' ? ', which you are learning' : ''}
          {row.hands.ability === 'NOT' && row.hands.holder.id === 0 ? ', where you do not work' : ''}
        </small>
        {row.hands.holder.word ? (
          <small>
            {row.hands.holder.by}: <q>{row.hands.holder.word}</q>
          </small>
        ) : null}
      </span>
      <span>{isGone ? 'no longer here' : <Time row={row} now={now} />}</span>
    </Pick>
  );
}

function Time({ row, now }: { row: BenchRow; now: number }) {
  const { clock, hands, promise } = row;
  const who = hands.hold === 'MINE' ? '' : holderWords(row);
  if (clock.standing === 'RESTING') {
    const left = clock.restUntilMillis - now;
    return left > 0 ? (
      <>
        {clockUp(left)} left
        <small>{clock.restWords}</small>
      </>
    ) : (
      <b>rest is up</b>
    );
  }
  if (clock.windowClosesAtMillis > 0) {
    const left = clock.windowClosesAtMillis - now;
    return (
      <>
        <b>{left > 0 ? `within ${clockDown(left)}` : 'overdue'}</b>
        <small>{who}</small>
      </>
    );
  }
  if (clock.standing === 'RUNNING') {
    return hands.isPutDown ? <b>{who || 'put down'}</b> : <>{who || 'under way'}</>;
  }
  return (
    <>
      {minutes(clock.attendedMinutes)}
      <small>{who || day(promise.promisedOn)}</small>
    </>
  );
}

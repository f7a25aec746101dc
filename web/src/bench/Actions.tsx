import { useNavigate } from 'react-router';
import { change } from '../api/client';
import type { PieceView, StepView } from '../api/schema';
import { Holding } from '../job/Holding';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Quiet, Trouble } from '../parts/Sheet';
import { clockTime, clockTimeUp, clockUp, minutes, moment, resting } from '../parts/words';
import { AskOut } from './AskOut';
import { Meanwhile, NextStep, useNextUp } from './NextUp';
import { wayOn } from './model';
import { PutOn } from '../plan/PutOn';
import { Shortcuts } from './Shortcuts';
import { Bar } from './StepPage.styles';
import { useWentWrong } from './useWentWrong';
import { WentWrong } from './WentWrong';
import { holderOf } from './WhoHasIt';

interface ActionsProps {
  piece: PieceView;
  step: StepView;
  /** Other pieces of the batch that this is done on at the same time. */
  together: readonly number[];
  ticked: readonly string[];
  now: number;
  isMine: boolean;
  isOwner: boolean;
}

/** Start, rest, done, went wrong, hold: at the top, where the thumb finds them, and by keyboard. */
export function Actions({ piece, step, together, ticked, now, isMine, isOwner }: ActionsProps) {
  const navigate = useNavigate();
  const { problem, isBusy, run, clear } = useCaught();
  const { happened, isWrong, wentWrong, close } = useWentWrong();
  const nextUp = useNextUp(piece, step);
  const next = step.standing === 'DONE' ? nextUp?.next : undefined;
  const address = `/api/pieces/${piece.id}/steps/${step.operation}`;
  const send = (what: string, body: object = {}) =>
    together.length > 0 && what !== 'reopen'
      ? change(`/api/steps/${step.operation}/${what}`, { ...body, pieces: [piece.id, ...together] })
      : change(`${address}/${what}`, body);
  const tell = (what: string, body: object = {}) => void run(() => send(what, body));
  const isAlive = piece.now.standing === 'ALIVE';
  const isMay = isAlive && (isOwner || !step.isOwners);
  const isPutDown = step.standing === 'RUNNING' && step.clock.putDownAtMillis > 0;
  const isAtIt = isMay && step.standing === 'RUNNING' && !isPutDown;
  const can = {
    start: isMay && step.standing === 'READY',
    rest: isAtIt && step.time.restMinutes > 0,
    done:
      isMay && (step.time.restMinutes > 0 ? step.standing === 'RESTING' && step.clock.restUntilMillis <= now : isAtIt),
    reopen: isMay && step.canReopen,
    putDown: isAtIt,
    pickUp: isMay && isPutDown,
    notStarted: isMay && step.standing === 'RUNNING',
    restNotBegun: isMay && step.standing === 'RESTING',
  };
  const all = (words: string): string => (together.length > 0 ? `${words}, all ${together.length + 1}` : words);
  const start = () => tell('start');
  const rest = () => tell('rest');
  const done = () => tell('done', { checks: ticked });
  const out = problem?.out ?? [];
  const takeAsItIs = (reason: string) =>
    void run(async () => {
      for (const each of out) {
        // One after the other: each is a change of its own in the journal.
        // oxlint-disable-next-line no-await-in-loop
        await change(`/api/pieces/${each.piece}/numbers/as-it-is`, { dimension: each.dimension, reason });
      }
      await send('done', { checks: ticked });
    });
  return (
    <>
      <Bar data-bar>
        <strong role="timer">{standing(step, now, isMine)}</strong>
        {can.start ? (
          <Press data-large data-kind="main" isDisabled={isBusy} onPress={start}>
            {all('Start')}
          </Press>
        ) : null}
        {can.rest ? (
          <Press data-large data-kind="main" isDisabled={isBusy} onPress={rest}>
            {all(`Rest ${resting(step.time.restMinutes)}`)}
          </Press>
        ) : null}
        {can.done ? (
          <Press data-large data-kind="main" isDisabled={isBusy} onPress={done}>
            {all('Done')}
          </Press>
        ) : null}
        {can.pickUp ? (
          <Press data-large data-kind="main" isDisabled={isBusy} onPress={() => tell('pick-up')}>
            {all('Pick it up again')}
          </Press>
        ) : null}
        {can.putDown ? (
          <Press data-large isDisabled={isBusy} onPress={() => tell('put-down')}>
            Put down until later
          </Press>
        ) : null}
        {can.notStarted ? (
          <Press data-large isDisabled={isBusy} onPress={() => tell('not-started')}>
            Not started after all
          </Press>
        ) : null}
        {can.restNotBegun ? (
          <Press data-large isDisabled={isBusy} onPress={() => tell('rest-not-begun')}>
            Rest not begun
          </Press>
        ) : null}
        {next ? <NextStep next={next} piece={piece} /> : null}
        {can.reopen ? (
          <Press data-large isDisabled={isBusy} onPress={() => tell('reopen')}>
            Not done after all
          </Press>
        ) : null}
        {isAlive ? (
          <Press data-large data-kind="alarm" onPress={wentWrong}>
            Went wrong
          </Press>
        ) : null}
        {isAlive && step.standing !== 'DONE' ? (
          <PutOn
            what={`“${step.title}” on ${together.length > 0 ? `${together.length + 1} pieces` : piece.name}`}
            holder={holderOf(piece, step)}
            address={`/api/steps/${step.operation}/put-on`}
            body={{ pieces: [piece.id, ...together] }}
            station={step.station}
            isLarge
          />
        ) : null}
        {isAlive ? <Holding piece={piece} large /> : null}
        <Shortcuts
          keys={[
            { key: 's', words: 'Start', run: can.start ? start : undefined },
            { key: 'r', words: 'Rest', run: can.rest ? rest : undefined },
            { key: 'd', words: 'Done', run: can.done ? done : undefined },
            { key: 'w', words: 'Went wrong', run: isAlive ? wentWrong : undefined },
            {
              key: 'n',
              words: 'What comes next',
              run: next ? () => void navigate(wayOn(next, piece.id)) : undefined,
            },
            { key: 'b', words: 'Back to the bench', run: () => void navigate('/bench') },
            { key: 'p', words: 'The whole piece', run: () => void navigate(`/pieces/${piece.id}`) },
          ]}
        />
      </Bar>
      {step.standing === 'RESTING' ? <Meanwhile rows={nextUp?.meanwhile ?? []} /> : null}
      {step.isOwners && !isOwner && step.standing !== 'DONE' ? (
        <Quiet>The client’s yes is the client’s, on their page, or the owner writes it down.</Quiet>
      ) : null}
      {problem && out.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <AskOut isOpen={out.length > 0} isBusy={isBusy} problem={problem} onAgain={clear} onTake={takeAsItIs}>
        {out.map((each) => (
          <p key={`${each.piece} ${each.dimension}`}>
            <strong>
              {each.pieceName}, {each.label}:
            </strong>{' '}
            {each.why}
          </p>
        ))}
      </AskOut>
      {isWrong ? <WentWrong piece={piece} step={step} happened={happened} onClose={close} /> : null}
    </>
  );
}

function standing(step: StepView, now: number, isMine: boolean): string {
  switch (step.standing) {
    case 'RUNNING':
      if (step.clock.putDownAtMillis > 0) {
        return `Put down since ${clockTime(step.clock.putDownAtMillis)}, begun by ${step.clock.startedBy}`;
      }
      return `${isMine ? 'You are' : `${step.clock.startedBy} is`} at it since ${clockTime(step.clock.startedAtMillis)}`;
    case 'RESTING':
      return step.clock.restUntilMillis > now
        ? `${step.time.restWords}: ${clockUp(step.clock.restUntilMillis - now)} left, up ${clockTimeUp(step.clock.restUntilMillis)}`
        : 'The rest is up';
    case 'DONE':
      return `Done ${moment(step.clock.doneAtMillis)} by ${step.clock.doneBy}`;
    case 'READY':
      return `Can start: about ${minutes(step.time.attendedMinutes)}`;
    default:
      return 'Waits';
  }
}

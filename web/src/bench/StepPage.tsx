import { Fragment, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { usePerson } from '../access/useSession';
import type { PieceView, StepView } from '../api/schema';
import { Tools } from '../calc/Tools';
import { Lessons } from '../job/Lessons';
import { Notes } from '../job/Notes';
import { usePiece } from '../api/usePiece';
import { Wished } from '../design/Wished';
import { useNow } from '../live/useNow';
import { useStations } from '../route/useStations';
import { useKeptMarks } from '../parts/drafts';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { minutes } from '../parts/words';
import { Materials } from '../stock/Materials';
import { windowWords } from '../route/words';
import { Actions } from './Actions';
import { GateView, UnsettledNumbers } from './GateView';
import { OfTheDay } from './OfTheDay';
import { Readings } from './Readings';
import { ReadingsTogether } from './ReadingsTogether';
import { Checks } from './Checks';
import { stationParts } from './rooms';
import { WhoHasIt } from './WhoHasIt';
import { Targets } from './Targets';
import { goesAlong, Together, useAlongside } from './Together';
import { useWrongHere, WrongHere } from './useWentWrong';
import { Brief, Cautions, Lines, StepHead, Station } from './StepPage.styles';

/** One step at the bench: what to do, the targets, the cautions, the checks, the readings, the clock. */
export default function StepPage() {
  const { operation } = useParams();
  const { data: piece, error } = usePiece();
  const step = piece?.steps.find((each) => each.operation === operation);
  if (!piece) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return step ? (
    <AtTheBench key={step.operation} piece={piece} step={step} />
  ) : (
    <Trouble role="alert">This step is no longer part of {piece.name}’s route.</Trouble>
  );
}

/** What it is for, in one line; whole where it decides what is done. */
function BriefLine({ piece, isWhole }: { piece: PieceView; isWhole: boolean }) {
  return (
    <section aria-label="The brief">
      <Brief data-whole={isWhole || undefined} title={isWhole ? undefined : piece.client.useWords}>
        For {piece.knife.own.forWhom || piece.client.name}: <q>{piece.client.useWords}</q>
        {isWhole && piece.job.setWith.length > 0
          ? ` It goes out in the set “${piece.knife.own.setName}” with ${piece.job.setWith.join(', ')}.`
          : ''}
      </Brief>
      {isWhole ? <Wished wishes={piece.client.wishes} /> : null}
    </section>
  );
}

function AtTheBench({ piece, step }: { piece: PieceView; step: StepView }) {
  const person = usePerson();
  const now = useNow();
  const [ticks, setTicks] = useKeptMarks<{ since: number; checks: string[] }>({ since: 0, checks: [] });
  /** A step that is started anew is checked anew. */
  const ticked = ticks.since === step.clock.startedAtMillis ? ticks.checks : [];
  const alongside = useAlongside(piece, step);
  const [search] = useSearchParams();
  const [chosen, choose] = useState<number[]>(() => (search.get('with') ?? '').split(',').map(Number).filter(Boolean));
  const together = alongside.filter((other) => chosen.includes(other.piece) && goesAlong(other, step));
  const window = piece.days.windows.find((each) => each.operation === step.operation);
  const wrong = useWrongHere();
  const { words: stationWords, room } = useStations()(step.station);
  const parts = stationParts(step);

  return (
    <Station>
      <StepHead>
        <h1>{step.title}</h1>
        <p>
          <Link to={`/pieces/${piece.id}`}>{piece.name}</Link> · {piece.job.title} ·{' '}
          <Link to={`/stations/${step.station}`}>{stationWords}</Link>
          {room ? (
            <>
              {' '}
              · <Link to={room.page}>{room.words}</Link>
            </>
          ) : null}
          {parts.map((at, index) =>
            // oxlint-disable-next-line react/no-array-index-key -- the parts of a step are one fixed list
            at.links ? <Fragment key={index}> · {at.links(piece)}</Fragment> : null,
          )}
          {step.marks.includes('HANDS_OVER') ? (
            <>
              {' '}
              · <Link to={`/pieces/${piece.id}/hand-over`}>Record and care card</Link>
            </>
          ) : null}
        </p>
        <WhoHasIt piece={piece} step={step} />
      </StepHead>
      <BriefLine piece={piece} isWhole={step.marks.includes('READS_WHOLE_BRIEF')} />
      {piece.now.held ? <Trouble>Held: {piece.now.held.reason}</Trouble> : null}
      {window ? <Trouble>{windowWords(window, now)}</Trouble> : null}
      <WrongHere value={wrong}>
        <UnsettledNumbers piece={piece} step={step} />
        <Actions
          piece={piece}
          step={step}
          together={together.map((other) => other.piece)}
          ticked={ticked}
          now={now}
          isMine={step.clock.starterId === person.id}
          isOwner={person.role === 'OWNER'}
        />
        <GateView piece={piece} step={step} isOwner={person.role === 'OWNER'} />
        <Together step={step} alongside={alongside} chosen={chosen} onChoose={choose} />
        <div>
          <Panel aria-label="What to do">
            <h2>What to do</h2>
            <Lines>
              {step.told.toDo.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Lines>
            {step.time.effort ? (
              <Quiet>
                Usually about {minutes(step.time.attendedMinutes)}: {step.time.effort}.
              </Quiet>
            ) : null}
            <Targets piece={piece} step={step} />
            {parts.map((at, index) => (
              // oxlint-disable-next-line react/no-array-index-key -- the parts of a step are one fixed list
              <Fragment key={index}>{at.part?.(piece, step.operation)}</Fragment>
            ))}
            {together.length > 0 ? (
              <ReadingsTogether piece={piece} step={step} others={together} />
            ) : (
              <Readings piece={piece} step={step} />
            )}
          </Panel>
          <div>
            <OfTheDay step={step} />
            <Lessons piece={piece} operation={step.operation} />
            <Materials piece={piece.id} operation={step.operation} />
            <Checks
              step={step}
              ticked={ticked}
              onTick={(checks) => setTicks({ since: step.clock.startedAtMillis, checks })}
            />
            {step.told.cautions.length > 0 ? (
              <Cautions aria-label="Cautions">
                <h2>Take care</h2>
                <ul>
                  {step.told.cautions.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
                <p>{piece.cautionsDefer}</p>
              </Cautions>
            ) : null}
          </div>
        </div>
      </WrongHere>
      <Tools station={step.station} piece={piece.id} isFolded />
      <Notes piece={piece} operation={step.operation} />
    </Station>
  );
}

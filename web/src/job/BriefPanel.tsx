import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { Option, PieceView } from '../api/schema';
import { Advices } from '../design/Advices';
import { useQuestions } from '../design/useDesign';
import { Wishes } from '../design/Wishes';
import { BothChanged } from '../parts/BothChanged';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { day, minutes, moment } from '../parts/words';
import { PromiseDay } from './PromiseDay';
import { Wished } from '../design/Wished';

/** What it is for, in the client's words, with what was asked beside what was agreed, and what was said before. */
export function BriefPanel({ piece, isOwner }: { piece: PieceView; isOwner: boolean }) {
  const [isMoving, setMoving] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const { data: questions } = useQuestions();
  return (
    <Panel aria-label="What the client asked for">
      <h2>{KINDS[piece.job.kind] ?? `For ${piece.client.name}`}</h2>
      {piece.job.repair ? (
        <p>
          Repair of{' '}
          {piece.job.repair.of ? (
            <Link to={`/pieces/${piece.job.repair.of}`}>{piece.job.repair.ofName}</Link>
          ) : (
            piece.job.repair.ofName
          )}
          : {piece.job.repair.works.join(', ')}
        </p>
      ) : null}
      {isChanging && questions ? (
        <ChangeBrief piece={piece} strengths={questions.strengths} onClose={() => setChanging(false)} />
      ) : (
        <>
          <p>
            <q>{piece.client.useWords}</q>
          </p>
          <Wished wishes={piece.client.wishes} />
          {isOwner ? (
            <div>
              <Press onPress={() => setChanging(true)}>Change the brief</Press>
            </div>
          ) : null}
        </>
      )}
      <Advices advice={piece.knife.advice} job={isOwner ? piece.job.id : undefined} />
      {piece.client.briefBefore.map((before) => (
        <Quiet key={before.atMillis}>
          Until {moment(before.atMillis)} it said <q>{before.useWords}</q>. Changed by {before.by}
          {before.clientAgreed ? ', with the client’s word' : ''}
          {before.reason ? `, because: ${before.reason}` : ''}.
          {before.wishes.length > 0
            ? ` Wished then: ${before.wishes.map((wish) => `${wish.words} ${wish.agreed || wish.asked}`.trim()).join('; ')}.`
            : ''}
        </Quiet>
      ))}
      <Quiet>
        {minutes(piece.days.attendedMinutesLeft)} of hands-on work left; could be done by {day(piece.days.earliest)}.
      </Quiet>
      {isOwner ? <PromiseDay piece={piece} isOpen={isMoving} onToggle={setMoving} /> : null}
    </Panel>
  );
}

const KINDS: Record<string, string> = { STOCK: 'For stock', TRIAL: 'A trial', GIFT: 'A gift' };

function ChangeBrief({
  piece,
  strengths,
  onClose,
}: {
  piece: PieceView;
  strengths: readonly Option[];
  onClose: () => void;
}) {
  const [from, setFrom] = useState(piece.client.useWords);
  const [useWords, setUseWords] = useState(piece.client.useWords);
  // The page shows how firmly a wish is held in words; the server takes its name.
  const [wishes, setWishes] = useState(() =>
    piece.client.wishes.map((wish) => ({
      ...wish,
      strength: strengths.find((each) => each.words === wish.strength)?.value ?? wish.strength,
    })),
  );
  const [reason, setReason] = useState('');
  const [clientAgreed, setAgreed] = useState(false);
  const { problem, isBusy, run, clear } = useCaught();
  const both = problem?.both ?? [];
  const send = (basedOn: string) =>
    void run(async () => {
      await change(`/api/jobs/${piece.job.id}/brief`, {
        fromUseWords: basedOn,
        useWords,
        wishes,
        clientAgreed,
        reason,
      });
      onClose();
    });
  return (
    <>
      <Entry
        label="What is it for, in the client’s words?"
        name="useWords"
        value={useWords}
        onChange={setUseWords}
        problem={problem?.at('useWords')}
        lines
      />
      <Wishes wishes={wishes} strengths={strengths} onChange={setWishes} problem={problem?.at('wishes')} />
      <Entry
        label="Why it changes"
        name="briefReason"
        value={reason}
        onChange={setReason}
        problem={problem?.at('reason')}
      />
      <Tick words="The client has agreed to it" isTicked={clientAgreed} onChange={setAgreed} />
      {problem?.at('clientAgreed') ? <Trouble role="alert">{problem.at('clientAgreed')}</Trouble> : null}
      {problem && problem.findings.length === 0 && both.length === 0 ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={() => send(from)}>
          Keep the brief
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
      <BothChanged
        both={both}
        onTheirs={() => {
          clear();
          onClose();
        }}
        onMine={() => {
          setFrom(both[0]?.theirsIs ?? from);
          send(both[0]?.theirsIs ?? from);
        }}
      />
    </>
  );
}

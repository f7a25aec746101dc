import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { change, read } from '../api/client';
import type { OutboxView, Prepared } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

/** Letters to clients: those that a finished step asks for, and those that were written. */
export default function Outbox() {
  const { data } = useQuery({ queryKey: ['consult', 'outbox'], queryFn: () => read<OutboxView>('/api/outbox') });
  return (
    <>
      <h1>Outbox</h1>
      <Quiet>
        {data?.isMailing
          ? 'Letters go to the mail server when they are written.'
          : 'No mail server is set up: letters lie here, and each can be taken out as a file that a mail program opens.'}
      </Quiet>
      {data?.due.map((due) => (
        <ToWrite key={`${due.pieceId} ${due.operation}`} due={due} />
      ))}
      {data?.due.length === 0 && data.letters.length === 0 ? (
        <Quiet>Nothing to write. In a talk, choose the steps after which its client hears from you.</Quiet>
      ) : null}
      {data?.letters.map((letter) => (
        <Panel key={letter.id} aria-label={letter.subject}>
          <Row>
            <h2>{letter.subject}</h2>
            <span>
              to {letter.recipient}, {letter.by}, {moment(letter.atMillis)}
              {letter.isSent ? ', sent' : ', in the outbox'}
            </span>
            <a href={`/api/outbox/${letter.id}/letter.eml`}>As a file</a>
          </Row>
          <p style={{ whiteSpace: 'pre-line' }}>{letter.words}</p>
          {letter.photoId ? (
            <img src={`/api/photos/${letter.photoId}/thumbnail`} alt="Goes with the letter" style={{ maxWidth: 240 }} />
          ) : null}
        </Panel>
      ))}
    </>
  );
}

function ToWrite({ due }: { due: Prepared }) {
  const [letter, setLetter] = useState({
    recipient: due.recipient,
    subject: due.subject,
    words: due.words,
    photoId: due.photoId,
  });
  const { problem, isBusy, run } = useCaught();
  const put = (field: 'recipient' | 'subject' | 'words') => (value: string) => setLetter({ ...letter, [field]: value });
  const write = () =>
    void run(() => change('/api/outbox', { ...letter, pieceId: due.pieceId, operation: due.operation }));
  return (
    <Panel aria-label={`To write: ${due.subject}`}>
      <Row>
        <h2>To write</h2>
        <Link to={`/pieces/${due.pieceId}`}>{due.name}</Link>
      </Row>
      <Row>
        <Entry label="To" value={letter.recipient} onChange={put('recipient')} problem={problem?.at('recipient')} />
        <Entry label="Subject" value={letter.subject} onChange={put('subject')} problem={problem?.at('subject')} />
      </Row>
      <Entry label="Letter" value={letter.words} onChange={put('words')} lines problem={problem?.at('words')} />
      {letter.photoId ? (
        <Row>
          <img src={`/api/photos/${letter.photoId}/thumbnail`} alt="Goes with the letter" style={{ maxWidth: 240 }} />
          <Press onPress={() => setLetter({ ...letter, photoId: 0 })}>Without the photograph</Press>
        </Row>
      ) : (
        <Quiet>Without a photograph.</Quiet>
      )}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <div>
        <Press data-kind="main" isDisabled={isBusy} onPress={write}>
          Write the letter
        </Press>
      </div>
    </Panel>
  );
}

import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { change } from '../api/client';
import type { ConsultView, LinkView } from '../api/schema';
import { usePieceOf } from '../api/usePiece';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

/** The links that were made, how they stand, and how they come to the client. */
export function Links({ talk }: { talk: ConsultView }) {
  return talk.links.length === 0 ? null : (
    <Panel aria-label="Links">
      <h2>Links to the client</h2>
      {talk.links.map((link) => (
        <OneLink key={link.id} talk={talk} link={link} />
      ))}
    </Panel>
  );
}

function OneLink({ talk, link }: { talk: ConsultView; link: LinkView }) {
  const [isCopied, setCopied] = useState(false);
  const [shows, show] = useState<'' | 'code' | 'letter'>('');
  const { problem, isBusy, run } = useCaught();
  const address = location.origin + link.path;
  if (!link.isOpen) {
    return (
      <p>
        Revision {link.revision}, {link.isWithdrawn ? 'withdrawn' : 'expired'}
      </p>
    );
  }
  return (
    <section aria-label={`Link to revision ${link.revision}`}>
      <p>
        Revision {link.revision}, open until {moment(link.expiresAtMillis)}:{' '}
        <a href={link.path} target="_blank" rel="noreferrer">
          {address}
        </a>
      </p>
      <Row>
        <Press onPress={() => void copied(address).then(setCopied)}>{isCopied ? 'Copied' : 'Copy the link'}</Press>
        <Press onPress={() => show(shows === 'code' ? '' : 'code')}>A code for their phone</Press>
        <Press onPress={() => show('letter')}>A letter with it</Press>
        <Press
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/jobs/${talk.jobId}/links/${link.id}/withdraw`))}
        >
          Withdraw
        </Press>
      </Row>
      {shows === 'code' ? (
        <img
          src={`/api/tag.svg?page=${encodeURIComponent(link.path)}`}
          alt={`Code that opens ${address}`}
          width={180}
          height={180}
        />
      ) : null}
      {shows === 'letter' ? <Letter talk={talk} address={address} onClose={() => show('')} /> : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </section>
  );
}

/** Where the address is not secure a browser gives no clipboard: the text is selected and copied as a hand would. */
async function copied(text: string): Promise<boolean> {
  if (navigator.clipboard) {
    return navigator.clipboard.writeText(text).then(
      () => true,
      () => false,
    );
  }
  const field = document.createElement('textarea');
  field.value = text;
  document.body.append(field);
  field.select();
  const isDone = document.execCommand('copy');
  field.remove();
  return isDone;
}

function Letter({ talk, address, onClose }: { talk: ConsultView; address: string; onClose: () => void }) {
  const me = usePerson();
  const [piece = 0] = talk.pieces;
  const { data } = usePieceOf(piece);
  const contact = data?.client.contact ?? '';
  const [recipient, setRecipient] = useState<string | undefined>();
  const [subject, setSubject] = useState(`${talk.title}: your drawing`);
  const [words, setWords] = useState(
    [
      `Dear ${talk.clientName},`,
      `here is the drawing of your ${talk.title}. Open it, and tell us whether it is your knife:`,
      address,
      me.name,
    ].join('\n\n'),
  );
  const { problem, isBusy, run } = useCaught();
  const write = () =>
    void run(async () => {
      await change('/api/outbox', {
        pieceId: piece,
        operation: '',
        recipient: recipient ?? contact,
        subject,
        words,
        photoId: 0,
      });
      onClose();
    });
  return (
    <Ask title={`A letter to ${talk.clientName}`} isOpen onClose={onClose}>
      <Entry
        label="To"
        name="recipient"
        value={recipient ?? contact}
        onChange={setRecipient}
        problem={problem?.at('recipient')}
      />
      <Entry label="Subject" value={subject} onChange={setSubject} problem={problem?.at('subject')} />
      <Entry label="Letter" value={words} onChange={setWords} lines problem={problem?.at('words')} />
      <Quiet>It lies in the outbox, or goes to the mail server where one is set up.</Quiet>
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={write}>
          Write it
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
    </Ask>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { ConsultView, Figure, RevisionView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** Shown unless the owner takes them off: what a client asks for first. */
const USUALLY_SHOWN = ['overall', 'blade', 'weight', 'steel', 'handle', 'finish'];

interface SendLinkProps {
  talk: ConsultView;
  revision: RevisionView;
  figures: readonly Figure[];
  onClose: () => void;
}

/** Makes a link to one revision: what the client sees of it, and for how long. */
export function SendLink({ talk, revision, figures, onClose }: SendLinkProps) {
  const [message, setMessage] = useState('');
  const [price, setPrice] = useState('');
  const [days, setDays] = useState('14');
  const [shown, setShown] = useState<string[]>(USUALLY_SHOWN);
  const { problem, isBusy, run } = useCaught();
  const send = () =>
    void run(async () => {
      await change(`/api/jobs/${talk.jobId}/links`, {
        revision: revision.number,
        message,
        price,
        shown,
        days: Number(days) || 0,
      });
      onClose();
    });
  return (
    <Ask title={`Show revision ${revision.number} to ${talk.clientName}`} isOpen onClose={onClose}>
      <Entry
        label="A few words to go with it"
        value={message}
        onChange={setMessage}
        lines
        problem={problem?.at('message')}
      />
      <Row>
        <Entry label="Price, if you want to name it" value={price} onChange={setPrice} problem={problem?.at('price')} />
        <Entry label="Open for, days" value={days} onChange={setDays} problem={problem?.at('days')} />
      </Row>
      <h3>Numbers that the client sees</h3>
      <Row role="group" aria-label="Numbers that the client sees">
        {figures.map((figure) => (
          <Tick
            key={figure.key}
            words={figure.label}
            isTicked={shown.includes(figure.key)}
            onChange={(on) => setShown(on ? [...shown, figure.key] : shown.filter((key) => key !== figure.key))}
          />
        ))}
        {talk.sketches.length > 0 ? (
          <Tick
            words="Their sketch beside it"
            isTicked={shown.includes('sketch')}
            onChange={(on) => setShown(on ? [...shown, 'sketch'] : shown.filter((key) => key !== 'sketch'))}
          />
        ) : null}
      </Row>
      {problem ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : (
        <Quiet>
          Whoever has the link sees the drawing, these numbers and your words, and nothing else of the shop.
        </Quiet>
      )}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={send}>
          Make the link
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
    </Ask>
  );
}

import { useState } from 'react';
import { useNavigate } from 'react-router';
import { command } from '../api/client';
import { backIntoField } from '../parts/drafts';
import { BothValues } from '../parts/BothChanged';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockTime } from '../parts/words';
import { leaveOut, put, sendUnsent, type Unsent } from './unsent';

const things = (count: number): string => (count === 1 ? 'One thing' : `${count} things`);

/** What is kept here and not sent, in a sentence. */
export function unsentWords(unsent: readonly Unsent[]): string {
  const refused = unsent.filter((each) => each.refusal).length;
  const waiting = unsent.length - refused;
  return [
    waiting > 0 ? `${things(waiting)} kept on this device until the shop’s server answers.` : '',
    refused > 0
      ? `${things(refused)} that ${refused === 1 ? 'was' : 'were'} kept could not be taken: please decide.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/**
 * What was kept while the server could not be reached, and what to do about what it did not take: that stands first, so
 * that it stays where it is while the rest is sent.
 */
export function UnsentList({ unsent, onClose }: { unsent: readonly Unsent[]; onClose: () => void }) {
  const refused = unsent.filter((each) => each.refusal);
  const waiting = unsent.filter((each) => !each.refusal);
  return (
    <Ask title="Kept on this device" isOpen={unsent.length > 0} onClose={onClose}>
      {[...refused, ...waiting].map((each) => (
        <OneUnsent key={each.id} unsent={each} onLeave={onClose} />
      ))}
      <Row>
        <Press data-large onPress={onClose}>
          Close
        </Press>
      </Row>
    </Ask>
  );
}

function OneUnsent({ unsent, onLeave }: { unsent: Unsent; onLeave: () => void }) {
  const navigate = useNavigate();
  const [isSure, setSure] = useState(false);
  const { refusal, typed, what } = unsent;
  const both = refusal?.both ?? [];
  const mine = () => {
    const changed = command(unsent.path, { ...(what as object), basedOn: Number(both[0]?.theirsIs ?? 0) });
    void put({ ...unsent, ...changed, origin: unsent.origin, refusal: undefined }).then(() =>
      sendUnsent(unsent.person),
    );
  };
  const again = () => void put({ ...unsent, refusal: undefined }).then(() => sendUnsent(unsent.person));
  const back = () => {
    typed.forEach((each) => backIntoField(unsent.origin, each.field, each.text));
    void leaveOut(unsent).then(() => {
      onLeave();
      void navigate(unsent.origin);
    });
  };
  return (
    <section aria-label={unsent.words}>
      <p>
        <strong>{unsent.words}</strong> <Quiet as="span">{clockTime(unsent.atMillis)}</Quiet>
      </p>
      <BothValues both={both} />
      {refusal && both.length === 0 ? <Trouble>{refusal.message}</Trouble> : null}
      <Row>
        {both.length === 1 ? (
          <>
            <Press onPress={() => void leaveOut(unsent)}>Keep theirs</Press>
            <Press data-kind="main" onPress={mine}>
              Use mine
            </Press>
          </>
        ) : null}
        {typed.length > 0 && both.length !== 1 ? <Press onPress={back}>Back into its field</Press> : null}
        {refusal && both.length !== 1 ? <Press onPress={again}>Try again</Press> : null}
        {both.length === 1 ? null : (
          <Press onPress={() => (isSure ? void leaveOut(unsent) : setSure(true))}>
            {isSure ? 'Yes, throw it away' : 'Leave it out'}
          </Press>
        )}
      </Row>
    </section>
  );
}

import { useState } from 'react';
import { change } from '../api/client';
import type { BilletPage, FlawAnswer } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Working } from '../parts/Working';

const EMPTY = { depth: '', thickness: '', wanted: '', words: '' };

/** A crack or an open weld: how deep, what is left when it is ground out, and whether it goes on; with who decided. */
export function Flaws({ billet }: { billet: BilletPage }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Panel aria-label="Flaws">
      <Row>
        <h2>Flaws</h2>
        {billet.lotId || isOpen ? null : <Press onPress={() => setOpen(true)}>A flaw was found</Press>}
      </Row>
      {billet.flaws.length === 0 && !isOpen ? <Quiet>None was found.</Quiet> : null}
      {isOpen ? <Found billet={billet} onClose={() => setOpen(false)} /> : null}
      {billet.flaws.map((flaw) => (
        <p key={flaw.atMillis}>
          <strong>{flaw.goesOn ? 'Goes on' : 'Does not go on'}</strong>: {flaw.depth} deep
          {flaw.words ? `, ${flaw.words}` : ''}; ground out {flaw.leftGroundOut} are left. {flaw.by},{' '}
          {moment(flaw.atMillis)}
        </p>
      ))}
    </Panel>
  );
}

function Found({ billet, onClose }: { billet: BilletPage; onClose: () => void }) {
  const [flaw, setFlaw] = useState(EMPTY);
  const [answer, setAnswer] = useState<FlawAnswer | undefined>();
  const { problem, isBusy, run } = useCaught();
  const put = (key: keyof typeof EMPTY) => (value: string) => {
    setFlaw({ ...flaw, [key]: value });
    setAnswer(undefined);
  };
  const look = () =>
    void run(async () => setAnswer(await change<FlawAnswer>('/api/forge/flaw', { ...flaw, goesOn: false })));
  const decide = (goesOn: boolean) =>
    void run(async () => {
      await change(`/api/forge/billets/${billet.id}/flaws`, { ...flaw, goesOn });
      onClose();
    });
  return (
    <>
      <Fields>
        <Entry
          label="How deep"
          name="depth"
          value={flaw.depth}
          onChange={put('depth')}
          problem={problem?.at('depth')}
          onEnter={look}
        />
        <Entry
          label="Thickness there now"
          name="thickness"
          value={flaw.thickness}
          onChange={put('thickness')}
          problem={problem?.at('thickness')}
          onEnter={look}
        />
        <Entry
          label="Finished thickness wanted"
          name="wanted"
          value={flaw.wanted}
          onChange={put('wanted')}
          problem={problem?.at('wanted')}
          onEnter={look}
        />
        <Entry
          label="Where, and what it looks like"
          name="words"
          value={flaw.words}
          onChange={put('words')}
          problem={problem?.at('words')}
        />
      </Fields>
      {problem && !['depth', 'thickness', 'wanted', 'words'].some((key) => problem.at(key)) ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : null}
      {answer ? (
        <div role="status">
          {answer.working.map((line) => (
            <p key={line}>
              <Working>{line}</Working>
            </p>
          ))}
          {answer.cautions.map((line) => (
            <Trouble key={line}>{line}</Trouble>
          ))}
        </div>
      ) : null}
      <Row>
        {answer ? (
          <>
            <Press data-kind="main" data-large isDisabled={isBusy} onPress={() => decide(true)}>
              It goes on
            </Press>
            <Press data-kind="alarm" data-large isDisabled={isBusy} onPress={() => decide(false)}>
              It does not go on
            </Press>
          </>
        ) : (
          <Press data-kind="main" data-large isDisabled={isBusy} onPress={look}>
            What does it leave?
          </Press>
        )}
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </>
  );
}

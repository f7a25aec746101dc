import { useState } from 'react';
import { change } from '../api/client';
import type { SheathView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Listed, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

/** How the knife goes in before anything is closed for good, and what is done about it. */
export function Trial({ sheath }: { sheath: SheathView }) {
  const { problem, isBusy, run } = useCaught();
  const [words, setWords] = useState('');
  const [last] = sheath.trials;
  const tried = (fit: string) =>
    void run(async () => {
      await change(`/api/sheath/pieces/${sheath.id}/trials`, { fit, words });
      setWords('');
    });
  if (!sheath.isTrial && !last) {
    return null;
  }
  return (
    <Section aria-label="Trial fit">
      <h3>Trial fit</h3>
      {last && last.fit !== 'HOLDS' ? (
        <Trouble>
          {last.fitWords}. {last.remedy}
        </Trouble>
      ) : null}
      {sheath.isTrial ? (
        <>
          <Entry
            label="What was felt, and where"
            name={`${sheath.id} trial`}
            value={words}
            onChange={setWords}
            problem={problem?.at('words')}
          />
          <Row role="group" aria-label="How it went in">
            {sheath.fits.map((fit) => (
              <Press
                key={fit.value}
                data-large
                data-kind={fit.value === 'HOLDS' ? 'main' : undefined}
                isDisabled={isBusy}
                onPress={() => tried(fit.value)}
              >
                {fit.words}
              </Press>
            ))}
          </Row>
        </>
      ) : null}
      <Refused problem={problem} />
      <Listed>
        {sheath.trials.map((trial) => (
          <li key={trial.id}>
            {trial.fitWords}
            {trial.words ? `: ${trial.words}` : ''}
            <Quiet as="div">
              {trial.by}, {moment(trial.atMillis)}
            </Quiet>
            {sheath.isTrial ? (
              <Press
                isDisabled={isBusy}
                onPress={() => void run(() => change(`/api/sheath/trials/${trial.id}/strike`))}
              >
                It does not count
              </Press>
            ) : null}
          </li>
        ))}
      </Listed>
    </Section>
  );
}

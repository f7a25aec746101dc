import { useState } from 'react';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { AdviceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Quiet, Row } from '../parts/Sheet';
import { moment } from '../parts/words';
import { openMatters, saidMatters } from './model';

const Matters = styled.section`
  border-left: 5px solid ${({ theme }) => theme.line};
  padding: 0.2rem 0 0.2rem 0.9rem;
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  max-width: 75ch;
`;

const Said = styled.div`
  display: grid;
  gap: 0.4rem;
  justify-items: start;
  margin-bottom: 0.4rem;
`;

interface AdvicesProps {
  advice: readonly AdviceView[];
  /** The job that the client's word is written down for; none while there is no job yet, or for a reader who may not write it. */
  job?: number;
}

/** What a master would point out in the talk about such a knife; the client's word sets each point aside, once. */
export function Advices({ advice, job }: AdvicesProps) {
  if (advice.length === 0) {
    return null;
  }
  return (
    <Matters aria-label="Worth saying">
      <h3>Worth saying</h3>
      {openMatters(advice).map((each) => (
        <Point key={each.matter} advice={each} job={job} />
      ))}
      {saidMatters(advice).map((each) => (
        <Quiet key={each.matter}>
          {each.words} The client said: <q>{each.said}</q> ({each.by}, {moment(each.atMillis)})
        </Quiet>
      ))}
    </Matters>
  );
}

function Point({ advice, job }: { advice: AdviceView; job?: number }) {
  const [isOpen, setOpen] = useState(false);
  const [words, setWords] = useState('');
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/jobs/${job}/client-word`, { matter: advice.matter, words });
      setOpen(false);
    });
  return (
    <Said>
      <p>{advice.words}</p>
      {job === undefined ? null : isOpen ? (
        <>
          <Entry
            label="What the client said to it"
            name="clientWord"
            value={words}
            onChange={setWords}
            problem={problem?.at('words')}
          />
          <Refused problem={problem} />
          <Row>
            <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
              Keep the client’s word
            </Press>
            <Press onPress={() => setOpen(false)}>Not now</Press>
          </Row>
        </>
      ) : (
        <Press onPress={() => setOpen(true)}>The client has been told</Press>
      )}
    </Said>
  );
}

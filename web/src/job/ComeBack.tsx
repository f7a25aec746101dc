import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { change, read } from '../api/client';
import type { PieceView, Work } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** A knife that came back: what is done again makes a job of its own, on the record that it has. */
export function ComeBack({ piece }: { piece: PieceView }) {
  const [isAsking, setAsking] = useState(false);
  return (
    <>
      <Press onPress={() => setAsking(true)}>It has come back</Press>
      {isAsking ? <Repair piece={piece} onClose={() => setAsking(false)} /> : null}
    </>
  );
}

function Repair({ piece, onClose }: { piece: PieceView; onClose: () => void }) {
  const { data: works } = useQuery({
    queryKey: ['piece', piece.id, 'repairs'],
    queryFn: () => read<Work[]>(`/api/pieces/${piece.id}/repairs`),
  });
  const [chosen, setChosen] = useState<string[]>([]);
  const [words, setWords] = useState('');
  const [promisedOn, setPromisedOn] = useState('');
  const { problem, isBusy, run } = useCaught();
  const navigate = useNavigate();
  const begin = () =>
    void run(async () => {
      const { about } = await change(`/api/pieces/${piece.id}/repairs`, { works: chosen, words, promisedOn });
      onClose();
      await navigate(`/pieces/${about}`);
    });
  return (
    <Ask title={`${piece.name} has come back`} isOpen onClose={onClose}>
      <Row role="group" aria-label="What is done again">
        {works?.map((each) => (
          <Tick
            key={each.work}
            words={each.words}
            isTicked={chosen.includes(each.work)}
            onChange={(on) => setChosen(on ? [...chosen, each.work] : chosen.filter((work) => work !== each.work))}
          />
        ))}
      </Row>
      {problem?.at('works') ? <Trouble role="alert">{problem.at('works')}</Trouble> : null}
      <Entry
        label="What is wrong with it, in the client’s words"
        name="words"
        value={words}
        onChange={setWords}
        lines
        problem={problem?.at('words')}
      />
      <Entry
        label="Promised for"
        name="promisedOn"
        type="date"
        value={promisedOn}
        onChange={setPromisedOn}
        problem={problem?.at('promisedOn')}
        echo="as 2027-03-31"
      />
      <Quiet>
        It becomes a job of its own. What was done and measured stays; only these steps, the last look, packing and
        handing over are open.
      </Quiet>
      <Refused problem={problem} />
      <Row>
        <Press data-large data-kind="main" isDisabled={isBusy} onPress={begin}>
          Take the repair
        </Press>
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </Ask>
  );
}

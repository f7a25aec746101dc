import { useState } from 'react';
import { change } from '../api/client';
import type { Option, TankRunView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Row } from '../parts/Sheet';

interface RatingProps {
  run: TankRunView;
  ratings: readonly Option[];
}

/** How an etch came out, kept for the next knife by the same recipe and for the age of the bath. */
export function Rating({ run, ratings }: RatingProps) {
  const [said, say] = useState({ rating: '', words: '', depth: '' });
  const { problem, isBusy, run: send } = useCaught();
  return (
    <>
      <Fields>
        <Choice
          label={`How ${run.pieceName} came out`}
          value={said.rating}
          options={ratings}
          onChange={(rating) => say({ ...said, rating })}
          problem={problem?.at('rating')}
        />
        <Entry
          label="In words"
          name={`${run.id} words`}
          value={said.words}
          onChange={(words) => say({ ...said, words })}
          problem={problem?.at('words')}
        />
        <Entry
          label="Depth, where it was measured"
          name={`${run.id} depth`}
          value={said.depth}
          onChange={(depth) => say({ ...said, depth })}
          problem={problem?.at('depth')}
        />
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="main"
          isDisabled={isBusy}
          onPress={() => void send(() => change(`/api/tank/runs/${run.id}/rating`, said))}
        >
          Keep the result
        </Press>
      </Row>
    </>
  );
}

import { useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { change } from '../api/client';
import type { AskedBillet, ForgeQuestions } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { BilletDrawing } from './BilletDrawing';
import { Anvil, InView } from './Forge.styles';
import { Bars, Clad, Finished } from './Outcome';
import { RecipeEditor } from './RecipeEditor';
import { useBilletReading, useForgeQuestions, usualBillet } from './useForge';

/** A billet on paper, before the fire is lit. */
export default function NewBillet() {
  const { data: questions } = useForgeQuestions();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  return (
    <>
      <h1>A new billet</h1>
      {questions ? (
        <Planning
          questions={questions}
          first={usualBillet(questions, Number(search.get('piece')))}
          done={0}
          keepWords="Keep this recipe"
          onKeep={async (asked) => navigate(`/forge/${(await change('/api/forge/billets', asked)).about}`)}
        />
      ) : (
        <Quiet>One moment…</Quiet>
      )}
    </>
  );
}

interface PlanningProps {
  questions: ForgeQuestions;
  first: AskedBillet;
  done: number;
  keepWords: string;
  onKeep: (asked: AskedBillet) => unknown;
  onLeave?: () => void;
}

/** The recipe beside what comes of it. */
export function Planning({ questions, first, done, keepWords, onKeep, onLeave }: PlanningProps) {
  const [asked, setAsked] = useState(first);
  const { reading, isCurrent } = useBilletReading(asked);
  const { problem, isBusy, run } = useCaught();
  const keep = () => void run(async () => onKeep(asked));
  const piece = questions.waiting.find((each) => each.pieceId === asked.pieceId);
  return (
    <Anvil>
      <div>
        <RecipeEditor
          questions={questions}
          asked={asked}
          reading={reading}
          isCurrent={isCurrent}
          done={done}
          onChange={setAsked}
        />
        {reading ? <Bars reading={reading} /> : null}
        {reading?.clad ? <Clad clad={reading.clad} /> : null}
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        <Row>
          <Press data-kind="main" data-large isDisabled={isBusy} onPress={keep}>
            {keepWords}
          </Press>
          {onLeave ? (
            <Press data-large onPress={onLeave}>
              Leave it as it was
            </Press>
          ) : null}
        </Row>
      </div>
      <div>
        {reading ? (
          <InView>
            <BilletDrawing reading={reading} onPiece={piece ? `${piece.piece} ${piece.title}` : 'a usual knife'} />
            <Finished reading={reading} blades={asked.blades} />
          </InView>
        ) : null}
      </div>
    </Anvil>
  );
}

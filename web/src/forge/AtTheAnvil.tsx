import { useState } from 'react';
import { change } from '../api/client';
import type { BilletPage, DoneView, ForgeQuestions, StageView, WorkView } from '../api/schema';
import { Cautions } from '../bench/StepPage.styles';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Step, Steps } from './Forge.styles';
import { Said, Sizes } from './RecipeEditor';

/** The recipe while it is worked: bars first, then step after step, each with what was measured. */
export function AtTheAnvil({ billet, questions }: { billet: BilletPage; questions: ForgeQuestions }) {
  const { problem, isBusy, run } = useCaught();
  const isWhole = billet.done.length === billet.reading.stages.length;
  return (
    <>
      {billet.areBarsTaken || billet.lotId ? null : (
        <Row>
          <Press
            data-kind="main"
            data-large
            isDisabled={isBusy}
            onPress={() => void run(() => change(`/api/forge/billets/${billet.id}/bars`))}
          >
            Cut the bars from the racks
          </Press>
          <Quiet>They leave the racks with their saw cuts.</Quiet>
        </Row>
      )}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Steps>
        {billet.reading.stages.map((stage, index) => {
          const work = questions.works.find((each) => each.work === stage.work);
          const done = billet.done[index];
          return work ? (
            <Worked
              key={`${index} ${stage.work}`}
              billet={billet}
              stage={stage}
              work={work}
              number={index}
              done={done}
              isNext={index === billet.done.length && billet.areBarsTaken}
              defer={questions.defer}
            />
          ) : null;
        })}
      </Steps>
      {isWhole && !billet.lotId ? (
        <Press
          data-kind="main"
          data-large
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/forge/billets/${billet.id}/finish`))}
        >
          Put the billet on the rack
        </Press>
      ) : null}
    </>
  );
}

interface WorkedProps {
  billet: BilletPage;
  stage: StageView;
  work: WorkView;
  number: number;
  done?: DoneView;
  isNext: boolean;
  defer: string;
}

function Worked({ billet, stage, work, number, done, isNext, defer }: WorkedProps) {
  return (
    <Step data-standing={done ? 'DONE' : isNext ? 'NEXT' : stage.standing} aria-label={`${number + 1}. ${work.title}`}>
      <header>
        <h3>
          {number + 1}. {work.title}
        </h3>
        <Sizes stage={stage} />
      </header>
      <Said stage={stage} />
      {isNext ? (
        <>
          <p>{work.howTo}</p>
          <Cautions aria-label="Cautions">
            <ul>
              {work.cautions.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            <p>{defer}</p>
          </Cautions>
          <Measured billet={billet} number={number} />
        </>
      ) : null}
      {done ? <Done billet={billet} number={number} done={done} /> : null}
    </Step>
  );
}

const NOTHING = { thickness: '', width: '', length: '' };

/** What the callipers and the tape say after the step; it replaces what was computed. */
function Measured({ billet, number }: { billet: BilletPage; number: number }) {
  const [sizes, setSizes] = useState(NOTHING);
  const { problem, isBusy, run } = useCaught();
  const field = (key: keyof typeof NOTHING, label: string) => (
    <Entry
      large
      label={label}
      name={key}
      value={sizes[key]}
      onChange={(value) => setSizes({ ...sizes, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <>
      <Fields>
        {field('thickness', 'Measured thickness')}
        {field('width', 'Measured width')}
        {field('length', 'Measured length')}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="main"
          data-large
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/forge/billets/${billet.id}/steps/${number}/done`, sizes))}
        >
          Done
        </Press>
        <Quiet>What is left empty is counted as computed.</Quiet>
      </Row>
    </>
  );
}

function Done({ billet, number, done }: { billet: BilletPage; number: number; done: DoneView }) {
  const { problem, isBusy, run } = useCaught();
  const isLast = number === billet.done.length - 1 && !billet.lotId;
  return (
    <Row>
      <Quiet>
        Done by {done.by}, {moment(done.atMillis)}
      </Quiet>
      {isLast ? (
        <Press
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/forge/billets/${billet.id}/steps/${number}/reopen`))}
        >
          Take it back
        </Press>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Row>
  );
}

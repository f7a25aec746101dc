import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { change, Problem } from '../api/client';
import type { AskedBillet, BilletPage as BilletData, ForgeQuestions } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Ask, Quiet, Row, Trouble } from '../parts/Sheet';
import { AtTheAnvil } from './AtTheAnvil';
import { BilletDrawing } from './BilletDrawing';
import { Flaws } from './Flaws';
import { Anvil, InView } from './Forge.styles';
import { Planning } from './NewBillet';
import { Bars, Clad, Finished } from './Outcome';
import { useBillet, useForgeQuestions } from './useForge';

/** One billet: at the anvil, or planned anew. */
export default function BilletPage() {
  const { data: billet, error } = useBillet(Number(useParams().part));
  const { data: questions } = useForgeQuestions();
  const [isPlanning, setPlanning] = useState(false);
  if (!billet || !questions) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>{billet.asked.name}</h1>
        <Link to="/forge">The forge</Link>
        {billet.lotId ? (
          <span>
            Forged: <Link to={`/stock/lots/${billet.lotId}`}>{billet.lot}</Link>
          </span>
        ) : null}
      </Row>
      {isPlanning ? (
        <Anew billet={billet} questions={questions} onLeave={() => setPlanning(false)} />
      ) : (
        <Worked billet={billet} questions={questions} onPlan={() => setPlanning(true)} />
      )}
    </>
  );
}

interface PartProps {
  billet: BilletData;
  questions: ForgeQuestions;
}

function Worked({ billet, questions, onPlan }: PartProps & { onPlan: () => void }) {
  const navigate = useNavigate();
  const { problem, isBusy, run } = useCaught();
  const piece = questions.waiting.find((each) => each.pieceId === billet.asked.pieceId);
  const drop = () =>
    void run(async () => {
      await change(`/api/forge/billets/${billet.id}/drop`);
      await navigate('/forge');
    });
  return (
    <Anvil>
      <div>
        {billet.areBarsTaken ? null : <Bars reading={billet.reading} />}
        <AtTheAnvil billet={billet} questions={questions} />
        {billet.reading.clad ? <Clad clad={billet.reading.clad} /> : null}
        {billet.lotId ? null : (
          <Row>
            <Press onPress={onPlan}>Change the recipe</Press>
            <Press isDisabled={isBusy} onPress={drop}>
              Drop this billet
            </Press>
          </Row>
        )}
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        <Flaws billet={billet} />
      </div>
      <div>
        <InView>
          <BilletDrawing reading={billet.reading} onPiece={piece ? `${piece.piece} ${piece.title}` : 'a usual knife'} />
          <Finished reading={billet.reading} blades={billet.asked.blades} />
        </InView>
      </div>
    </Anvil>
  );
}

/** What is not done yet may change. Where somebody else changed it meanwhile, both see it and choose. */
function Anew({ billet, questions, onLeave }: PartProps & { onLeave: () => void }) {
  const [basedOn, setBasedOn] = useState(billet.version);
  const [other, setOther] = useState<{ mine: AskedBillet; by: string; version: number } | undefined>();
  const { problem, run } = useCaught();
  const keep = async (asked: AskedBillet, version: number) => {
    try {
      await change(`/api/forge/billets/${billet.id}/change`, { billet: asked, basedOn: version });
      onLeave();
    } catch (failure) {
      const both = failure instanceof Problem ? failure.both[0] : undefined;
      if (!both) {
        throw failure;
      }
      setOther({ mine: asked, by: both.theirsBy, version: Number(both.theirsIs) });
    }
  };
  const useMine = () =>
    void run(async () => {
      if (other) {
        setBasedOn(other.version);
        await keep(other.mine, other.version);
      }
    });
  return (
    <>
      <Planning
        questions={questions}
        first={billet.asked}
        done={billet.done.length}
        keepWords="Keep the changed recipe"
        onKeep={(asked) => keep(asked, basedOn)}
        onLeave={onLeave}
      />
      <Ask title="Two people changed this recipe" isOpen={Boolean(other)} onClose={() => setOther(undefined)}>
        <p>{other?.by} kept another recipe for this billet while you were at yours.</p>
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        <Row>
          <Press data-large onPress={onLeave}>
            Keep theirs
          </Press>
          <Press data-large data-kind="main" onPress={useMine}>
            Use mine
          </Press>
        </Row>
      </Ask>
    </>
  );
}

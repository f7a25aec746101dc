import { useState } from 'react';
import { Link } from 'react-router';
import type { TankView, TankWaitingView } from '../api/schema';
import { Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { Baths } from './Baths';
import { Thirds } from '../parts/Thirds';
import { IntoTheBath } from './IntoTheBath';
import { Rating } from './Rating';
import { TankClock } from './TankClock';
import { usePieceTank, useTank } from './useTank';

/** The tank: what waits for it, every blade in it with its clock, and the baths. */
export default function TankPage() {
  const { data } = useTank();
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row>
        <h1>The tank</h1>
        <Link to="/tank/recipes">Recipes</Link>
        <Link to="/tank/stencils">Stencils</Link>
        <Link to="/tank/making">Making and neutralising</Link>
        <Link to="/stations/TANK">What lies here</Link>
      </Row>
      <Thirds>
        <div>
          <Waiting tank={data} />
        </div>
        <div>
          <InTheTank tank={data} />
        </div>
        <div>
          <Baths baths={data.baths} />
        </div>
      </Thirds>
    </>
  );
}

function InTheTank({ tank }: { tank: TankView }) {
  return (
    <>
      <h2>In the tank now</h2>
      {tank.now.length === 0 ? <Quiet>Nothing is on the tank’s clock.</Quiet> : null}
      {tank.now.map((run) => (
        <TankClock key={run.id} run={run} results={tank.results} />
      ))}
      {tank.toRate.map((run) => (
        <Panel key={run.id} aria-label={`Result of ${run.pieceName}`}>
          <h3>
            <Link to={`/bench/${run.piece}/${run.operation}`}>{run.pieceName}</Link>: how it came out
          </h3>
          <Quiet>{run.next}</Quiet>
          <Rating run={run} ratings={tank.ratings} />
        </Panel>
      ))}
    </>
  );
}

/** What can go in now; several of one finish go in by one recipe. */
function Waiting({ tank }: { tank: TankView }) {
  const [ticked, tick] = useState<readonly number[]>([]);
  const chosen = tank.waiting.filter((each) => ticked.includes(each.piece));
  const finishes = new Set(chosen.map((each) => `${each.finish} ${each.steel}`));
  const first = chosen[0];
  return (
    <Panel aria-label="Can go in now">
      <h2>Can go in now</h2>
      {tank.waiting.length === 0 ? <Quiet>Nothing waits for a bath.</Quiet> : null}
      <Listed>
        {tank.waiting.map((each) => (
          <li key={each.piece}>
            <Tick
              words={wordsOf(each)}
              isTicked={ticked.includes(each.piece)}
              onChange={(isTicked) =>
                tick(isTicked ? [...ticked, each.piece] : ticked.filter((other) => other !== each.piece))
              }
            />
          </li>
        ))}
      </Listed>
      {finishes.size > 1 ? (
        <Trouble>These are of two finishes or steels: one recipe does not do for both.</Trouble>
      ) : null}
      {first && finishes.size === 1 ? (
        <Chosen
          key={first.piece}
          piece={first.piece}
          pieces={chosen.map((each) => each.piece)}
          onDone={() => tick([])}
        />
      ) : null}
    </Panel>
  );
}

const wordsOf = (each: TankWaitingView): string =>
  `${each.pieceName}, ${each.jobTitle}: ${each.finish}, ${each.steel}${each.holdsUp ? `; ${each.holdsUp}` : ''}`;

function Chosen({ piece, pieces, onDone }: { piece: number; pieces: readonly number[]; onDone: () => void }) {
  const { data: room } = usePieceTank(piece);
  return room ? (
    <IntoTheBath
      room={room}
      pieces={pieces}
      words={pieces.length === 1 ? 'On the tank’s clock' : `All ${pieces.length} on the tank’s clock`}
      onDone={onDone}
    />
  ) : null;
}

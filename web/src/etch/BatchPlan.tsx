import { useState } from 'react';
import type { TankPlanRunView } from '../api/schema';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Fold } from '../parts/Fold';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { useSearch } from '../parts/useSearch';
import { clockDown } from '../parts/words';

interface BatchPlanProps {
  pieces: readonly number[];
  bath: number;
  recipe: string;
}

const isOver = (run: TankPlanRunView): boolean => run.isOver || run.isFailed;

/** In which order several blades go in and out, so that none lies in the acid longer than it should. */
export function BatchPlan({ pieces, bath, recipe }: BatchPlanProps) {
  const [atOnce, hang] = useState('2');
  const search = useSearch<TankPlanRunView>('/api/tank/plans', isOver);
  const plan = search.run?.plan;
  return (
    <Fold title="In which order" comesTo={`${pieces.length} blades, one sink, one pair of hands`}>
      <Fields>
        <Entry
          label="Blades in the bath at once"
          name="at once"
          value={atOnce}
          onChange={hang}
          problem={search.problem?.at('atOnce')}
          inputMode="numeric"
        />
      </Fields>
      <Row>
        {search.isLooking ? (
          <Press onPress={search.cancel}>That is good enough</Press>
        ) : (
          <Press onPress={() => search.begin({ pieces, bath, recipe, atOnce: Number(atOnce) || 0 })}>
            Find the order
          </Press>
        )}
        {search.isLooking ? <span role="status">Looking for a shorter one…</span> : null}
      </Row>
      <Refused problem={search.problem} />
      {search.run?.isFailed ? <Trouble role="alert">The search failed: the log says why.</Trouble> : null}
      {search.run ? (
        <p>
          Hands-on <b>{search.run.labour}</b> in all; one blade by itself takes {search.run.oneBlade}.
        </p>
      ) : null}
      {plan ? (
        <>
          <p>
            All of it in <b>{plan.length}</b>, hands free for {plan.free} of it.{' '}
            {plan.isShortest ? 'No order is shorter.' : `No order is shorter than ${plan.atLeast}.`}
          </p>
          <Facts>
            <thead>
              <tr>
                <th>From the start</th>
                <th>Blade</th>
                <th>What</th>
              </tr>
            </thead>
            <tbody>
              {plan.acts.map((act) => (
                <tr key={`${act.at} ${act.pieceName} ${act.words}`}>
                  <td>{clockDown(act.at * 1000)}</td>
                  <td>{act.pieceName}</td>
                  <td>{act.words}</td>
                </tr>
              ))}
            </tbody>
          </Facts>
          <Quiet>Usual times at the sink: 15 s in, 75 s out with rinsing and neutralising, sanding in stretches.</Quiet>
        </>
      ) : null}
    </Fold>
  );
}

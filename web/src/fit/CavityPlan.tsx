import { useState } from 'react';
import { change } from '../api/client';
import type { CavityView, FitView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Facts } from '../parts/Facts';
import { Fold } from '../parts/Fold';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Lines } from './Lines';

/** How the block is opened: holes, angles and depths, and the wall that is left. */
export function CavityPlan({ fit, cavity }: { fit: FitView; cavity: CavityView }) {
  return (
    <Section aria-label="The cavity">
      {cavity.verdict === 'IN' ? null : <Trouble>{cavity.why}</Trouble>}
      <p>
        {cavity.methods.find((each) => each.value === cavity.method)?.words}
        {cavity.isPlanned ? '' : ' (usual; nobody has chosen yet)'}
      </p>
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Hole</th>
            <th>At the front</th>
            <th>Deep</th>
          </tr>
        </thead>
        <tbody>
          {cavity.holes.map((hole) => (
            <tr key={`${hole.drill} ${hole.height}`}>
              <td>
                <strong>{hole.drill}</strong>
              </td>
              <td data-head="at the front">{hole.height}</td>
              <td data-head="deep">{hole.deep}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
      <Lines lines={cavity.lines} />
      <Fold title="Wall to the finished handle" comesTo={`${cavity.walls.length} places`}>
        <Facts>
          <tbody>
            {cavity.walls.map((wall) => (
              <tr key={wall.deep}>
                <td>
                  {wall.deep} deep, {wall.side}
                </td>
                <td>{wall.left}</td>
              </tr>
            ))}
          </tbody>
        </Facts>
      </Fold>
      {fit.isAtWork ? <Plan fit={fit} cavity={cavity} /> : null}
    </Section>
  );
}

function Plan({ fit, cavity }: { fit: FitView; cavity: CavityView }) {
  const [method, setMethod] = useState(cavity.method);
  const [drills, setDrills] = useState({ drill: '', longDrill: '' });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/fit/pieces/${fit.id}/cavity`, { method, ...drills });
      setDrills({ drill: '', longDrill: '' });
    });
  return (
    <>
      <Fields>
        <Choice label="Opened by" value={method} options={cavity.methods} onChange={setMethod} />
        <Measured
          label={method === 'MILLED' ? 'Cutter' : 'Drill'}
          name={`${fit.id} drill`}
          value={drills.drill}
          echo={<>empty: the usual</>}
          onChange={(drill) => setDrills({ ...drills, drill })}
          problem={problem?.at('drill')}
        />
        <Measured
          label="Long drill"
          name={`${fit.id} long drill`}
          value={drills.longDrill}
          echo={<>empty: the usual</>}
          onChange={(longDrill) => setDrills({ ...drills, longDrill })}
          problem={problem?.at('longDrill')}
        />
      </Fields>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Open it so
        </Press>
      </Row>
      <Quiet>A plan that breaks through the finished handle is not kept.</Quiet>
      <Refused problem={problem} />
    </>
  );
}

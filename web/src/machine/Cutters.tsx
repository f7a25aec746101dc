import { useState } from 'react';
import { change } from '../api/client';
import type { CuttersView, CutterView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section } from '../parts/Sheet';
import { useCutters } from './useMachine';

/** How far the cutters of the rack are used up, and what one of them has cut now. */
export function Cutters() {
  const { data } = useCutters();
  if (!data || data.cutters.length === 0) {
    return <Quiet>No cutter is written down on the rack.</Quiet>;
  }
  return (
    <Section aria-label="Cutters">
      <h2>Cutters</h2>
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Cutter</th>
            <th>On the rack</th>
            <th>Used up</th>
          </tr>
        </thead>
        <tbody>
          {data.cutters.map((cutter) => (
            <tr key={cutter.lot}>
              <td>{cutter.words}</td>
              <td data-head="on the rack">{cutter.left}</td>
              <td data-head="used up">
                <Used cutter={cutter} />
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      <HasCut view={data} />
    </Section>
  );
}

function Used({ cutter }: { cutter: CutterView }) {
  return (
    <>
      <strong data-stale={cutter.cautions.length > 0 || undefined}>{cutter.used}</strong>{' '}
      {[...cutter.cautions, ...cutter.working].join(' ')}
    </>
  );
}

function HasCut({ view }: { view: CuttersView }) {
  const [cut, setCut] = useState({
    lot: String(view.cutters[0]?.lot ?? 0),
    material: 'CARBIDE',
    workpiece: view.workpieces[0]?.value ?? '',
    length: '',
  });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      const { lot, ...what } = cut;
      await change(`/api/machine/cutters/${lot}/cuts`, what);
      setCut({ ...cut, length: '' });
    });
  return (
    <>
      <Fields>
        <Choice
          label="Cutter"
          value={cut.lot}
          options={view.cutters.map((each) => ({ value: String(each.lot), words: each.words }))}
          onChange={(lot) => setCut({ ...cut, lot })}
        />
        <Choice
          label="It is of"
          value={cut.material}
          options={view.materials.map((each) => ({ value: each.value, words: each.words }))}
          onChange={(material) => setCut({ ...cut, material })}
        />
        <Choice
          label="Cut in"
          value={cut.workpiece}
          options={view.workpieces.map((each) => ({ value: each.value, words: each.words }))}
          onChange={(workpiece) => setCut({ ...cut, workpiece })}
        />
        <Entry
          label="Length, all passes"
          name="cutter length"
          value={cut.length}
          onChange={(length) => setCut({ ...cut, length })}
          problem={problem?.at('length') ?? problem?.at('material')}
        />
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={keep}>
          It has cut that
        </Press>
        <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/machine/cutters/${cut.lot}/fresh`, {}))}>
          A fresh one is in
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { ChecksView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { moment } from '../parts/words';

const EMPTY = { shown: '', second: '' };

/** A kiln beside a second thermocouple, with coupons broken for their grain: what it is off is kept, and used from then on. */
export function KilnChecks({ kiln }: { kiln: number }) {
  const { data } = useQuery({
    queryKey: ['fire', 'checks', kiln],
    queryFn: () => read<ChecksView>(`/api/fire/kilns/${kiln}/checks`),
    enabled: Number.isFinite(kiln),
  });
  const [typed, setTyped] = useState(EMPTY);
  const [grain, setGrain] = useState('FINE');
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/fire/kilns/${kiln}/checks`, { ...typed, grain });
      setTyped(EMPTY);
    });
  if (!data) {
    return null;
  }
  return (
    <Panel aria-label="Is it true?">
      <h2>Is it true?</h2>
      <p>{data.words}</p>
      {data.made.length > 0 ? (
        <Facts>
          <thead>
            <tr>
              <th scope="col">It showed</th>
              <th scope="col">Second thermocouple</th>
              <th scope="col">The coupon</th>
              <th scope="col">By</th>
            </tr>
          </thead>
          <tbody>
            {data.made.map((made) => (
              <tr key={made.atMillis}>
                <td>{made.shown}</td>
                <td>{made.second}</td>
                <td>
                  {made.grain}: {made.means}
                </td>
                <td>
                  {made.by}, {moment(made.atMillis)}
                </td>
              </tr>
            ))}
          </tbody>
        </Facts>
      ) : null}
      <Row>
        <Entry
          label="Its own display shows"
          name="shown"
          value={typed.shown}
          onChange={(shown) => setTyped({ ...typed, shown })}
          problem={problem?.at('shown')}
        />
        <Entry
          label="The second thermocouple reads"
          name="second"
          value={typed.second}
          onChange={(second) => setTyped({ ...typed, second })}
          problem={problem?.at('second')}
        />
        <Choice label="The coupon broke" value={grain} options={data.grains} onChange={setGrain} />
        <Press style={{ alignSelf: 'end' }} data-kind="main" isDisabled={isBusy} onPress={keep}>
          Write the check down
        </Press>
      </Row>
      <Refused problem={problem} />
      <Quiet>
        Three heats, at least 25 °F (14 °C) apart: below, at and above the one that you harden from. Break the coupon in
        a rag, eyes covered.
      </Quiet>
    </Panel>
  );
}

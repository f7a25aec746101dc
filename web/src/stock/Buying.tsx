import { useState } from 'react';
import { change } from '../api/client';
import type { Buy } from '../api/schema';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Press, WayTo } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { day } from '../parts/words';
import { Doorways } from './Doorways';
import { useBuying } from './useStock';

/** What has to be bought, by supplier: what runs low, what is past its day soon, what pieces wait for; and what is ordered. */
export default function Buying() {
  const { data } = useBuying();
  const open = (data ?? []).filter((line) => !line.order);
  const onTheWay = (data ?? []).filter(
    (line, index, all) => line.order && all.findIndex((each) => each.order?.id === line.order?.id) === index,
  );
  const suppliers = [...new Set(open.map((each) => each.supplier))];
  return (
    <>
      <Row>
        <h1>To buy</h1>
        <a href="/api/stock/files/buying.csv">As a table (CSV)</a>
      </Row>
      <Doorways />
      <OnTheWay lines={onTheWay} />
      {data && open.length === 0 ? (
        <Quiet>
          Nothing has to be bought: nothing runs low, and no piece waits for anything that is not ordered. What a lot is
          low at is said on its own page.
        </Quiet>
      ) : null}
      {suppliers.map((supplier) => (
        <From key={supplier} supplier={supplier} lines={open.filter((each) => each.supplier === supplier)} />
      ))}
    </>
  );
}

function OnTheWay({ lines }: { lines: readonly Buy[] }) {
  const { problem, isBusy, run } = useCaught();
  const close = (id: number, hasCome: boolean) => void run(() => change(`/api/stock/orders/${id}/close`, { hasCome }));
  return lines.length === 0 ? null : (
    <Panel aria-label="Ordered">
      <h2>Ordered, on its way</h2>
      <Facts data-stacks>
        <tbody>
          {lines.map(({ words, supplier, order }) =>
            order ? (
              <tr key={words}>
                <td>
                  {words}
                  {order.amount ? `, ${order.amount}` : ''}
                </td>
                <td>
                  {supplier ? `${supplier}, by ${order.by}` : `by ${order.by}`}
                  {order.expectedOn
                    ? `, ${order.isLate ? 'should have come on' : 'expected on'} ${day(order.expectedOn)}`
                    : ''}
                </td>
                <td aria-label={`What became of ${words}`}>
                  <Row>
                    <Press data-kind="main" isDisabled={isBusy} onPress={() => close(order.id, true)}>
                      It has come
                    </Press>
                    <Press isDisabled={isBusy} onPress={() => close(order.id, false)}>
                      Not ordered after all
                    </Press>
                  </Row>
                </td>
              </tr>
            ) : null,
          )}
        </tbody>
      </Facts>
      <Row>
        <WayTo to="/stock/receive">Receive what has come</WayTo>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function From({ supplier, lines }: { supplier: string; lines: readonly Buy[] }) {
  const [ordering, order] = useState<Buy | undefined>();
  return (
    <Panel aria-label={supplier || 'Supplier not known'}>
      <h2>{supplier || 'Supplier not known'}</h2>
      <Facts data-stacks>
        <thead>
          <tr>
            <th style={{ width: '36%' }}>What</th>
            <th>How much</th>
            <th style={{ width: '30%' }}>Why</th>
            <th>Comes in</th>
            <th aria-label="Ordered" />
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={`${line.words} ${line.why}`}>
              <td>
                <strong>{line.words}</strong>
              </td>
              <td data-head="How much">{line.amount}</td>
              <td data-head="Why">{line.why}</td>
              <td data-head="Comes in">{line.leadDays ? `${line.leadDays} days` : 'not known'}</td>
              <td aria-label={`Say that ${line.words} is ordered`}>
                <Press onPress={() => order(line)}>Ordered</Press>
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {ordering ? <Ordering key={ordering.words} line={ordering} onClose={() => order(undefined)} /> : null}
    </Panel>
  );
}

/** Says that it is ordered: how much, and how long it takes. */
function Ordering({ line, onClose }: { line: Buy; onClose: () => void }) {
  const [amount, setAmount] = useState(line.amount);
  const [leadDays, setLeadDays] = useState(line.leadDays);
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change('/api/stock/orders', { words: line.words, supplier: line.supplier, amount, leadDays });
      onClose();
    });
  return (
    <Ask title={`Ordered: ${line.words}`} isOpen onClose={onClose}>
      <Entry label="How much" name="amount" value={amount} onChange={setAmount} problem={problem?.at('amount')} />
      <Entry
        label="Comes in, days"
        name="leadDays"
        inputMode="numeric"
        value={leadDays}
        onChange={setLeadDays}
        onEnter={keep}
        problem={problem?.at('leadDays')}
        echo="Empty where nobody knows."
      />
      <Refused problem={problem} />
      <Row>
        <Press data-large data-kind="main" isDisabled={isBusy} onPress={keep}>
          It is ordered
        </Press>
        <Press data-large onPress={onClose}>
          Not yet
        </Press>
      </Row>
    </Ask>
  );
}

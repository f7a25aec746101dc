import type { Buy } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { Doorways } from './Doorways';
import { useBuying } from './useStock';

/** What has to be bought, by supplier: what runs low, what is past its day soon, what pieces wait for. */
export default function Buying() {
  const { data } = useBuying();
  const suppliers = [...new Set((data ?? []).map((each) => each.supplier))];
  return (
    <>
      <Row>
        <h1>To buy</h1>
        <a href="/api/stock/files/buying.csv">As a table (CSV)</a>
      </Row>
      <Doorways />
      {data?.length === 0 ? (
        <Quiet>Nothing has to be bought: nothing runs low, and no piece waits for anything.</Quiet>
      ) : null}
      {suppliers.map((supplier) => (
        <From key={supplier} supplier={supplier} lines={(data ?? []).filter((each) => each.supplier === supplier)} />
      ))}
    </>
  );
}

function From({ supplier, lines }: { supplier: string; lines: readonly Buy[] }) {
  return (
    <Panel aria-label={supplier || 'Supplier not known'}>
      <h2>{supplier || 'Supplier not known'}</h2>
      <Facts>
        <thead>
          <tr>
            <th style={{ width: '42%' }}>What</th>
            <th style={{ width: '42%' }}>Why</th>
            <th>Comes in</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={`${line.words} ${line.why}`}>
              <td>{line.words}</td>
              <td>{line.why}</td>
              <td>{line.leadDays ? `${line.leadDays} days` : 'not known'}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
    </Panel>
  );
}

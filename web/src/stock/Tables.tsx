import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { TableLine } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Doorways } from './Doorways';

/** The racks as a table, out and in; a table that comes in is looked at line by line before anything is kept. */
export default function Tables() {
  const [text, setText] = useState('');
  const [lines, setLines] = useState<TableLine[] | undefined>();
  const [taken, setTaken] = useState(0);
  const { problem, isBusy, run } = useCaught();
  const good = lines?.filter((line) => line.findings.length === 0).length ?? 0;
  const look = (file: File) =>
    void run(async () => {
      const read = await file.text();
      setLines(undefined);
      setTaken(0);
      setText(read);
      setLines(await change<TableLine[]>('/api/stock/table/preview', { text: read }));
    });
  const take = () =>
    void run(async () => {
      await change('/api/stock/table', { text });
      setTaken(good);
      setLines(undefined);
    });
  return (
    <>
      <h1>Tables in and out</h1>
      <Doorways />
      <Panel aria-label="Out">
        <h2>Out</h2>
        <Row>
          <a href="/api/stock/files/rack.csv">Everything on the racks (CSV)</a>
          <a href="/api/stock/files/buying.csv">What to buy (CSV)</a>
        </Row>
        <Quiet>The first line names the columns. What goes out comes in again as exactly the same.</Quiet>
      </Panel>
      <Panel aria-label="In">
        <h2>In</h2>
        <Row>
          <PickFile accepts={['.csv', 'text/csv']} isDisabled={isBusy} onPicked={look}>
            Choose a table (CSV)
          </PickFile>
          {lines ? (
            <Press data-kind="main" isDisabled={isBusy || good === 0} onPress={take}>
              Take {good === lines.length ? 'all' : 'the good'} {good} {good === 1 ? 'line' : 'lines'} onto the racks
            </Press>
          ) : null}
        </Row>
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        {taken > 0 ? (
          <p role="status">
            {taken} {taken === 1 ? 'line is' : 'lines are'} on the racks.
          </p>
        ) : null}
        {lines ? <Preview lines={lines} /> : null}
      </Panel>
    </>
  );
}

function Preview({ lines }: { lines: readonly TableLine[] }) {
  return (
    <Facts>
      <thead>
        <tr>
          <th>Line</th>
          <th>What it is</th>
          <th>How much</th>
          <th>Understood</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.number}>
            <td>{line.number}</td>
            <td>{line.words}</td>
            <td>{line.amount}</td>
            <td data-stale={line.findings.length > 0 || undefined}>
              {line.findings.length === 0
                ? '✓'
                : line.findings.map((finding) => (
                    <div key={finding.field}>{`${finding.field}: ${findingWords(finding)}`}</div>
                  ))}
            </td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

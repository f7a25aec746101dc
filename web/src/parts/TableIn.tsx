import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { TableLine } from '../api/schema';
import { useCaught } from './Caught';
import { Facts } from './Facts';
import { PickFile } from './PickFile';
import { Press } from './Press';
import { Row, Trouble } from './Sheet';

interface TableInProps {
  /** Where it is sent to be taken; looked at before under `preview`. */
  path: string;
  accepts: readonly string[];
  choose: string;
  /** What a line is, one and several. */
  line: string;
  lines: string;
  /** Where they are, once they are taken. */
  where: string;
  /** What the server has to know of the file beside its text. */
  about?: (file: File) => Record<string, unknown>;
}

/** A table that comes in: looked at line by line, then all good lines are taken, or none. */
export function TableIn({ path, accepts, choose, line, lines, where, about }: TableInProps) {
  const [table, setTable] = useState<Record<string, unknown>>({});
  const [read, setRead] = useState<TableLine[] | undefined>();
  const [taken, setTaken] = useState(0);
  const { problem, isBusy, run } = useCaught();
  const good = read?.filter((each) => each.findings.length === 0).length ?? 0;
  const look = (file: File) =>
    void run(async () => {
      const brought = { text: await file.text(), ...about?.(file) };
      setRead(undefined);
      setTaken(0);
      setTable(brought);
      setRead(await change<TableLine[]>(`${path}/preview`, brought));
    });
  const take = () =>
    void run(async () => {
      await change(path, { ...table, onlyGood: good < (read?.length ?? 0) });
      setTaken(good);
      setRead(undefined);
    });
  return (
    <>
      <Row>
        <PickFile accepts={accepts} isDisabled={isBusy} onPicked={look}>
          {choose}
        </PickFile>
        {read ? (
          <>
            <Press data-kind="main" isDisabled={isBusy || good === 0} onPress={take}>
              Take {good === read.length ? 'all' : 'the good'} {good} {good === 1 ? line : lines}
            </Press>
            <Press onPress={() => setRead(undefined)}>Take none</Press>
          </>
        ) : null}
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {taken > 0 ? (
        <p role="status">
          {taken} {taken === 1 ? `${line} is` : `${lines} are`} {where}.
        </p>
      ) : null}
      {read ? <Preview lines={read} /> : null}
    </>
  );
}

function Preview({ lines }: { lines: readonly TableLine[] }) {
  const isCounted = lines.some((line) => line.amount !== '');
  return (
    <Facts>
      <thead>
        <tr>
          <th>Line</th>
          <th>What it is</th>
          {isCounted ? <th>How much</th> : null}
          <th>Understood</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.number}>
            <td>{line.number}</td>
            <td>{line.words}</td>
            {isCounted ? <td>{line.amount}</td> : null}
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

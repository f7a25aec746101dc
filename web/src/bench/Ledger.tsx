import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { MishapCountView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { Panel, Quiet } from '../parts/Sheet';
import { minutes } from '../parts/words';

/** Where the shop loses work and blades: what went wrong, by step, most often first. */
export default function Ledger() {
  const { data } = useQuery({
    queryKey: ['ledger'],
    queryFn: () => read<MishapCountView[]>('/api/mishaps/ledger'),
  });
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <h1>Ledger</h1>
      <Panel aria-label="What went wrong">
        <h2>What went wrong, by step</h2>
        {data.length === 0 ? (
          <Quiet>Nothing has gone wrong yet. What is written down at a bench is counted here.</Quiet>
        ) : (
          <Facts>
            <thead>
              <tr>
                <th>Step</th>
                <th>What</th>
                <th>Times</th>
                <th>Pieces lost</th>
                <th>Work done again</th>
              </tr>
            </thead>
            <tbody>
              {data.map((count) => (
                <tr key={`${count.operation} ${count.what}`}>
                  <td>{count.step}</td>
                  <td>{count.what}</td>
                  <td>{count.times}</td>
                  <td>{count.lost || '—'}</td>
                  <td>{count.costMinutes > 0 ? minutes(count.costMinutes) : '—'}</td>
                </tr>
              ))}
            </tbody>
          </Facts>
        )}
      </Panel>
    </>
  );
}

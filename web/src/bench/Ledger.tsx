import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { read } from '../api/client';
import type { MishapCountView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { WayTo } from '../parts/Press';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { minutes } from '../parts/words';

const sum = (counts: readonly MishapCountView[], of: 'times' | 'lost' | 'costMinutes'): number =>
  counts.reduce((all, each) => all + each[of], 0);

const counted = (count: number, of: string): string => `${count} ${of}${count === 1 ? '' : 's'}`;

/** Where the shop loses work and blades: what went wrong, by step, most often first, and what to do about it. */
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
          <>
            <p>
              Nothing has gone wrong yet. What is written down at a bench with <em>Went wrong</em> is counted here, with
              what it cost and what keeps it from coming again.
            </p>
            <Row>
              <WayTo to="/bench">To the bench</WayTo>
            </Row>
          </>
        ) : (
          <>
            <p>
              {counted(sum(data, 'times'), 'time')} in all: {counted(sum(data, 'lost'), 'piece')} lost,{' '}
              {minutes(sum(data, 'costMinutes'))} of work done again.
            </p>
            <Counts counts={data} />
          </>
        )}
      </Panel>
    </>
  );
}

function Counts({ counts }: { counts: readonly MishapCountView[] }) {
  return (
    <Facts data-stacks>
      <thead>
        <tr>
          <th>Step</th>
          <th>What</th>
          <th>Times</th>
          <th>Pieces lost</th>
          <th>Work done again</th>
          <th style={{ width: '38%' }}>What keeps it away</th>
        </tr>
      </thead>
      <tbody>
        {counts.map((count) => (
          <tr key={`${count.operation} ${count.what}`}>
            <td>{count.step}</td>
            <td>
              <Link to={`/pieces/${count.latestPiece}`}>{count.what}</Link>
            </td>
            <td data-head="Times">{count.times}</td>
            <td data-head="Pieces lost">{count.lost || '—'}</td>
            <td data-head="Work done again">{count.costMinutes > 0 ? minutes(count.costMinutes) : '—'}</td>
            <td data-head="What keeps it away">{count.beforehand}</td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

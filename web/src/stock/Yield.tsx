import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { read } from '../api/client';
import type { WaitingView, YieldView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { ScribedBar } from './ScribedBar';

/** Does a profile fit this bar, how many come out of it, and where is it cut? */
export function Yield({ lot }: { lot: number }) {
  const [piece, setPiece] = useState('');
  const { data: profiles } = useQuery({
    queryKey: ['stock', 'profiles'],
    queryFn: () => read<WaitingView[]>('/api/stock/profiles'),
  });
  const { data: found, error } = useQuery({
    queryKey: ['stock', 'yield', lot, piece],
    queryFn: () => read<YieldView>(`/api/stock/lots/${lot}/yield?piece=${piece}`),
    enabled: piece !== '',
  });
  return (
    <Panel aria-label="What comes out of it">
      <h2>What comes out of it</h2>
      {profiles && profiles.length > 0 ? (
        <div style={{ maxWidth: 420 }}>
          <Choice
            label="Profile of"
            value={piece}
            options={profiles.map((each) => ({
              value: String(each.pieceId),
              words: `${each.piece} ${each.title} (${each.steel})`,
            }))}
            onChange={setPiece}
          />
        </div>
      ) : (
        <Quiet>No piece that is cut from a bar is in work.</Quiet>
      )}
      {error ? <Trouble role="alert">{error.message}</Trouble> : null}
      {found?.why ? <p role="status">None: {found.why}</p> : null}
      {found?.bar ? (
        <>
          <p role="status">
            <strong>
              {found.count} {found.count === 1 ? 'blank' : 'blanks'}
            </strong>
            {found.bar.offcut ? `, ${found.bar.offcut} left` : ', nothing useful left'}
          </p>
          <ScribedBar bar={found.bar} />
        </>
      ) : null}
    </Panel>
  );
}

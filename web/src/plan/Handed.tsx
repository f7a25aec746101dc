import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { HandedView } from '../api/schema';
import { callOut } from '../live/calls';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';

const Strip = styled.ul`
  background: ${({ theme }) => theme.manila};
  border-bottom: 2px solid ${({ theme }) => theme.manilaEdge};
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0.3rem 1rem;
    align-items: center;
    padding: 0.35rem 1rem;
  }
  a {
    font-weight: 700;
  }
  button {
    margin-left: auto;
  }
`;

export const useHanded = () => useQuery({ queryKey: ['handed'], queryFn: () => read<HandedView[]>('/api/handed') });

/** What somebody has put on the reader, on whatever page they are, until they say that they know. */
export function Handed() {
  const { data } = useHanded();
  const known = useRef<ReadonlySet<number> | undefined>(undefined);
  useEffect(() => {
    if (data) {
      // What was there when the page came is read; what comes while it is open calls.
      data
        .filter((handed) => known.current && !known.current.has(handed.id))
        .forEach((handed) => callOut('handed', `${handed.by}: ${handed.what}`));
      known.current = new Set(data.map((handed) => handed.id));
    }
  }, [data]);
  return data && data.length > 0 ? (
    <Strip role="status" aria-label="Handed to you" data-no-print>
      {data.map((handed) => (
        <One key={handed.id} handed={handed} />
      ))}
    </Strip>
  ) : null;
}

function One({ handed }: { handed: HandedView }) {
  const { problem, isBusy, run } = useCaught();
  return (
    <li>
      <span>
        {handed.by} put <Link to={handed.page}>{handed.what}</Link> on you
        {handed.word ? (
          <>
            : <q>{handed.word}</q>
          </>
        ) : (
          '.'
        )}
      </span>
      {problem ? <span role="alert">{problem.message}</span> : null}
      <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/handed/${handed.id}/seen`))}>
        I know
      </Press>
    </li>
  );
}

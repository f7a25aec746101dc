import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { change, findingWords, read } from '../api/client';
import type { ConsultView, Reading } from '../api/schema';

export type Entries = Record<string, string>;

const PAUSE_MS = 120;

export function useTalk(job: number) {
  return useQuery({
    queryKey: ['consult', job],
    queryFn: () => read<ConsultView>(`/api/jobs/${job}/consult`),
    enabled: Number.isFinite(job),
  });
}

/** Where a window keeps what is not kept as a revision yet, so that a reload loses nothing. */
const draftOf = (job: number, revision: number): string => `consult ${job} after ${revision}`;

function draft(job: number, revision: number): Entries | undefined {
  const kept = localStorage.getItem(draftOf(job, revision));
  return kept ? (JSON.parse(kept) as Entries) : undefined;
}

/**
 * The knife on the table: what was chosen, what the server makes of it, and three ways to change it. A change that cannot be keeps
 * the last drawing and says why.
 */
export function useKnife(job: number, revision: number, kept: Entries) {
  const [chosen, setChosen] = useState<Entries>(() => draft(job, revision) ?? kept);
  const [reading, setReading] = useState<Reading | undefined>();
  const [shown, setShown] = useState<Reading | undefined>();
  const [refused, setRefused] = useState('');
  const [earlier, setEarlier] = useState<Entries[]>([]);
  const latest = useRef(0);

  const ask = useCallback(async (what: 'read' | 'pull' | 'say', asked: unknown): Promise<Reading> => {
    latest.current += 1;
    const turn = latest.current;
    const answer = await change<Reading>(`/api/design/${what}`, asked);
    // An answer that comes after a later question is not shown; what was pulled or said still counts.
    if (turn === latest.current) {
      setReading(answer);
      setShown((last) => (answer.drawing ? answer : last));
      setRefused(answer.drawing ? '' : answer.findings.map(findingWords).join(' '));
    }
    return answer;
  }, []);

  const before = earlier[earlier.length - 1];
  useEffect(() => {
    const timer = window.setTimeout(
      () => void ask('read', { entries: chosen, before: before ?? chosen, useWords: '' }).catch(() => undefined),
      PAUSE_MS,
    );
    return () => window.clearTimeout(timer);
  }, [chosen, before, ask]);

  const settle = useCallback(
    (next: Entries) => {
      setEarlier((all) => [...all, chosen]);
      setChosen(next);
      localStorage.setItem(draftOf(job, revision), JSON.stringify(next));
    },
    [chosen, job, revision],
  );

  const say = useCallback(
    async (word: string, much: string) => {
      const answer = await ask('say', { entries: chosen, word, much });
      if (answer.drawing) {
        settle({ ...chosen, ...answer.changed });
      }
    },
    [ask, chosen, settle],
  );

  return {
    chosen,
    /** What the entries were understood as, good or not. */
    reading,
    /** The last knife that can be. */
    shown,
    refused,
    isChanged: JSON.stringify(chosen) !== JSON.stringify(kept),
    canTakeBack: earlier.length > 0,
    put: (field: string, value: string) => settle({ ...chosen, [field]: value }),
    pull: usePull(chosen, ask, settle),
    say,
    takeBack: () => {
      const last = earlier[earlier.length - 1];
      if (last) {
        setEarlier(earlier.slice(0, -1));
        setChosen(last);
        localStorage.setItem(draftOf(job, revision), JSON.stringify(last));
      }
    },
    /** Another knife altogether. */
    take: settle,
    startAgain: () => settle(kept),
    forget: () => localStorage.removeItem(draftOf(job, revision)),
  };
}

/** Moves a grip: one question to the server is on its way at a time, always about where the finger is by then. */
function usePull(
  chosen: Entries,
  ask: (what: 'pull', asked: unknown) => Promise<Reading>,
  settle: (next: Entries) => void,
) {
  const wanted = useRef<{ grip: string; along: number; across: number } | undefined>(undefined);
  const reached = useRef<Entries | undefined>(undefined);
  const isAsking = useRef(false);
  const isLetGo = useRef(true);

  const follow = useCallback(async () => {
    isAsking.current = true;
    while (wanted.current) {
      const pulled = wanted.current;
      wanted.current = undefined;
      const answer = await ask('pull', { entries: chosen, ...pulled }).catch(() => undefined);
      reached.current = answer?.drawing ? answer.changed : reached.current;
    }
    isAsking.current = false;
    if (isLetGo.current && reached.current) {
      settle({ ...chosen, ...reached.current });
      reached.current = undefined;
    }
  }, [ask, chosen, settle]);

  return {
    to: (grip: string, along: number, across: number) => {
      isLetGo.current = false;
      wanted.current = { grip, along, across };
      if (!isAsking.current) {
        void follow();
      }
    },
    letGo: () => {
      isLetGo.current = true;
      if (!isAsking.current && reached.current) {
        settle({ ...chosen, ...reached.current });
        reached.current = undefined;
      }
    },
  };
}

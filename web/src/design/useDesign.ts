import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { change, read } from '../api/client';
import type { Questions, Reading } from '../api/schema';

const PAUSE_MS = 180;

/** The questions of a specification, as the server asks them. */
export function useQuestions() {
  return useQuery({ queryKey: ['questions'], queryFn: () => read<Questions>('/api/design/questions') });
}

/** What the entries mean so far: read by the server a moment after the last keystroke; an answer that comes late is dropped. */
export function useReading(entries: Record<string, string>, useWords = '') {
  const [reading, setReading] = useState<Reading | undefined>();
  useEffect(() => {
    let isCurrent = true;
    const timer = window.setTimeout(() => {
      change<Reading>('/api/design/read', { entries, before: entries, useWords }).then(
        (answer) => isCurrent && setReading(answer),
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      isCurrent = false;
      window.clearTimeout(timer);
    };
  }, [entries, useWords]);
  return { reading };
}

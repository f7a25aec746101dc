import { useState } from 'react';
import { Problem } from '../api/client';

/** Runs commands one at a time and keeps the last problem for the page to show. */
export function useCaught() {
  const [problem, setProblem] = useState<Problem | undefined>();
  const [isBusy, setBusy] = useState(false);

  async function run<T>(work: () => Promise<T>): Promise<T | undefined> {
    setBusy(true);
    try {
      const result = await work();
      setProblem(undefined);
      return result;
    } catch (failure) {
      setProblem(failure instanceof Problem ? failure : new Problem(0, { detail: String(failure) }));
      return undefined;
    } finally {
      setBusy(false);
    }
  }

  return { problem, isBusy, run, clear: () => setProblem(undefined) };
}

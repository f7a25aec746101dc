import { useSyncExternalStore } from 'react';
import { flushSync } from 'react-dom';

let isAsked = false;

function watch(changed: () => void): () => void {
  const media = window.matchMedia('print');
  // What is printed is laid out as soon as these have been told.
  const tell = (asked: boolean) => () => {
    isAsked = asked;
    flushSync(changed);
  };
  const [begins, ends] = [tell(true), tell(false)];
  media.addEventListener('change', changed);
  window.addEventListener('beforeprint', begins);
  window.addEventListener('afterprint', ends);
  return () => {
    media.removeEventListener('change', changed);
    window.removeEventListener('beforeprint', begins);
    window.removeEventListener('afterprint', ends);
  };
}

/** Whether the page is being put on paper. */
export const usePrinting = (): boolean =>
  useSyncExternalStore(watch, () => isAsked || window.matchMedia('print').matches);

import { useSyncExternalStore } from 'react';

function watch(changed: () => void): () => void {
  window.addEventListener('resize', changed);
  return () => window.removeEventListener('resize', changed);
}

/** How wide the page is, in CSS pixels: what is drawn to a scale is drawn to fit it. */
export const useWidth = (): number => useSyncExternalStore(watch, () => document.documentElement.clientWidth);

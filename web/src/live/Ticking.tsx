import type { ReactNode } from 'react';
import { useNow } from './useNow';

/** Words of a clock, anew each second, while what stands around them stays as it is. */
export function Ticking({ children }: { children: (now: number) => ReactNode }) {
  return children(useNow());
}

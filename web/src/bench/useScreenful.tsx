import { type ReactNode, useState } from 'react';

/** Rows that fill the tallest screen, drawn at once. */
const SCREENFUL = 16;
/** Pixels below the screen from which on more is drawn, so that a thumb never comes to an end. */
const AHEAD = '400px';

/** The first screenful of a list, and more of it whenever its end comes into sight. */
export function useScreenful<T>(all: readonly T[]): { some: readonly T[]; end: ReactNode } {
  const [most, setMost] = useState(SCREENFUL);
  const watch = (end: HTMLDivElement | null) => {
    if (!end) {
      return undefined;
    }
    const sight = new IntersectionObserver(
      (seen) => {
        if (seen.some((each) => each.isIntersecting)) {
          setMost((before) => before + SCREENFUL);
        }
      },
      { rootMargin: AHEAD },
    );
    sight.observe(end);
    return () => sight.disconnect();
  };
  return all.length > most
    ? { some: all.slice(0, most), end: <div key={most} ref={watch} style={{ blockSize: 1 }} /> }
    : { some: all, end: null };
}

import { useEffect, useState } from 'react';

/** How far the server's clock is ahead of this tablet's. Rests are the same on every page, whatever its own clock says. */
let ahead = 0;

export function heardServerTime(serverMillis: number): void {
  ahead = serverMillis - Date.now();
}

const serverNow = (): number => Date.now() + ahead;

/** The server's time, ticking once a second. */
export function useNow(): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(serverNow()), 1000);
    return () => window.clearInterval(timer);
  }, []);
  return now;
}

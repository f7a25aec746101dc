import { useEffect, useState } from 'react';
import { serverNow } from '../api/serverTime';

/** The server's time, ticking once a second. */
export function useNow(): number {
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    const timer = window.setInterval(() => setNow(serverNow()), 1000);
    return () => window.clearInterval(timer);
  }, []);
  return now;
}

import { type RefObject, useEffect, useState } from 'react';

/** So long after the last touch nobody is about to press what was there. */
const AWAY_AFTER_MS = 8_000;
const SIGNS = ['pointermove', 'pointerdown', 'wheel', 'touchmove', 'focusin', 'keydown'] as const;

/** Whether a finger is on a part of the page or just was, or a mouse rests on it. */
export function useFinger(part: RefObject<HTMLElement | null>): boolean {
  const [isThere, setThere] = useState(false);
  useEffect(() => {
    const element = part.current;
    let away: number | undefined;
    const leave = () => {
      if (element?.matches(':hover') && window.matchMedia('(hover: hover)').matches) {
        away = window.setTimeout(leave, AWAY_AFTER_MS);
      } else {
        setThere(false);
      }
    };
    const come = () => {
      setThere(true);
      window.clearTimeout(away);
      away = window.setTimeout(leave, AWAY_AFTER_MS);
    };
    SIGNS.forEach((sign) => element?.addEventListener(sign, come, { passive: true }));
    return () => {
      window.clearTimeout(away);
      SIGNS.forEach((sign) => element?.removeEventListener(sign, come));
    };
  }, [part]);
  return isThere;
}

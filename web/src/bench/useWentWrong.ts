import { createContext, useContext, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';

interface Wrong {
  /** What happened, where another page says so. */
  happened: string;
  isWrong: boolean;
  wentWrong: () => void;
  close: () => void;
}

export const WrongHere = createContext<Wrong>({
  happened: '',
  isWrong: false,
  wentWrong: () => undefined,
  close: () => undefined,
});

/** The page's question of what went wrong, for all that can open it; a link opens it with what happened, from here too. */
export function useWrongHere(): Wrong {
  const [asked] = useSearchParams();
  const happened = asked.get('went-wrong') ?? '';
  const { key } = useLocation();
  const [isPressed, setPressed] = useState(false);
  /** Where the page was when it was closed: who follows such a link again is asked again. */
  const [closedAt, setClosedAt] = useState('');
  const close = () => {
    setPressed(false);
    setClosedAt(key);
  };
  return {
    happened,
    isWrong: isPressed || (happened !== '' && closedAt !== key),
    wentWrong: () => setPressed(true),
    close,
  };
}

/** Opens it from wherever something shows that it is wrong. */
export const useWentWrong = (): Wrong => useContext(WrongHere);

import { createContext, useContext, useState } from 'react';
import { useSearchParams } from 'react-router';

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

/** The page's question of what went wrong, for all that can open it; another page opens it with what happened. */
export function useWrongHere(): Wrong {
  const [asked] = useSearchParams();
  const happened = asked.get('went-wrong') ?? '';
  const [isWrong, setWrong] = useState(happened !== '');
  return { happened, isWrong, wentWrong: () => setWrong(true), close: () => setWrong(false) };
}

/** Opens it from wherever something shows that it is wrong. */
export const useWentWrong = (): Wrong => useContext(WrongHere);

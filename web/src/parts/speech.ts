import { useEffect, useState } from 'react';

/**
 * What the Web Speech API (W3C community group report) has that is needed here. Only where the browser understands speech by
 * itself: what is said in the shop goes nowhere else.
 */
interface Listening {
  lang: string;
  processLocally: boolean;
  onresult: ((event: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  abort: () => void;
}

interface Recognition {
  new (): Listening;
  available?: (asked: { langs: string[]; processLocally: boolean }) => Promise<string>;
}

const LANGUAGE = 'en-US';

const recognition = (): Recognition | undefined =>
  (window as unknown as { SpeechRecognition?: Recognition }).SpeechRecognition;

/** A size as it is said, in the shop's notation. */
export const spokenSize = (said: string): string =>
  said
    .toLowerCase()
    .replace(/\bpoint\s+/g, '.')
    .replace(/(\d)\s+\.(\d)/g, '$1.$2')
    .replace(/\s+over\s+/g, '/')
    .replace(/\bmillimet(?:re|er)s?\b/g, 'mm')
    .replace(/\binch(?:es)?\b/g, 'in')
    .trim();

/** Listens once; @returns nothing where this browser cannot understand by itself */
export function useSpeech(heard: (said: string) => void) {
  const [can, setCan] = useState(false);
  const [listening, setListening] = useState<Listening | undefined>();
  useEffect(() => {
    let isHere = true;
    void recognition()
      ?.available?.({ langs: [LANGUAGE], processLocally: true })
      .then((answer) => isHere && setCan(answer === 'available'));
    return () => {
      isHere = false;
    };
  }, []);
  useEffect(() => () => listening?.abort(), [listening]);
  const Kind = recognition();
  if (!can || !Kind) {
    return undefined;
  }
  const listen = () => {
    const next = new Kind();
    next.lang = LANGUAGE;
    next.processLocally = true;
    next.onresult = ({ results }) => heard(results[0]?.[0]?.transcript ?? '');
    next.onend = () => setListening(undefined);
    next.start();
    setListening(next);
  };
  return { isListening: listening !== undefined, listen };
}

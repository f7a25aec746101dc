import { createContext, useContext, useEffect, useEffectEvent, useState } from 'react';
import { flushSync } from 'react-dom';
import { SENT } from '../api/client';

/**
 * What is typed and not sent yet, kept in this browser by person and place: it outlives leaving, a reload, signing out and
 * a lost connection, and is gone when it has been sent.
 */
interface Kept {
  text: string;
  /** What stood in the field when typing began: a draft over something else is no draft of it. */
  over: string;
  atMillis: number;
}

const PREFIX = 'draft ';
/** What was marked, not typed: it comes back, and nobody is told of it. */
const MARKS = 'marks ';
/** Said to the window when something is to stand in a field again. */
const BACK = 'hilt-back-into-field';
const FORGOTTEN_AFTER_MS = 60 * 24 * 3_600_000;

let owner = 0;

/** Whose drafts are kept from now on. Those that nobody has come back to for two months are forgotten. */
export function draftsAreOf(person: number): void {
  owner = person;
  Object.keys(localStorage)
    .filter(
      (key) =>
        [PREFIX, MARKS].some((kind) => key.startsWith(kind)) &&
        Date.now() - (kept(key)?.atMillis ?? 0) > FORGOTTEN_AFTER_MS,
    )
    .forEach((key) => localStorage.removeItem(key));
}

const keyOf = (place: string, field: string): string => `${PREFIX}${owner} ${place} ${field}`;

function kept(key: string): Kept | undefined {
  try {
    const found = localStorage.getItem(key);
    return found ? (JSON.parse(found) as Kept) : undefined;
  } catch {
    return undefined;
  }
}

function keep(key: string, text: string, over: string): void {
  try {
    localStorage.setItem(key, JSON.stringify({ text, over, atMillis: Date.now() } satisfies Kept));
  } catch {
    // A browser that keeps nothing, or has no room, works on without drafts.
  }
}

/** Whether something that was typed at a place has not been sent. */
export const hasDrafts = (place: string): boolean =>
  Object.keys(localStorage).some((key) => key.startsWith(`${PREFIX}${owner} ${place} `));

function words(body: unknown): string[] {
  if (typeof body === 'object' && body !== null) {
    return Object.values(body).flatMap(words);
  }
  return typeof body === 'string' || typeof body === 'number' ? [String(body).trim()] : [];
}

/** What a field is called on its page. */
export const fieldOf = (name: string, label: string): string => `${name} ${label}`;

/** Puts back into a field what was sent from it and not taken. */
export function backIntoField(place: string, field: string, text: string): void {
  keep(keyOf(place, field), text, '');
  window.dispatchEvent(new Event(BACK));
}

/** What was sent is no draft any more. */
window.addEventListener(SENT, (event) => {
  const sent = new Set(words((event as CustomEvent<unknown>).detail));
  Object.keys(localStorage)
    .filter((key) => key.startsWith(`${PREFIX}${owner} ${location.pathname} `))
    .filter((key) => sent.has(kept(key)?.text.trim() ?? ''))
    .forEach((key) => localStorage.removeItem(key));
});

/** Whether fields keep what is typed: not where a form keeps its own, or where nothing is ever sent. */
export const KeepsDrafts = createContext(true);

/** How many fields of one name are on the page: where two are, nobody could tell whose a draft is. */
const named = new Map<string, number>();

/**
 * A field that keeps what is typed into it. When it comes back over the same, what was typed is in it again.
 *
 * @param field what it is called on its page; nothing if it keeps nothing
 * @returns since when what stands in it has not been sent, and what to call when something is typed
 */
export function useKeptField(field: string | undefined, value: string, onChange: (value: string) => void) {
  const keeps = useContext(KeepsDrafts);
  const key = keeps && field ? keyOf(location.pathname, field) : undefined;
  const [over] = useState(value);
  const [since, setSince] = useState<number | undefined>();
  const restore = useEffectEvent(() => {
    const draft = key && named.get(key) === 1 ? kept(key) : undefined;
    if (draft && draft.over === over && value === over) {
      // At once, so that the next field of the same form sees it before it brings back its own.
      flushSync(() => {
        onChange(draft.text);
        setSince(draft.atMillis);
      });
    }
  });
  useEffect(() => {
    const timer = window.setTimeout(() => restore());
    const again = () => restore();
    window.addEventListener(BACK, again);
    return () => {
      window.clearTimeout(timer);
      window.removeEventListener(BACK, again);
    };
  }, []);
  useEffect(() => {
    if (!key) {
      return undefined;
    }
    named.set(key, (named.get(key) ?? 0) + 1);
    return () => void named.set(key, (named.get(key) ?? 1) - 1);
  }, [key]);
  const type = (next: string) => {
    if (key && named.get(key) === 1) {
      if (next === over) {
        localStorage.removeItem(key);
      } else {
        keep(key, next, over);
      }
    }
    setSince(undefined);
    onChange(next);
  };
  return { since: value === over ? undefined : since, type };
}

/** A form that keeps itself as a whole. @returns what stands in it, and how it is changed and given up */
export function useKeptForm<T>(form: string, empty: T) {
  const key = keyOf(location.pathname, form);
  const [state, setState] = useState<T>(() => {
    const draft = kept(key);
    return draft ? (JSON.parse(draft.text) as T) : empty;
  });
  const [isKept, setKept] = useState(() => kept(key) !== undefined);
  const put = (next: T) => {
    keep(key, JSON.stringify(next), '');
    setState(next);
  };
  const forget = () => {
    localStorage.removeItem(key);
    setKept(false);
    setState(empty);
  };
  return { state, put, isKept, forget };
}

/** What is marked on a page, kept as {@link useKeptForm} keeps what is typed. */
export function useKeptMarks<T>(empty: T): [T, (next: T) => void] {
  const key = `${MARKS}${owner} ${location.pathname}`;
  const [state, setState] = useState<T>(() => {
    const before = kept(key);
    return before ? (JSON.parse(before.text) as T) : empty;
  });
  const put = (next: T) => {
    keep(key, JSON.stringify(next), '');
    setState(next);
  };
  return [state, put];
}

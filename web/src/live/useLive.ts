import { type QueryClient, type QueryKey, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { JournalEntry, SessionView } from '../api/schema';
import { ANNOUNCED, askedAgain, type Kind } from './askAgain';
import { type Call, callOut } from './calls';

const RETRY_AFTER_MS = 2000;
/** The server beats every 15 s: a connection that is silent for longer than this has died without a word. */
const SILENT_FOR_MS = 40_000;
const SHOWN_AT_MOST = 4;
/**
 * A browser keeps six connections to one server: those of pages that nobody sees are given back, but for that of the page
 * that was seen last, which goes on calling.
 */
const UNSEEN_FOR_MS = 5_000;
const SEEN_LAST = 'page seen last';
/** What comes within this of a first entry is asked again together: a page that missed hundreds asks once, not hundreds of times. */
const TOGETHER_MS = 150;

/** Whom nobody's hand tells: these are heard also by whoever looks elsewhere. */
const CALLED_BY: Partial<Record<Kind, Call>> = { REST_UP: 'rest', WINDOW_CLOSING: 'window', ALARM: 'alarm' };

/** Asks again. A first answer that is still on its way may be from before the change: it is asked once more when it is there. */
function askAgain(queries: QueryClient, filters: { queryKey?: QueryKey }) {
  for (const query of queries.getQueryCache().findAll({ ...filters, fetchStatus: 'fetching' })) {
    if (query.state.data === undefined) {
      void query.promise
        ?.catch(() => undefined)
        .then(() => queries.invalidateQueries({ queryKey: query.queryKey, exact: true }));
    }
  }
  void queries.invalidateQueries(filters);
}

/** Follows the shop's changes: what they touch is read anew, and what matters to all is announced. Resumes where it broke off. */
export function useLive(session: SessionView) {
  const [from] = useState(session.sequence);
  const self = session.person?.id;
  const queries = useQueryClient();
  const [isConnected, setConnected] = useState(true);
  const [announced, setAnnounced] = useState<JournalEntry[]>([]);

  useEffect(() => {
    let last = from;
    let source: EventSource;
    let retry: number | undefined;
    let silence: number | undefined;
    let unseen: number | undefined;
    let together: number | undefined;
    const me = String(Math.random());
    const due = new Map<string, QueryKey>();

    function alive() {
      setConnected(true);
      window.clearTimeout(silence);
      silence = window.setTimeout(reopen, SILENT_FOR_MS);
    }

    function reopen() {
      setConnected(false);
      source.close();
      open();
    }

    function askTogether() {
      if (together === undefined && due.size > 0) {
        due.forEach((queryKey) => askAgain(queries, { queryKey }));
        due.clear();
        together = window.setTimeout(() => {
          together = undefined;
          askTogether();
        }, TOGETHER_MS);
      }
    }

    function heard(entry: JournalEntry) {
      alive();
      last = Math.max(last, entry.sequence);
      askedAgain(entry).forEach((queryKey) => due.set(JSON.stringify(queryKey), queryKey));
      askTogether();
      const called = CALLED_BY[entry.kind];
      if (called) {
        callOut(called, entry.words);
      }
      if (ANNOUNCED.has(entry.kind) && entry.personId !== self) {
        setAnnounced((earlier) => [entry, ...earlier].slice(0, SHOWN_AT_MOST));
      }
    }

    /** It stands in no journal: that cannot be written while there is trouble. */
    function askOfTrouble() {
      askAgain(queries, { queryKey: ['trouble'] });
      askAgain(queries, { queryKey: ['backups'] });
    }

    function open() {
      source = new EventSource(`/api/live?after=${last}`);
      source.addEventListener('open', () => {
        alive();
        askOfTrouble();
      });
      source.addEventListener('beat', alive);
      source.addEventListener('change', (event) => heard(JSON.parse(String(event.data)) as JournalEntry));
      source.addEventListener('trouble', askOfTrouble);
      source.addEventListener('everything', () => askAgain(queries, {}));
      source.addEventListener('error', () => {
        setConnected(false);
        if (source.readyState === EventSource.CLOSED) {
          void queries.invalidateQueries({ queryKey: ['session'] });
          retry = window.setTimeout(open, RETRY_AFTER_MS);
        }
      });
    }

    /** What was missed meanwhile comes when the page is seen again, behind the last that was heard. */
    function seen() {
      window.clearTimeout(unseen);
      if (document.visibilityState === 'hidden') {
        unseen = window.setTimeout(pauseUnlessLast, UNSEEN_FOR_MS);
        return;
      }
      localStorage.setItem(SEEN_LAST, me);
      if (source.readyState === EventSource.CLOSED) {
        window.clearTimeout(retry);
        open();
      }
    }

    function pauseUnlessLast() {
      if (document.visibilityState === 'hidden' && localStorage.getItem(SEEN_LAST) !== me) {
        pause();
      }
    }

    function pause() {
      source.close();
      window.clearTimeout(silence);
      window.clearTimeout(retry);
    }

    open();
    seen();
    window.addEventListener('online', reopen);
    window.addEventListener('storage', pauseUnlessLast);
    document.addEventListener('visibilitychange', seen);
    return () => {
      window.removeEventListener('online', reopen);
      window.removeEventListener('storage', pauseUnlessLast);
      document.removeEventListener('visibilitychange', seen);
      window.clearTimeout(unseen);
      window.clearTimeout(together);
      source.close();
      window.clearTimeout(retry);
      window.clearTimeout(silence);
    };
  }, [from, self, queries]);

  return {
    isConnected,
    announced,
    dismiss: (heard: number) => setAnnounced((all) => all.filter((entry) => entry.sequence !== heard)),
  };
}

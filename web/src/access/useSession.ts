import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useContext } from 'react';
import { change, read } from '../api/client';
import type { PersonView, SessionView } from '../api/schema';
import { KnownPerson } from './known';
import { answerWho } from './passkeys';

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => read<SessionView>('/api/session'),
    retry: 10,
    retryDelay: 1500,
  });
}

/** Whose page this is; only below a page that has made sure of it. */
export function usePerson(): PersonView {
  const person = useContext(KnownPerson);
  if (!person) {
    throw new Error('Nobody is signed in');
  }
  return person;
}

/** What was answered to one person is not for the next, even where the server cannot be reached. */
const forgetTheDay = async (): Promise<boolean> => 'caches' in window && caches.delete('day');

/**
 * Signing in and out. Whoever signs in again over their own page finds it as it was; for anybody else the page begins
 * anew, so that nothing that was read for one person is left for the next.
 */
export function useSigning() {
  const queries = useQueryClient();
  const known = useContext(KnownPerson);
  const enter = async (path: string, body: unknown) => {
    const session = await change<SessionView>(path, body);
    if (known && session.person?.id !== known.id) {
      await forgetTheDay();
      window.location.reload();
      return;
    }
    queries.setQueryData(['session'], session);
    await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
  };
  return {
    signIn: (signInName: string, password: string) => enter('/api/sign-in', { signInName, password }),
    signInWithPasskey: async () => enter('/api/sign-in/passkey', await answerWho()),
    signInWithPin: (personId: number, pin: string) => enter('/api/sign-in/pin', { personId, pin }),
    signInToDemo: (personId: number) => enter('/api/sign-in/demo', { personId }),
    setUp: (setup: unknown) => enter('/api/setup', setup),
    signOut: async () => {
      await change('/api/sign-out');
      await forgetTheDay();
      window.location.reload();
    },
  };
}

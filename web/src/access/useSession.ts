import { useQuery, useQueryClient } from '@tanstack/react-query';
import { change, read } from '../api/client';
import type { PersonView, SessionView } from '../api/schema';

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => read<SessionView>('/api/session'),
    retry: 10,
    retryDelay: 1500,
  });
}

/** The person who is signed in; only below a page that has made sure of it. */
export function usePerson(): PersonView {
  const { data } = useSession();
  if (!data?.person) {
    throw new Error('Nobody is signed in');
  }
  return data.person;
}

/** Signing in and out; what was read for one person is forgotten for the next. */
export function useSigning() {
  const queries = useQueryClient();
  const forget = () => queries.removeQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
  const enter = async (path: string, body: unknown) => {
    const session = await change<SessionView>(path, body);
    forget();
    queries.setQueryData(['session'], session);
  };
  return {
    signIn: (signInName: string, password: string) => enter('/api/sign-in', { signInName, password }),
    signInToDemo: (personId: number) => enter('/api/sign-in/demo', { personId }),
    setUp: (setup: unknown) => enter('/api/setup', setup),
    signOut: async () => {
      await change('/api/sign-out');
      queries.setQueryData(['session'], await read<SessionView>('/api/session'));
      forget();
    },
  };
}

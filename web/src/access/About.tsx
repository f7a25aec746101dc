import { Quiet } from '../parts/Sheet';
import { useSession } from './useSession';

/** Which version this is, and under which licences it and what it is made with may be used. */
export function About() {
  const { data: session } = useSession();
  return (
    <Quiet>
      Hilt Board {session?.version}, under the Apache License 2.0. Made with <a href="/notices-page.txt">these</a> and{' '}
      <a href="/notices-server.txt">these</a> programs of others.
    </Quiet>
  );
}

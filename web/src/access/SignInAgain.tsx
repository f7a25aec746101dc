import type { SessionView } from '../api/schema';
import { Ask, Quiet } from '../parts/Sheet';
import { WaysIn } from './SignIn';

/** Over the page of somebody whose session has run out. What they entered is still there when they are in again. */
export function SignInAgain({ session, name }: { session: SessionView; name: string }) {
  return (
    <Ask title="You are signed out" isOpen>
      <Quiet>Sign in again as {name}, and what you entered is still here. For anybody else the page begins anew.</Quiet>
      <WaysIn session={session} />
    </Ask>
  );
}

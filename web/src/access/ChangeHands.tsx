import { useState } from 'react';
import type { SessionView } from '../api/schema';
import { Press } from '../parts/Press';
import { Ask } from '../parts/Sheet';
import { ByPin } from './ByPin';

/** Who has the page; at a shared tablet, a press on the name hands it on. */
export function ChangeHands({ session, name }: { session: SessionView; name: string }) {
  const [isOpen, setOpen] = useState(false);
  if (session.hands.length === 0) {
    return <span>{name}</span>;
  }
  return (
    <>
      <Press aria-label={`${name} has this tablet: hand it on`} onPress={() => setOpen(true)}>
        {name} ⇄
      </Press>
      <Ask title="Who takes over?" isOpen={isOpen} onClose={() => setOpen(false)}>
        <ByPin hands={session.hands} />
      </Ask>
    </>
  );
}

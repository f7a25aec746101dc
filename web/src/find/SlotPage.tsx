import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { read } from '../api/client';
import type { InSlot } from '../api/schema';
import { Listed, Panel, Quiet } from '../parts/Sheet';

/** What lies in a slot: where the code on its tag leads. */
export default function SlotPage() {
  const { slot = '' } = useParams();
  const { data } = useQuery({ queryKey: ['piece', 'slots'], queryFn: () => read<InSlot[]>('/api/slots') });
  if (!data) {
    return <Quiet>One moment…</Quiet>;
  }
  const lying = data.filter((each) => each.slot.toLowerCase() === slot.toLowerCase());
  return (
    <>
      <h1>Slot {slot}</h1>
      <Panel aria-label="What lies here">
        {lying.length === 0 ? <Quiet>Nothing has this slot. A piece is given one on its page.</Quiet> : null}
        <Listed>
          {lying.map((each) => (
            <li key={each.piece}>
              <Link to={`/pieces/${each.piece}`}>
                {each.name} {each.title}
              </Link>
              , {each.stage}
            </li>
          ))}
        </Listed>
      </Panel>
    </>
  );
}

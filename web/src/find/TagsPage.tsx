import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { read } from '../api/client';
import type { InSlot, Racks, WallView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Quiet, Row } from '../parts/Sheet';

/** As large as a luggage tag, so that a camera reads it at arm's length. */
const Sheet = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, 72mm);
  gap: 3mm;
  li {
    display: grid;
    grid-template-columns: 26mm minmax(0, 1fr);
    gap: 2mm;
    align-items: center;
    width: 72mm;
    height: 30mm;
    padding: 1.5mm;
    overflow: hidden;
    border: 0.3mm solid ${({ theme }) => theme.ink};
    border-radius: 2mm;
    background: #fff;
    break-inside: avoid;
    font-size: 9.5pt;
    line-height: 1.2;
  }
  img {
    width: 26mm;
    height: 26mm;
  }
  strong {
    display: block;
    font-family: ${({ theme }) => theme.label};
    font-size: 15pt;
  }
`;

interface TagOf {
  page: string;
  name: string;
  words: string;
}

const KINDS = [
  { value: 'pieces', words: 'Pieces' },
  { value: 'lots', words: 'What lies on the racks' },
  { value: 'slots', words: 'Slots' },
];

/** Tags to print and hang on: a phone's camera opens the page of what it hangs on. */
export default function TagsPage() {
  const [search, setSearch] = useSearchParams();
  const kind = search.get('of') ?? 'pieces';
  const job = search.get('job') ?? '';
  const one = search.get('one') ?? '';
  const tags = useTags(kind).filter((tag) => (!job || tag.job === Number(job)) && (!one || tag.page === one));
  return (
    <>
      <div data-no-print>
        <h1>Tags</h1>
        <Row>
          <Choice label="Of" value={kind} options={KINDS} onChange={(of) => setSearch({ of })} />
          <Press data-kind="main" isDisabled={tags.length === 0} onPress={() => window.print()}>
            Print {tags.length}
          </Press>
          {job || one ? <Press onPress={() => setSearch({ of: kind })}>All of them</Press> : null}
        </Row>
        {kind === 'slots' ? (
          <NewSlot onAdd={(slot) => setSearch({ of: kind, slot: [...search.getAll('slot'), slot] })} />
        ) : null}
        {tags.length === 0 ? <Quiet>There is nothing to hang a tag on.</Quiet> : null}
      </div>
      <Sheet>
        {tags.map((tag) => (
          <li key={tag.page}>
            <img alt={`Code for ${tag.name}`} src={`/api/tag.svg?page=${encodeURIComponent(tag.page)}`} />
            <span>
              <strong>{tag.name}</strong>
              {tag.words}
            </span>
          </li>
        ))}
      </Sheet>
    </>
  );
}

/** A slot that nothing lies in yet has a tag too. */
function NewSlot({ onAdd }: { onAdd: (slot: string) => void }) {
  const [slot, setSlot] = useState('');
  const add = () => {
    if (slot.trim()) {
      onAdd(slot.trim());
      setSlot('');
    }
  };
  return (
    <Row>
      <Entry label="Another slot" isPassing value={slot} onChange={setSlot} onEnter={add} />
      <Press onPress={add}>Add it</Press>
    </Row>
  );
}

function useTags(kind: string): (TagOf & { job?: number })[] {
  const [search] = useSearchParams();
  const { data: wall } = useQuery({
    queryKey: ['wall'],
    queryFn: () => read<WallView>('/api/wall'),
    enabled: kind === 'pieces',
  });
  const { data: stock } = useQuery({
    queryKey: ['stock', 'racks'],
    queryFn: () => read<Racks>('/api/stock'),
    enabled: kind === 'lots',
  });
  const { data: slots } = useQuery({
    queryKey: ['piece', 'slots'],
    queryFn: () => read<InSlot[]>('/api/slots'),
    enabled: kind === 'slots',
  });
  switch (kind) {
    case 'lots':
      return (stock?.racks ?? []).flatMap((rack) =>
        rack.lots.map((lot) => ({
          page: `/stock/lots/${lot.id}`,
          name: `Lot ${lot.id}`,
          words: [lot.words, lot.mark].filter(Boolean).join(', '),
        })),
      );
    case 'slots':
      return [...new Set([...search.getAll('slot'), ...(slots ?? []).map((each) => each.slot)])].map((slot) => ({
        page: `/slots/${encodeURIComponent(slot)}`,
        name: slot,
        words: 'Slot of the rack',
      }));
    default:
      return (wall?.rails ?? []).flatMap((rail) =>
        rail.pieces
          .filter((piece) => piece.standing === 'ALIVE')
          .map((piece) => ({
            page: `/pieces/${piece.id}`,
            name: piece.name,
            words: [rail.title, piece.facts, piece.whose].filter(Boolean).join(', '),
            job: rail.jobId,
          })),
      );
  }
}

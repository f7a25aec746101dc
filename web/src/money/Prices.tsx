import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { styled } from 'styled-components';
import { usePerson } from '../access/useSession';
import { change, read } from '../api/client';
import type { PriceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Quiet } from '../parts/Sheet';

const List = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 0.5rem 1.2rem;
`;

/** What the shop pays for materials, and what an hour costs. A price is kept when its field is left. */
export default function Prices() {
  const person = usePerson();
  const { data } = useQuery({ queryKey: ['prices'], queryFn: () => read<PriceView[]>('/api/prices') });
  return (
    <>
      <h1>Prices</h1>
      <Quiet>
        In the shop’s own currency. A price is kept when you leave its field.
        {person.role === 'OWNER' ? '' : ' Only the owner may change one.'}
      </Quiet>
      <List>
        {data?.map((price) => (
          <Price key={`${price.item} ${price.amount}`} price={price} />
        ))}
      </List>
    </>
  );
}

function Price({ price }: { price: PriceView }) {
  const [amount, setAmount] = useState(price.amount);
  const queries = useQueryClient();
  const { problem, run } = useCaught();
  const keep = () => {
    if (amount !== price.amount) {
      void run(async () => {
        await change('/api/prices', { item: price.item, amount });
        await queries.invalidateQueries({ queryKey: ['prices'] });
      });
    }
  };
  return (
    <Entry
      label={price.words}
      name={price.item}
      value={amount}
      onChange={setAmount}
      onLeave={keep}
      onEnter={keep}
      echo={price.per}
      problem={problem?.at(price.item) ?? problem?.message}
    />
  );
}

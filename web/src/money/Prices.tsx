import { useState } from 'react';
import { styled } from 'styled-components';
import { usePerson } from '../access/useSession';
import { change } from '../api/client';
import type { PriceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Quiet, Row } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { dayWithYear } from '../parts/words';
import { usePrices } from './usePrices';

const List = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 0.5rem 1.2rem;
  align-items: start;
  small {
    display: block;
    color: ${({ theme }) => theme.quiet};
  }
`;

/** What the shop pays for materials, and what an hour costs. A price is kept when its field is left. */
export default function Prices() {
  const isOwner = usePerson().role === 'OWNER';
  const [from, setFrom] = useState('');
  const { data } = usePrices();
  const [sought, setSought] = useState('');
  const [isOnlyOpen, setOnlyOpen] = useState(false);
  const shown = (data?.prices ?? []).filter(
    (price) => price.words.toLowerCase().includes(sought.trim().toLowerCase()) && !(isOnlyOpen && price.amount !== ''),
  );
  const groups = [...new Set(shown.map((price) => price.group))];
  return (
    <>
      <h1>Prices</h1>
      <Quiet>
        {isOwner
          ? 'A price is kept when you leave its field. What it was before stays known, and drawings are reckoned with what holds today.'
          : 'Only the owner may change one.'}
      </Quiet>
      {data && isOwner ? (
        <Row>
          <Currency key={data.currency} named={data.currency} />
          <Entry
            label="New prices hold from"
            name="from"
            value={from}
            onChange={setFrom}
            echo={from ? 'as 2027-01-31' : 'today'}
          />
        </Row>
      ) : null}
      <Row>
        <Entry label="Look for" value={sought} onChange={setSought} isPassing />
        <Tick words="Only what has no price yet" isTicked={isOnlyOpen} onChange={setOnlyOpen} />
      </Row>
      {groups.map((group) => (
        <section key={group} aria-label={group}>
          <h2>{group}</h2>
          <List>
            {shown
              .filter((price) => price.group === group)
              .map((price) => (
                <Price key={`${price.item} ${price.amount}`} price={price} from={from} />
              ))}
          </List>
        </section>
      ))}
      {data && groups.length === 0 ? <Quiet>Nothing here is called so.</Quiet> : null}
    </>
  );
}

function Currency({ named }: { named: string }) {
  const [currency, setCurrency] = useState(named);
  const { problem, run } = useCaught();
  const keep = () => {
    if (currency !== named) {
      void run(() => change('/api/prices/currency', { currency }));
    }
  };
  return (
    <Entry
      label="The shop’s currency"
      name="currency"
      value={currency}
      onChange={setCurrency}
      onLeave={keep}
      onEnter={keep}
      echo="three letters, such as EUR"
      problem={problem?.at('currency') ?? problem?.message}
    />
  );
}

function Price({ price, from }: { price: PriceView; from: string }) {
  const [amount, setAmount] = useState(price.amount);
  const { problem, run } = useCaught();
  const keep = () => {
    if (amount !== price.amount) {
      void run(() => change('/api/prices', { item: price.item, amount, from }));
    }
  };
  return (
    <div>
      <Entry
        label={price.words}
        name={price.item}
        value={amount}
        onChange={setAmount}
        onLeave={keep}
        onEnter={keep}
        echo={price.per}
        problem={problem?.at(price.item) ?? problem?.at('from') ?? problem?.message}
      />
      {price.history.length > 1
        ? price.history.map((each) => (
            <small key={`${each.from} ${each.amount}`}>
              {each.amount} from {dayWithYear(each.from)}
            </small>
          ))
        : null}
    </div>
  );
}

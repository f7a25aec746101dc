import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { change, read } from '../api/client';
import type { AbilitiesView, Holder } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Ask, Listed, Row, Trouble } from '../parts/Sheet';
import type { Station } from '../route/useStations';

interface PutOnProps {
  /** What is put on somebody, as it follows on “Who does”. */
  what: string;
  holder: Holder;
  address: string;
  body?: object;
  /** Where the work is, if it is at one station: what people can do there is said. */
  station?: Station;
  isLarge?: boolean;
}

/** As {@link PutOn}, as one press that says who has it. */
export function WhoHas({ name, ...put }: PutOnProps & { name: string }) {
  const me = usePerson();
  const [isAsking, setAsking] = useState(false);
  const isFree = me.role === 'OWNER' || put.holder.id === me.id;
  return isFree || put.holder.id === 0 ? (
    <>
      <Press aria-label={`${put.what} is with ${name}: change it`} onPress={() => setAsking(true)}>
        {name}
      </Press>
      <AskWho {...put} isOnlySelf={!isFree} isOpen={isAsking} onClose={() => setAsking(false)} />
    </>
  ) : (
    name
  );
}

/** Takes what is nobody's, hands on what is one's own, and lets an owner put anything on anybody. */
export function PutOn(put: PutOnProps) {
  const me = usePerson();
  const [isAsking, setAsking] = useState(false);
  const { problem, isBusy, run } = useCaught();
  const isMine = put.holder.id === me.id;
  return (
    <>
      {put.holder.id === 0 ? (
        <Press
          data-large={put.isLarge || undefined}
          isDisabled={isBusy}
          onPress={() => void run(() => change(put.address, { ...put.body, person: me.id, word: '' }))}
        >
          I take it
        </Press>
      ) : null}
      {me.role === 'OWNER' || isMine ? (
        <Press data-large={put.isLarge || undefined} onPress={() => setAsking(true)}>
          {isMine ? 'Hand it on' : 'Put on somebody'}
        </Press>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <AskWho {...put} isOpen={isAsking} onClose={() => setAsking(false)} />
    </>
  );
}

interface AskWhoProps extends PutOnProps {
  isOpen: boolean;
  onClose: () => void;
  /** Whether nobody but the reader can be chosen. */
  isOnlySelf?: boolean;
}

function AskWho({ what, holder, address, body, station, isOpen, onClose, isOnlySelf }: AskWhoProps) {
  const { problem, isBusy, run } = useCaught();
  const put = (person: number, word: string) =>
    void run(async () => {
      await change(address, { ...body, person, word });
      onClose();
    });
  return (
    <Ask title={`Who does ${what}?`} isOpen={isOpen} onClose={onClose}>
      <OnWhom
        holder={holder}
        station={station}
        isOnlySelf={isOnlySelf}
        isBusy={isBusy}
        problem={problem?.message}
        onChoose={put}
      />
      <Row>
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </Ask>
  );
}

interface OnWhomProps {
  holder: Holder;
  station?: Station;
  isOnlySelf?: boolean;
  isBusy: boolean;
  problem?: string;
  onChoose: (person: number, word: string) => void;
}

function OnWhom({ holder, station, isOnlySelf, isBusy, problem, onChoose }: OnWhomProps) {
  const me = usePerson();
  const { data: people } = useQuery({
    queryKey: ['people', 'abilities'],
    queryFn: () => read<AbilitiesView[]>('/api/abilities'),
  });
  const [word, setWord] = useState('');
  return (
    <>
      <Entry label="A word with it, if you like" value={word} onChange={setWord} />
      <Listed>
        {people
          ?.filter((each) => each.person !== holder.id && (!isOnlySelf || each.person === me.id))
          .map((each) => (
            <li key={each.person}>
              <Press data-large isDisabled={isBusy} onPress={() => onChoose(each.person, word)}>
                {each.name}
                {ability(each, station)}
              </Press>
            </li>
          ))}
        {holder.id === 0 ? null : (
          <li>
            <Press data-large isDisabled={isBusy} onPress={() => onChoose(0, word)}>
              Nobody: whoever comes first
            </Press>
          </li>
        )}
      </Listed>
      {problem ? <Trouble role="alert">{problem}</Trouble> : null}
    </>
  );
}

function ability(person: AbilitiesView, station?: Station): string {
  switch (person.stations.find((each) => each.station === station)?.ability) {
    case 'LEARNS':
      return ', who is learning it';
    case 'NOT':
      return ', who does not work there';
    default:
      return '';
  }
}

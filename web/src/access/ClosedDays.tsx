import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { ClosedDay } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row } from '../parts/Sheet';
import { dayWithYear } from '../parts/words';
import { usePerson } from './useSession';

/** The days on which nobody works: days in hand and the earliest day know them. */
export function ClosedDays() {
  const isOwner = usePerson().role === 'OWNER';
  const queries = useQueryClient();
  const { data: closed } = useQuery({
    queryKey: ['closed-days'],
    queryFn: () => read<ClosedDay[]>('/api/closed-days'),
  });
  const [day, setDay] = useState('');
  const [words, setWords] = useState('');
  const { problem, isBusy, run } = useCaught();
  const tell = (path: string, body: object, then?: () => void) =>
    void run(async () => {
      await change(path, body);
      then?.();
      await queries.invalidateQueries({ queryKey: ['closed-days'] });
    });
  const clear = () => {
    setDay('');
    setWords('');
  };
  return (
    <Panel aria-label="Closed days">
      <h2>Closed days</h2>
      <Quiet>Besides Saturdays and Sundays. Days in hand and the earliest day are worked out around them.</Quiet>
      <ul>
        {closed?.map((each) => (
          <li key={each.day}>
            <Row>
              <span>
                {dayWithYear(each.day)}
                {each.words ? `, ${each.words}` : ''}
              </span>
              {isOwner ? (
                <Press
                  aria-label={`Open on ${dayWithYear(each.day)} after all`}
                  isDisabled={isBusy}
                  onPress={() => tell('/api/closed-days/open', { day: each.day })}
                >
                  Open after all
                </Press>
              ) : null}
            </Row>
          </li>
        ))}
      </ul>
      {isOwner ? (
        <Row>
          <Entry label="Closed on" name="day" type="date" value={day} onChange={setDay} problem={problem?.at('day')} />
          <Entry label="Why" name="words" value={words} onChange={setWords} problem={problem?.at('words')} />
          <Press
            data-kind="main"
            isDisabled={isBusy || !day}
            style={{ alignSelf: 'end' }}
            onPress={() => tell('/api/closed-days', { day, words }, clear)}
          >
            Close the shop
          </Press>
        </Row>
      ) : null}
      <Refused problem={problem} />
    </Panel>
  );
}

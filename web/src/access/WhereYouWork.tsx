import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { AbilitiesView, AbilityView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { StationWords } from '../route/StationWords';
import { usePerson } from './useSession';

type Ability = AbilityView['ability'];

const TURN: Record<Ability, Ability> = { CAN: 'LEARNS', LEARNS: 'NOT', NOT: 'CAN' };
const WORDS: Record<Ability, string> = { CAN: 'works here', LEARNS: 'is learning', NOT: 'not' };

/** At which stations somebody works and what they are learning: the bench shows each their own. */
export function WhereYouWork() {
  const me = usePerson();
  const queries = useQueryClient();
  const { data } = useQuery({
    queryKey: ['people', 'abilities'],
    queryFn: () => read<AbilitiesView[]>('/api/abilities'),
  });
  const [chosen, choose] = useState(me.id);
  const { problem, isBusy, run } = useCaught();
  const person = data?.find((each) => each.person === chosen);
  const say = (stations: readonly AbilityView[]) =>
    void run(async () => {
      await change(`/api/people/${chosen}/abilities`, { stations });
      await queries.invalidateQueries({ queryKey: ['people', 'abilities'] });
    });
  const turn = (at: AbilityView) =>
    say(person?.stations.map((each) => (each === at ? { ...each, ability: TURN[each.ability] } : each)) ?? []);
  return (
    <Panel aria-label="Stations">
      <h2>Who works where</h2>
      {me.role === 'OWNER' && data ? (
        <Choice
          label="Maker"
          value={String(chosen)}
          options={data.map((each) => ({ value: String(each.person), words: each.name }))}
          onChange={(id) => choose(Number(id))}
        />
      ) : null}
      <Quiet>
        {person?.hasSaid
          ? 'The bench shows as anybody’s what is at these stations. Press to change.'
          : 'Nothing has been said: the bench shows every station. Press what is not, or what is being learned.'}
      </Quiet>
      <Row>
        {person?.stations.map((each) => (
          <Press
            key={each.station}
            isDisabled={isBusy}
            data-kind={each.ability === 'CAN' ? 'main' : undefined}
            onPress={() => turn(each)}
          >
            <StationWords station={each.station} />: {WORDS[each.ability]}
          </Press>
        ))}
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

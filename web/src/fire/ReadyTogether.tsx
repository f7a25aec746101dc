import { Link, useNavigate } from 'react-router';
import { change } from '../api/client';
import type { TogetherView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Faces } from './Fire.styles';
import { useTogether } from './useFire';

/** What is ready for a heat, as it can burn together; one press makes a load of it. */
export function ReadyTogether() {
  const { data } = useTogether();
  return (
    <Panel aria-label="Ready for the fire">
      <h2>Ready for the fire</h2>
      {data?.length === 0 ? (
        <Quiet>Nothing waits for a heat that is not in a load. What is ready at the bench for one stands here.</Quiet>
      ) : null}
      <Faces>
        {data?.map((fire) => (
          <OneFire key={`${fire.treatment} ${fire.kilnId} ${fire.pieces[0]?.piece}`} fire={fire} />
        ))}
      </Faces>
    </Panel>
  );
}

function OneFire({ fire }: { fire: TogetherView }) {
  const { problem, isBusy, run } = useCaught();
  const go = useNavigate();
  const plan = () =>
    void run(async () => {
      const { about } = await change('/api/fire/loads', { kiln: fire.kilnId, treatment: fire.treatment });
      for (const { piece } of fire.pieces) {
        // Slot by slot, in this order.
        // oxlint-disable-next-line no-await-in-loop
        await change(`/api/fire/loads/${about}/join`, { piece });
      }
      await go(`/fire/loads/${about}`);
    });
  return (
    <section aria-label={`${fire.words}: ${fire.pieces.map((each) => each.name).join(', ')}`}>
      <h3>
        {fire.words}
        {fire.kiln ? `, ${fire.kiln}` : ''}
      </h3>
      <p>
        {fire.pieces.map((each, index) => (
          <span key={each.piece}>
            {index > 0 ? ', ' : ''}
            <Link to={`/fire/pieces/${each.piece}`}>{each.name}</Link> ({each.steel})
          </span>
        ))}
      </p>
      {fire.whyNot.map((why) => (
        <Quiet key={why}>{why}</Quiet>
      ))}
      {fire.kilnId ? (
        <Row>
          <Press data-kind="main" isDisabled={isBusy} onPress={plan}>
            {fire.pieces.length === 1 ? 'Make a load of it' : `Make a load of these ${fire.pieces.length}`}
          </Press>
        </Row>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </section>
  );
}

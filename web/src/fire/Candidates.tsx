import { change } from '../api/client';
import type { LoadView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { Lines, Slot, SlotList } from './Fire.styles';

/** Pieces that could share this fire, and those that cannot, with the reason. */
export function Candidates({ load }: { load: LoadView }) {
  const { problem, isBusy, run } = useCaught();
  const can = load.candidates.filter((each) => each.whyNot.length === 0);
  const cannot = load.candidates.filter((each) => each.whyNot.length > 0);
  return (
    <Panel aria-label="Who can join">
      <h2>Who can join</h2>
      {can.length === 0 ? <Quiet>Nobody is ready for this fire now.</Quiet> : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <SlotList>
        {can.map((piece) => (
          <Slot key={piece.id} aria-label={piece.name} data-turn>
            <b>+</b>
            <div>
              <em>{piece.name}</em> {piece.job}
              <small>
                {piece.steel}, {piece.words}
              </small>
            </div>
            <div>
              <Press
                isDisabled={isBusy}
                onPress={() => void run(() => change(`/api/fire/loads/${load.id}/join`, { piece: piece.id }))}
              >
                Into the load
              </Press>
            </div>
          </Slot>
        ))}
      </SlotList>
      {cannot.length > 0 ? (
        <details>
          <summary style={{ minHeight: '44px', paddingTop: '0.6rem', cursor: 'pointer' }}>
            {cannot.length} cannot join yet, and why
          </summary>
          <SlotList>
            {cannot.map((piece) => (
              <Slot key={piece.id} aria-label={piece.name}>
                <b>–</b>
                <div>
                  <em>{piece.name}</em> {piece.job}, {piece.steel}
                  <Lines>
                    {piece.whyNot.map((why) => (
                      <li key={why}>{why}</li>
                    ))}
                  </Lines>
                </div>
                <div />
              </Slot>
            ))}
          </SlotList>
        </details>
      ) : null}
    </Panel>
  );
}

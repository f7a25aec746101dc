import { change } from '../api/client';
import type { ConsultView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Panel, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';

/** The links that were made, and how they stand. */
export function Links({ talk }: { talk: ConsultView }) {
  const { problem, isBusy, run } = useCaught();
  if (talk.links.length === 0) {
    return null;
  }
  return (
    <Panel aria-label="Links">
      <h2>Links to the client</h2>
      {talk.links.map((link) => (
        <Row key={link.id}>
          <span>Revision {link.revision}</span>
          {link.isOpen ? (
            <>
              <a href={link.path} target="_blank" rel="noreferrer">
                {location.origin + link.path}
              </a>
              <span>open until {moment(link.expiresAtMillis)}</span>
              <Press
                isDisabled={isBusy}
                onPress={() => void run(() => change(`/api/jobs/${talk.jobId}/links/${link.id}/withdraw`))}
              >
                Withdraw
              </Press>
            </>
          ) : (
            <span>{link.isWithdrawn ? 'withdrawn' : 'expired'}</span>
          )}
        </Row>
      ))}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

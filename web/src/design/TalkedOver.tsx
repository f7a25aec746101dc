import { upload } from '../api/client';
import type { ConsultView } from '../api/schema';
import { Updates } from '../device/Updates';
import { useCaught } from '../parts/Caught';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Wished } from './Wished';
import { Sheets } from './Consult.styles';

/** What the client said, in their words, beside what was decided. */
export function TalkedOver({ talk }: { talk: ConsultView }) {
  const wishes = talk.revisions.flatMap((revision) =>
    revision.wishes.map((wish) => ({ ...wish, revision: revision.number })),
  );
  return (
    <Sheets>
      <Panel aria-label="What was said and what was decided">
        <h2>What {talk.clientName} said</h2>
        <p>
          <q>{talk.useWords}</q>
        </p>
        <Wished wishes={talk.wishes} />
        <Sketches talk={talk} />
      </Panel>
      <Panel aria-label="What changed and why">
        <h2>What changed and why</h2>
        <ul>
          {talk.revisions.map((revision) => (
            <li key={revision.number}>
              <strong>Revision {revision.number}.</strong> {revision.words}{' '}
              {revision.changes.length > 0 ? <Quiet>{revision.changes.join('; ')}.</Quiet> : null}
            </li>
          ))}
        </ul>
        {wishes.map((wish) => (
          <p key={wish.atMillis}>
            {moment(wish.atMillis)}, {wish.name} about revision {wish.revision}: <q>{wish.words}</q>
          </p>
        ))}
      </Panel>
      <Updates job={talk.jobId} />
    </Sheets>
  );
}

/** What the client drew or brought, beside what was made of it. */
function Sketches({ talk }: { talk: ConsultView }) {
  const { problem, run } = useCaught();
  const take = (picture: File) => void run(() => upload(`/api/jobs/${talk.jobId}/sketches`, picture));
  return (
    <>
      {talk.sketches.map((sketch) => (
        <img
          key={sketch.id}
          src={sketch.path}
          alt={`The client’s sketch, ${sketch.fileName}`}
          style={{ maxWidth: '100%' }}
        />
      ))}
      <div>
        <PickFile accepts={PICTURES} onPicked={take}>
          Add the client’s sketch
        </PickFile>
      </div>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </>
  );
}

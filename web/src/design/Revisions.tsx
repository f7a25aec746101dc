import { useState } from 'react';
import { change, findingWords } from '../api/client';
import type { Answers, ConsultView, Reading, RevisionView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Files } from '../parts/Files';
import { PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Beside } from './Beside';
import { BringOutline } from './BringOutline';
import { Links } from './Links';
import { SendLink } from './SendLink';
import type { Entries } from './useConsult';

interface RevisionsProps {
  talk: ConsultView;
  chosen: Entries;
  isChanged: boolean;
  shown?: Reading;
  onEntries: (entries: Entries) => void;
  onKept: () => void;
}

/** The revisions, newest first: keep the knife as it stands, lay two over each other, send one, write down a yes. */
export function Revisions({ talk, chosen, isChanged, shown, onEntries, onKept }: RevisionsProps) {
  const [beside, setBeside] = useState<number | undefined>();
  const [sending, setSending] = useState<RevisionView | undefined>();
  const [approving, setApproving] = useState<RevisionView | undefined>();
  const latest = talk.revisions.length;
  return (
    <>
      <Keep talk={talk} chosen={chosen} isChanged={isChanged} onKept={onKept} />
      <BringIn chosen={chosen} onEntries={onEntries} />
      {talk.revisions.toReversed().map((revision) => (
        <Panel key={revision.number} aria-label={`Revision ${revision.number}`}>
          <Row>
            <h2>Revision {revision.number}</h2>
            <Quiet>{revision.by ? `${revision.by}, ${moment(revision.atMillis)}` : 'as taken'}</Quiet>
            {revision.approval ? (
              <strong>
                Approved by {revision.approval.name}, {moment(revision.approval.atMillis)}
                {revision.approval.writtenBy ? ` (written down by ${revision.approval.writtenBy})` : ''}
              </strong>
            ) : null}
          </Row>
          {revision.words ? <p>{revision.words}</p> : null}
          {revision.changes.length > 0 ? <Quiet>{revision.changes.join('; ')}.</Quiet> : null}
          {revision.wishes.map((wish) => (
            <p key={wish.atMillis}>
              {wish.name}: <q>{wish.words}</q>
            </p>
          ))}
          <Row>
            {revision.number > 1 ? (
              <Press onPress={() => setBeside(revision.number)}>Lay over revision {revision.number - 1}</Press>
            ) : null}
            {talk.isApproved ? null : <Press onPress={() => setSending(revision)}>Send to the client</Press>}
            {talk.isApproved ? null : <Press onPress={() => setApproving(revision)}>Approved at the table</Press>}
          </Row>
          <Files base={`/api/jobs/${talk.jobId}/revisions/${revision.number}/files`} />
        </Panel>
      ))}
      <Links talk={talk} />
      {beside ? (
        <Beside
          job={talk.jobId}
          first={beside - 1}
          second={beside}
          latest={latest}
          onClose={() => setBeside(undefined)}
        />
      ) : null}
      {sending ? (
        <SendLink
          talk={talk}
          revision={sending}
          figures={shown?.figures?.figures ?? []}
          onClose={() => setSending(undefined)}
        />
      ) : null}
      {approving ? <Approve talk={talk} revision={approving} onClose={() => setApproving(undefined)} /> : null}
    </>
  );
}

function Keep({
  talk,
  chosen,
  isChanged,
  onKept,
}: {
  talk: ConsultView;
  chosen: Entries;
  isChanged: boolean;
  onKept: () => void;
}) {
  const [words, setWords] = useState('');
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/jobs/${talk.jobId}/revisions`, { entries: chosen, words });
      onKept();
    });
  if (!isChanged) {
    return <Quiet>The drawing stands as revision {talk.revisions.length}.</Quiet>;
  }
  return (
    <Panel aria-label="Keep this drawing">
      <Entry label="What we changed, and why" value={words} onChange={setWords} lines problem={problem?.at('words')} />
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <div>
        <Press data-kind="main" data-large isDisabled={isBusy} onPress={keep}>
          Keep as revision {talk.revisions.length + 1}
        </Press>
      </div>
    </Panel>
  );
}

/** Takes a specification that was written as a file onto the table; nothing is kept until the owner keeps it. */
function BringIn({ chosen, onEntries }: { chosen: Entries; onEntries: (entries: Entries) => void }) {
  const [isOutline, setOutline] = useState(false);
  const { problem, run } = useCaught();
  const take = (file: File) =>
    void run(async () =>
      onEntries((await change<Answers>('/api/exchange/specification', { text: await file.text() })).entries),
    );
  return (
    <Row>
      <PickFile accepts={['.json', 'application/json']} onPicked={take}>
        Bring in a specification file
      </PickFile>
      <Press onPress={() => setOutline(true)}>Bring in an outline</Press>
      {isOutline ? <BringOutline chosen={chosen} onEntries={onEntries} onClose={() => setOutline(false)} /> : null}
      {problem ? (
        <Trouble role="alert">
          {problem.findings.length > 0
            ? problem.findings.map((finding) => `${finding.field}: ${findingWords(finding)}`).join(' ')
            : problem.message}
        </Trouble>
      ) : null}
    </Row>
  );
}

function Approve({ talk, revision, onClose }: { talk: ConsultView; revision: RevisionView; onClose: () => void }) {
  const [name, setName] = useState(talk.clientName);
  const { problem, isBusy, run } = useCaught();
  const approve = () =>
    void run(async () => {
      await change(`/api/jobs/${talk.jobId}/revisions/${revision.number}/approve`, { name });
      onClose();
    });
  return (
    <Ask title={`Revision ${revision.number} is approved`} isOpen onClose={onClose}>
      <p>Who says yes to this drawing? Steel is cut to it from now on.</p>
      <Entry label="Name" value={name} onChange={setName} problem={problem?.at('name')} />
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={approve}>
          Write down the yes
        </Press>
        <Press onPress={onClose}>Not yet</Press>
      </Row>
    </Ask>
  );
}

import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { change, read } from '../api/client';
import { serverNow } from '../api/serverTime';
import type { BackupsView, BackupView, BroughtView, Contents, RestoredView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Ask, Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockTime, dayWithYearOf, moment, resting } from '../parts/words';
import { Bringing } from './Bringing';
import { lastGood, useBackups } from './useBackups';

const percent = (part: number): string => `${Math.round(part * 100)} %`;

/** Copies of the whole shop: how old the last good one is, one more, and one put in the place of what is here. */
export default function BackupPage() {
  const { data, error } = useBackups();
  return (
    <>
      <h1>Backup</h1>
      {error ? <Trouble role="alert">{error.message}</Trouble> : null}
      {data ? (
        <>
          <Now backups={data} />
          <Copies backups={data} />
          <Second backups={data} />
          <Places />
        </>
      ) : null}
    </>
  );
}

function Now({ backups }: { backups: BackupsView }) {
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const last = lastGood(backups);
  const making = backups.making[0];
  const tell = (path: string) =>
    void run(async () => queries.setQueryData(['backups'], await change<BackupsView>(path)));
  return (
    <Panel aria-label="The last good backup">
      <h2>{last ? `The last good backup is ${age(last)}` : 'There is no backup yet'}</h2>
      <Quiet>
        Every night at three, or as soon as the program runs again, the whole shop is copied beside the work: jobs,
        pieces, photographs, journal. Each copy is opened and looked through before it counts. Those of {backups.keeps}{' '}
        are kept, in {backups.folder}
      </Quiet>
      <p>
        The shop also goes out in <Link to="/along">files that any other program can read</Link>.
      </p>
      {backups.failure ? <Trouble role="alert">{backups.failure}</Trouble> : null}
      {making ? (
        <Row>
          <progress aria-label="The backup that is being made" value={making.part} />
          <span>{making.part < 1 ? `A backup is being made: ${percent(making.part)}` : 'It is looked through'}</span>
          <Press isDisabled={isBusy} onPress={() => tell('/api/backups/stop')}>
            Stop it
          </Press>
        </Row>
      ) : (
        <div>
          <Press data-kind="main" isDisabled={isBusy} onPress={() => tell('/api/backups')}>
            Make one now
          </Press>
        </div>
      )}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function age(copy: BackupView): string {
  const count = Math.floor((serverNow() - copy.takenAtMillis) / 60_000);
  return count < 1 ? 'less than a minute old' : `${resting(count)} old`;
}

function Copies({ backups }: { backups: BackupsView }) {
  const queries = useQueryClient();
  const [chosen, setChosen] = useState('');
  const { problem, isBusy, run } = useCaught();
  return (
    <Panel aria-label="Copies">
      <h2>Copies</h2>
      {backups.copies.length === 0 ? <Quiet>None yet.</Quiet> : null}
      <Listed>
        {backups.copies.map((copy) => (
          <li key={copy.name}>
            <Row>
              <span>
                <strong>{moment(copy.takenAtMillis)}</strong>, {copy.why}, {copy.size}
              </span>
              <a href={`/api/backups/${copy.name}/file`} download={copy.name}>
                Save this copy
              </a>
              <Press aria-label={`Bring back ${moment(copy.takenAtMillis)}`} onPress={() => setChosen(copy.name)}>
                Bring back…
              </Press>
            </Row>
          </li>
        ))}
      </Listed>
      <Row>
        <Bringing<BroughtView>
          path="/api/backups/brought"
          accepts={['.db', '.zip']}
          isDisabled={isBusy}
          run={run}
          onBrought={async ({ name }) => {
            await queries.invalidateQueries({ queryKey: ['backups'] });
            setChosen(name);
          }}
        >
          Bring a copy from another place…
        </Bringing>
      </Row>
      {problem ? <Trouble role="alert">{problem.findings[0]?.problem ?? problem.message}</Trouble> : null}
      {chosen ? <BringBack key={chosen} name={chosen} onClose={() => setChosen('')} /> : null}
    </Panel>
  );
}

/** What is in a copy, before it takes the place of what is here. */
function BringBack({ name, onClose }: { name: string; onClose: () => void }) {
  const [contents, setContents] = useState<Contents | undefined>();
  const [restored, setRestored] = useState<RestoredView | undefined>();
  const { problem, isBusy, run } = useCaught();
  const look = () => void run(async () => setContents(await read<Contents>(`/api/backups/${name}`)));
  const restore = () => void run(async () => setRestored(await change<RestoredView>(`/api/backups/${name}/restore`)));
  return (
    <Ask title="Bring this copy back" isOpen onClose={onClose}>
      <p>{name}</p>
      {restored ? (
        <p role="status">
          The shop starts anew with this copy; sign in again in a moment. What was here until now lies in{' '}
          {restored.aside}
        </p>
      ) : contents ? (
        <>
          <p>
            <strong>{contents.shopName}</strong>: {contents.people} people, {contents.jobs} jobs, {contents.pieces}{' '}
            pieces, {contents.photographs === 1 ? '1 photograph' : `${contents.photographs} photographs`},{' '}
            {contents.changes} lines of journal.{' '}
            {contents.lastChangeMillis
              ? `The last thing done in it: ${dayWithYearOf(contents.lastChangeMillis)}, ${clockTime(contents.lastChangeMillis)}.`
              : 'Nothing is done in it yet.'}
          </p>
          <p>
            All that was done since then is not in it. What is here now is kept aside on the server’s machine, not
            thrown away. Everybody is signed out.
          </p>
          {contents.people > 0 && contents.passwords === 0 ? (
            <Trouble>
              Nobody has a password in it. At the server’s machine ./hilt reset-password NAME makes a new one, by a
              sign-in name.
            </Trouble>
          ) : null}
          <Row>
            <Press data-kind="alarm" isDisabled={isBusy} onPress={restore}>
              Put it in the place of what is here
            </Press>
            <Press onPress={onClose}>Leave all as it is</Press>
          </Row>
        </>
      ) : (
        <Row>
          <Press data-kind="main" isDisabled={isBusy} onPress={look}>
            {isBusy ? 'Looking through it…' : 'Look what is in it'}
          </Press>
          <Press onPress={onClose}>Leave all as it is</Press>
        </Row>
      )}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Ask>
  );
}

function Second({ backups }: { backups: BackupsView }) {
  const queries = useQueryClient();
  const [path, setPath] = useState(backups.second);
  const { problem, isBusy, run } = useCaught();
  const choose = (chosen: string) =>
    void run(async () => {
      await change('/api/backups/second', { path: chosen });
      setPath(chosen);
      await queries.invalidateQueries({ queryKey: ['backups'] });
    });
  return (
    <Panel aria-label="A second place">
      <h2>A second place</h2>
      <Quiet>
        A disk that breaks takes its backups with it. Name a folder on another disk, or on another machine whose disk is
        mounted here, and every copy goes there too.
      </Quiet>
      {backups.secondFailure ? <Trouble role="alert">{backups.secondFailure}</Trouble> : null}
      <Row>
        <Entry
          label="Folder on the server’s machine"
          name="path"
          value={path}
          onChange={setPath}
          problem={problem?.at('path')}
          echo={backups.second ? 'Every copy goes there' : 'None yet'}
        />
        <Press
          data-kind="main"
          isDisabled={isBusy || !path.trim() || path === backups.second}
          onPress={() => choose(path)}
        >
          Copy there too
        </Press>
        {backups.second ? (
          <Press isDisabled={isBusy} onPress={() => choose('')}>
            Not any more
          </Press>
        ) : null}
      </Row>
      <Refused problem={problem} />
    </Panel>
  );
}

/** What a camera writes beside a picture leaves the shop in no letter; here it is taken out of those that the shop keeps. */
function Places() {
  const [isAsked, setAsked] = useState(false);
  const [count, setCount] = useState<number | undefined>();
  const { problem, isBusy, run } = useCaught();
  const forget = () =>
    void run(async () => {
      setCount((await change('/api/photos/without-place')).about);
      setAsked(false);
    });
  return (
    <Panel aria-label="What cameras write beside pictures">
      <h2>What cameras write beside pictures</h2>
      <Quiet>
        Where, when and with which device a picture was taken. Pictures leave the shop without it, in letters and on
        clients’ pages. Here it is also taken out of those that the shop keeps; which way up they are stays.
      </Quiet>
      <Row>
        {isAsked ? (
          <>
            <Press data-kind="alarm" isDisabled={isBusy} onPress={forget}>
              {isBusy ? 'Taking it out…' : 'Take it out for good'}
            </Press>
            <Press isDisabled={isBusy} onPress={() => setAsked(false)}>
              Leave all as it is
            </Press>
          </>
        ) : (
          <Press onPress={() => setAsked(true)}>Take it out of all pictures…</Press>
        )}
        {count === undefined ? null : (
          <span role="status">{count === 1 ? 'Taken out of 1 picture.' : `Taken out of ${count} pictures.`}</span>
        )}
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

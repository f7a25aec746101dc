import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { change, read } from '../api/client';
import type { AlongView, BroughtJob, Change, Client, JobLine } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Press } from '../parts/Press';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { clockTime, dayWithYearOf, moment } from '../parts/words';
import { Bringing } from './Bringing';

const LOOK_EVERY_MS = 1000;

/** The presses stand beside what is chosen, not beside its label. */
const Asked = styled(Row)`
  align-items: end;
`;

/** The shop, a job or all about a client, in files that any program can read; a job in, and a client forgotten. */
export default function AlongPage() {
  const { data, error } = useQuery({
    queryKey: ['along'],
    queryFn: () => read<AlongView>('/api/along'),
    refetchInterval: ({ state }) => (state.data?.writing.length ? LOOK_EVERY_MS : false),
  });
  return (
    <>
      <h1>Taking along</h1>
      {error ? <Trouble role="alert">{error.message}</Trouble> : null}
      {data ? (
        <>
          <Archive along={data} />
          <Shop along={data} />
          <Job along={data} />
          <Clients along={data} />
        </>
      ) : null}
    </>
  );
}

/** Begins to write an archive of one thing. */
function useWriting() {
  const queries = useQueryClient();
  const caught = useCaught();
  const write = (what: 'SHOP' | 'JOB' | 'CLIENT', id = 0) =>
    void caught.run(async () => {
      await change('/api/along', { what, id });
      await queries.invalidateQueries({ queryKey: ['along'] });
    });
  return { ...caught, write };
}

/** What is being written, or was last, whichever of the three it is. */
function Archive({ along }: { along: AlongView }) {
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const writing = along.writing[0];
  const written = along.written[0];
  const stop = () => void run(async () => queries.setQueryData(['along'], await change<AlongView>('/api/along/stop')));
  return writing || written || along.failure ? (
    <Panel aria-label="The archive" role="status">
      {writing ? (
        <Row>
          <progress aria-label="The archive that is being written" value={writing.part} />
          <span>
            {writing.name}: {Math.round(writing.part * 100)} % is written
          </span>
          <Press isDisabled={isBusy} onPress={stop}>
            Stop it
          </Press>
        </Row>
      ) : null}
      {written && !writing ? (
        <>
          <p>
            <strong>Written {moment(written.writtenAtMillis)}:</strong>{' '}
            <a href="/api/along/file" download={written.name}>
              {written.name}
            </a>
            , {written.size}
          </p>
          <Quiet>It stays until another is written. Whoever has it knows all that is in it.</Quiet>
        </>
      ) : null}
      {along.failure ? <Trouble role="alert">{along.failure}</Trouble> : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  ) : null;
}

function Shop({ along }: { along: AlongView }) {
  const { problem, isBusy, write } = useWriting();
  return (
    <Panel aria-label="The whole shop">
      <h2>The whole shop</h2>
      <Quiet>
        One archive of open files: every job, piece, reading, note, load, lot and line of the journal as JSON Lines with
        its schema and as tables, pictures as they came in, drawings as SVG. Another program can read it. Hilt Board
        takes it in again, here or on another machine, where copies are <Link to="/backup">brought back</Link>. Nobody’s
        password is in it: after it has come in, everybody needs a new one.
      </Quiet>
      <div>
        <Press data-kind="main" isDisabled={isBusy || along.writing.length > 0} onPress={() => write('SHOP')}>
          Write the whole shop
        </Press>
      </div>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function Job({ along }: { along: AlongView }) {
  const [chosen, setChosen] = useState('');
  const [brought, setBrought] = useState<BroughtJob | undefined>();
  const { problem, isBusy, run, write } = useWriting();
  return (
    <Panel aria-label="One job">
      <h2>One job, from shop to shop</h2>
      <Quiet>
        With its pieces, what was measured, noted and photographed, and what was talked over. Stock, loads and the
        journal stay. A single specification goes by its piece’s files, a steel by{' '}
        <Link to="/fire/steels">the steels’</Link>.
      </Quiet>
      <Asked>
        <Choice label="Job" value={chosen} options={along.jobs.map(asOption)} onChange={setChosen} />
        <Press
          data-kind="main"
          isDisabled={isBusy || !chosen || along.writing.length > 0}
          onPress={() => write('JOB', Number(chosen))}
        >
          Write this job
        </Press>
        <Bringing<BroughtJob>
          path="/api/along/brought"
          accepts={['.zip']}
          isDisabled={isBusy}
          run={run}
          onBrought={setBrought}
        >
          Bring a job from another shop…
        </Bringing>
      </Asked>
      {problem ? <Trouble role="alert">{problem.findings[0]?.problem ?? problem.message}</Trouble> : null}
      {brought ? <TakeIn job={brought} onClose={() => setBrought(undefined)} /> : null}
    </Panel>
  );
}

const asOption = (job: JobLine) => ({ value: String(job.id), words: job.words });

const counted = (count: number, one: string, more: string): string => `${count} ${count === 1 ? one : more}`;

function TakeIn({ job, onClose }: { job: BroughtJob; onClose: () => void }) {
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const take = () =>
    void run(async () => {
      await change(`/api/along/brought/${job.name}/take`);
      await queries.invalidateQueries({ queryKey: ['along'] });
      onClose();
    });
  const written = Date.parse(job.writtenAt);
  return (
    <Ask title="Take this job in" isOpen onClose={onClose}>
      <p>
        <strong>{job.job}</strong>, {counted(job.pieces, 'piece', 'pieces')},{' '}
        {counted(job.photographs, 'photograph', 'photographs')}
        {Number.isNaN(written) ? '' : `, written ${dayWithYearOf(written)}, ${clockTime(written)}`}.
      </p>
      <p>
        It gets this shop’s next number. Whoever worked on it and is not of this shop stands among the people as
        somebody who has left. Pages that its client was sent are closed.
      </p>
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={take}>
          Take it in
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
      {problem ? <Trouble role="alert">{problem.findings[0]?.problem ?? problem.message}</Trouble> : null}
    </Ask>
  );
}

function Clients({ along }: { along: AlongView }) {
  const [chosen, setChosen] = useState('');
  const [isAsked, setAsked] = useState(false);
  const { problem, isBusy, write } = useWriting();
  const client = along.clients.find((each) => String(each.id) === chosen && !each.isForgotten);
  return (
    <Panel aria-label="What the shop knows of a client">
      <h2>What the shop knows of a client</h2>
      <Quiet>
        A client may ask for all that is kept about them, and to be forgotten. Then name and contact are taken out of
        everything that belongs to their jobs; what the knives are stays.
      </Quiet>
      <Asked>
        <Choice
          label="Client"
          value={client ? chosen : ''}
          options={along.clients
            .filter((each) => !each.isForgotten)
            .map((each) => ({ value: String(each.id), words: `${each.name} (${each.jobs.join(', ')})` }))}
          onChange={setChosen}
        />
        <Press
          data-kind="main"
          isDisabled={isBusy || !client || along.writing.length > 0}
          onPress={() => write('CLIENT', Number(chosen))}
        >
          Write all about them
        </Press>
        <Press isDisabled={!client} onPress={() => setAsked(true)}>
          Forget them…
        </Press>
      </Asked>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {client && isAsked ? <Forget client={client} onClose={() => setAsked(false)} /> : null}
    </Panel>
  );
}

function Forget({ client, onClose }: { client: Client; onClose: () => void }) {
  return (
    <Ask title={`Forget ${client.name}`} isOpen onClose={onClose}>
      {client.living > 0 ? (
        <p>
          {client.living === 1 ? 'One piece of theirs is' : `${client.living} pieces of theirs are`} still being made:
          who is forgotten cannot be told when it is ready. Hand it over first.
        </p>
      ) : (
        <ForGood client={client} onClose={onClose} />
      )}
    </Ask>
  );
}

/** Every text that changes is shown before it does. */
function ForGood({ client, onClose }: { client: Client; onClose: () => void }) {
  const queries = useQueryClient();
  const { problem, isBusy, run } = useCaught();
  const [words, setWords] = useState(true);
  const path = `/api/along/clients/${client.id}/forget`;
  const { data: changes } = useQuery({
    queryKey: ['along', client.id, words],
    queryFn: () => read<Change[]>(`${path}?words=${words}`),
  });
  const forget = () =>
    void run(async () => {
      await change(path, { words });
      await queries.invalidateQueries();
      onClose();
    });
  return (
    <>
      <p>
        Name, contact, for whom their pieces were, and how they signed are taken out of{' '}
        {counted(client.jobs.length, 'job', 'jobs')} ({client.jobs.join(', ')}) with notes, letters and journal, for
        good. The pages that they were sent are closed. Photographs and sketches stay: look through them yourself.
      </p>
      <Tick words="Single words of the name too" isTicked={words} onChange={setWords} />
      {changes ? (
        <details>
          <summary>{counted(changes.length, 'text changes', 'texts change')}</summary>
          <ul>
            {changes.map((each, index) => (
              <li key={index}>
                <del>{each.before}</del> <ins>{each.after}</ins>
              </li>
            ))}
          </ul>
        </details>
      ) : null}
      <p>
        Copies of the shop that were made before still have them: those that the program keeps by itself for up to a
        year, those elsewhere until you throw them away.
      </p>
      <Row>
        <Press data-kind="alarm" isDisabled={isBusy || !changes} onPress={forget}>
          Forget them for good
        </Press>
        <Press onPress={onClose}>Leave all as it is</Press>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </>
  );
}

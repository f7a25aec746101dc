import { Link, useNavigate, useSearchParams } from 'react-router';
import { change } from '../api/client';
import type { PieceView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { KeepsDrafts, useKeptForm } from '../parts/drafts';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Preview } from './Preview';
import { SpecificationFields } from './SpecificationFields';
import { Table } from './NewCommission.styles';
import { useQuestions, useReading } from './useDesign';
import { useLike } from './useLike';
import { type Wish, Wishes } from './Wishes';

/** Outline and sections are drawn afterwards, with the client at the table. */
const TALKED_GROUPS = ['Knife', 'Blade', 'Edge', 'Handle', 'Sheath'];
/** What is made without a client is made for stock, as a trial, or as a gift. */
const KINDS = [
  { value: 'COMMISSION', words: 'A client’s commission' },
  { value: 'STOCK', words: 'For stock' },
  { value: 'TRIAL', words: 'As a trial' },
  { value: 'GIFT', words: 'As a gift' },
];
const EMPTY_JOB = {
  clientName: '',
  clientContact: '',
  title: '',
  useWords: '',
  promisedOn: '',
  pieces: '1',
  ordered: '',
};

const EMPTY = {
  job: EMPTY_JOB,
  kind: 'COMMISSION',
  wishes: [] as Wish[],
  typed: {} as Record<string, string>,
};

/** What a new talk takes over from an old knife. */
const asItWas = (old: PieceView): typeof EMPTY => ({
  ...EMPTY,
  job: {
    ...EMPTY_JOB,
    clientName: old.client.name,
    clientContact: old.client.contact,
    title: old.job.title,
    useWords: old.client.useWords,
  },
  typed: Object.fromEntries(
    old.knife.specification.filter((line) => !line.isUsual).map((line) => [line.field, line.entry]),
  ),
});

/** The talk at the table: what it is for, what was asked and agreed, and the knife as it grows. */
export default function NewCommission() {
  const navigate = useNavigate();
  const { data: questions } = useQuestions();
  const [search] = useSearchParams();
  const { state, put: keep, isKept, forget } = useKeptForm(`new commission ${search.get('like') ?? ''}`, EMPTY);
  const { job, kind, wishes, typed } = state;
  const isForClient = kind === 'COMMISSION';
  const { reading } = useReading(typed, job.useWords);
  const entries = { ...reading?.entries, ...typed };
  const like = useLike((old) => {
    if (!isKept) {
      keep(asItWas(old));
    }
  });
  const beginAnew = () => {
    forget();
    if (like) {
      keep(asItWas(like));
    }
  };
  const { problem, isBusy, run } = useCaught();

  const put = (field: keyof typeof EMPTY_JOB) => (value: string) => keep({ ...state, job: { ...job, [field]: value } });
  const wrong = (field: string) => problem?.at(field);
  const take = () =>
    void run(async () => {
      const receipt = await change('/api/jobs', {
        ...job,
        kind,
        clientName: isForClient ? job.clientName : '',
        pieces: Number(job.pieces) || 0,
        ordered: isForClient ? Number(job.ordered || job.pieces) || 0 : 0,
        wishes,
        specification: typed,
      });
      forget();
      await navigate(`/pieces/${receipt.about}`);
    });

  return (
    <>
      <h1>New commission</h1>
      {like ? (
        <Quiet>
          As <Link to={`/pieces/${like.id}`}>{like.name}</Link> was made: change what is to be different.
        </Quiet>
      ) : null}
      {isKept ? (
        <Row>
          <Quiet>This is what you had typed before.</Quiet>
          <Press onPress={beginAnew}>Begin anew</Press>
        </Row>
      ) : null}
      <KeepsDrafts value={false}>
        <Table>
          <div>
            <Panel aria-label="The talk">
              <h2>The talk</h2>
              <Row>
                <Choice
                  label="It is made as"
                  value={kind}
                  options={KINDS}
                  onChange={(value) => keep({ ...state, kind: value })}
                />
                {isForClient ? (
                  <>
                    <Entry
                      label="Client"
                      name="clientName"
                      value={job.clientName}
                      onChange={put('clientName')}
                      problem={wrong('clientName')}
                    />
                    <Entry label="How to reach them" value={job.clientContact} onChange={put('clientContact')} />
                  </>
                ) : null}
              </Row>
              <Entry
                label={isForClient ? 'What is it for, in the client’s words?' : 'What is it for?'}
                name="useWords"
                value={job.useWords}
                onChange={put('useWords')}
                problem={wrong('useWords')}
                lines
              />
              <Row>
                <Entry
                  label="Called in the shop"
                  name="title"
                  value={job.title}
                  onChange={put('title')}
                  problem={wrong('title')}
                />
                <Entry
                  label="Promised for"
                  name="promisedOn"
                  type="date"
                  value={job.promisedOn}
                  onChange={put('promisedOn')}
                  problem={wrong('promisedOn')}
                />
                <Entry
                  label="Pieces"
                  name="pieces"
                  value={job.pieces}
                  onChange={put('pieces')}
                  problem={wrong('pieces')}
                />
                {isForClient && job.pieces !== '1' ? (
                  <Entry
                    label="Of these ordered"
                    name="ordered"
                    value={job.ordered}
                    onChange={put('ordered')}
                    problem={wrong('ordered')}
                    echo={job.ordered ? 'the others are spares of the shop' : 'all of them'}
                  />
                ) : null}
              </Row>
              <Wishes
                wishes={wishes}
                strengths={questions?.strengths ?? []}
                onChange={(next) => keep({ ...state, wishes: next })}
                problem={wrong('wishes')}
              />
            </Panel>
            <Panel aria-label="Specification">
              <SpecificationFields
                groups={TALKED_GROUPS}
                entries={entries}
                reading={reading}
                onChange={(field, value) => keep({ ...state, typed: { ...typed, [field]: value } })}
              />
            </Panel>
          </div>
          <aside>
            <Preview reading={reading} finish={entries['finish'] ?? ''} useWords={job.useWords} />
            <Panel>
              {problem ? (
                <Trouble role="alert">{problem.message}</Trouble>
              ) : (
                <Quiet>
                  {isForClient
                    ? 'Steel is cut only after the client has approved the outline.'
                    : 'There is no client to say yes: steel can be cut at once, and it can be sold to one later.'}
                </Quiet>
              )}
              <Press data-kind="main" data-large isDisabled={isBusy || !reading} onPress={take}>
                Take the job
              </Press>
            </Panel>
          </aside>
        </Table>
      </KeepsDrafts>
    </>
  );
}

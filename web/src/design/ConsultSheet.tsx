import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { styled } from 'styled-components';
import { change } from '../api/client';
import type { ConsultView, Reading } from '../api/schema';
import { Silhouette } from '../blade/Silhouette';
import { Press } from '../parts/Press';
import { Quiet, Row, Trouble } from '../parts/Sheet';
import { dayWithYear } from '../parts/words';
import { Table } from './Consult.styles';
import { useTalk } from './useConsult';
import { useQuestions } from './useDesign';

const Paper = styled.article`
  background: #fff;
  padding: 1.2rem 1.4rem;
  max-width: 980px;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
  @media print {
    padding: 0;
    max-width: none;
    font-size: 9.5pt;
    gap: 0.35rem;
    h1 {
      font-size: 15pt;
    }
    h2 {
      font-size: 11pt;
    }
  }
`;

const Blue = styled.div`
  background: ${({ theme }) => theme.blue};
  padding: 0.8rem;
  print-color-adjust: exact;
  svg {
    width: 100%;
    height: auto;
    max-height: 44mm;
  }
`;

const Columns = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4rem 1.6rem;
  align-items: start;
  @media screen and (max-width: 620px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const Small = styled.dl`
  margin: 0;
  columns: 3 14rem;
  column-gap: 1.4rem;
  font-size: 0.85rem;
  font-variant-numeric: tabular-nums;
  @media print {
    font-size: 7.5pt;
  }
  div {
    break-inside: avoid;
    display: flex;
    justify-content: space-between;
    gap: 0.5rem;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  dd {
    margin: 0;
    text-align: right;
    font-weight: 700;
  }
`;

/** The talk on one sheet of paper: the drawing, the numbers, what was said, and a line to sign on. */
export default function ConsultSheet() {
  const job = Number(useParams().job);
  const { data: talk, error } = useTalk(job);
  const revision = talk?.revisions[talk.revisions.length - 1];
  const { data: reading } = useQuery({
    queryKey: ['consult', job, 'sheet', revision?.number],
    queryFn: () =>
      change<Reading>('/api/design/read', {
        entries: revision?.entries ?? {},
        before: revision?.entries ?? {},
        useWords: '',
      }),
    enabled: Boolean(revision),
  });
  if (!talk || !reading?.drawing) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row data-no-print>
        <Press data-kind="main" onPress={() => window.print()}>
          Print the sheet
        </Press>
        <Link to={`/jobs/${job}/consult`}>Back to the talk</Link>
      </Row>
      <OneSheet talk={talk} reading={reading} />
    </>
  );
}

function OneSheet({ talk, reading }: { talk: ConsultView; reading: Reading }) {
  const { data: questions } = useQuestions();
  const revision = talk.revisions[talk.revisions.length - 1];
  const drawing = reading.drawing;
  return (
    <Paper>
      <h1>
        {talk.number} · {talk.title}, revision {revision?.number}
      </h1>
      <p>
        For {talk.clientName}: <q>{talk.useWords}</q> Promised for {dayWithYear(talk.promisedOn)}.
      </p>
      {drawing ? (
        <Blue>
          <Silhouette
            drawing={drawing}
            state="HANDED_OVER"
            finish={reading.entries['finish'] ?? ''}
            material={reading.entries['handleMaterial']}
            scale={3}
            label="The knife"
          />
        </Blue>
      ) : null}
      <Columns>
        <div>
          <h2>The knife</h2>
          <Table>
            <tbody>
              {reading.figures?.figures.map((figure) => (
                <tr key={figure.key}>
                  <td>{figure.label}</td>
                  <td>{figure.words}</td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
        <div>
          <h2>What was said</h2>
          <Table>
            <tbody>
              {talk.wishes.map((wish) => (
                <tr key={wish.words}>
                  <td>
                    {wish.words} <small>({wish.strength})</small>
                  </td>
                  <td>
                    {wish.asked ? `${wish.asked} → ` : ''}
                    {wish.agreed}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          {revision?.words ? <p>{revision.words}</p> : null}
        </div>
      </Columns>
      <Small>
        {questions?.fields
          .filter((field) => reading.asked.includes(field.key))
          .map((field) => (
            <div key={field.key}>
              <dt>{field.label}</dt>
              <dd>{reading.understood[field.key]}</dd>
            </div>
          ))}
      </Small>
      <p>
        {revision?.approval
          ? `Approved by ${revision.approval.name}.`
          : 'Approved, name and date: ______________________________________________'}
      </p>
    </Paper>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { change, read } from '../api/client';
import type { ConsignmentView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { dayWithYear } from '../parts/words';

const BACK = [
  { value: '', words: 'Not looked at yet' },
  { value: 'RIGHT', words: 'As on the sheet' },
  { value: 'DIFFERENT', words: 'Different' },
  { value: 'MISSING', words: 'Missing' },
];
const CAME: Record<string, string> = { RIGHT: 'as on the sheet', DIFFERENT: 'different', MISSING: 'missing' };

/** A send-out sheet: as it goes along with the blades, and as they came back. */
export default function ConsignmentPage() {
  const id = Number(useParams().id);
  const { data: sheet } = useQuery({
    queryKey: ['fire', 'treater', id],
    queryFn: () => read<ConsignmentView>(`/api/fire/treater/${id}`),
    enabled: Number.isFinite(id),
  });
  if (!sheet) {
    return <Quiet>One moment…</Quiet>;
  }
  return (
    <>
      <Row data-no-print>
        <h1>Send-out sheet {sheet.id}</h1>
        <Link to="/fire/treater">All sheets</Link>
        <a href={`/api/fire/treater/${sheet.id}/sheet.pdf`}>As PDF</a>
      </Row>
      <Panel aria-label="Sheet">
        <h2>
          {sheet.shop} to {sheet.treater}
        </h2>
        <p>
          Out {dayWithYear(sheet.outOn)}, promised back {dayWithYear(sheet.backOn)}; sent by {sheet.sentBy}.{' '}
          {sheet.pieces.length} {sheet.pieces.length === 1 ? 'blade' : 'blades'}.
        </p>
        <p>
          Straightness: {sheet.straightness}. Cold treatment: {sheet.isCold ? 'yes, before the first temper' : 'no'}.{' '}
          {sheet.words}
        </p>
        <Facts>
          <thead>
            <tr>
              {['Mark', 'Steel', 'Condition', 'Edge left', 'Hardness wanted', sheet.returnedOn ? 'Came back' : ''].map(
                (head) => (
                  <th key={head} scope="col">
                    {head}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody>
            {sheet.pieces.map((piece) => (
              <tr key={piece.pieceId}>
                <td>
                  <Link to={`/pieces/${piece.pieceId}`}>{piece.mark}</Link>
                </td>
                <td>{piece.steel}</td>
                <td>{piece.condition}</td>
                <td>{piece.edge}</td>
                <td>{piece.hardness}</td>
                <td>
                  {CAME[piece.backAs]} {piece.backWords}{' '}
                  {piece.isOpen ? (
                    <Link to={`/bench/${piece.pieceId}/${piece.operation}?went-wrong=OTHER`}>What now?</Link>
                  ) : null}
                </td>
              </tr>
            ))}
          </tbody>
        </Facts>
        {sheet.returnedOn ? <Quiet>Came back {dayWithYear(sheet.returnedOn)}.</Quiet> : null}
      </Panel>
      {sheet.returnedOn ? null : <Back sheet={sheet} />}
    </>
  );
}

function Back({ sheet }: { sheet: ConsignmentView }) {
  const [back, setBack] = useState<Record<number, { as: string; words: string }>>({});
  const { problem, isBusy, run } = useCaught();
  const of = (piece: number) => back[piece] ?? { as: '', words: '' };
  const looked = sheet.pieces.filter((piece) => of(piece.pieceId).as);
  const send = () =>
    void run(() =>
      change(`/api/fire/treater/${sheet.id}/returned`, {
        pieces: looked.map((piece) => ({ piece: piece.pieceId, ...of(piece.pieceId) })),
      }),
    );
  return (
    <Panel aria-label="Back from the treater" data-no-print>
      <h2>Back from the treater</h2>
      <Quiet>
        Count them, compare the marks, look for scale and warp, test the hardness. What differs is asked about; what is
        missing is held.
      </Quiet>
      {sheet.pieces.map((piece) => (
        <Row key={piece.pieceId}>
          <Choice
            label={piece.mark}
            value={of(piece.pieceId).as}
            options={BACK}
            onChange={(as) => setBack({ ...back, [piece.pieceId]: { ...of(piece.pieceId), as } })}
          />
          {of(piece.pieceId).as === 'DIFFERENT' ? (
            <Entry
              label="What is different"
              name={`different${piece.pieceId}`}
              value={of(piece.pieceId).words}
              onChange={(words) => setBack({ ...back, [piece.pieceId]: { as: 'DIFFERENT', words } })}
            />
          ) : null}
        </Row>
      ))}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={send}>
          They are back
        </Press>
      </Row>
    </Panel>
  );
}
